using System.IO.Compression;
using FluentValidation;
using Microsoft.AspNetCore.Http.HttpResults;
using MimeKit;
using Nido.Catalog;
using Nido.Core;
using Nido.Core.Families;
using Nido.Core.Paper;
using Nido.Core.Paper.Adults;
using Nido.Data;
using Nido.Sheets;
using Nido.Web.Common;
using Nido.Web.Paper;

namespace Nido.Web.Families;

/// <summary>
/// Letters on their way out: mail for the families with an address, each in its language, laid into the outbox of the house as
/// files that a mail program opens; paper for the others. Nothing is sent by itself.
/// </summary>
public static class OutboxEndpoints
{
    /// <summary>Adds the endpoints.</summary>
    public static void MapOutbox(this RouteGroupBuilder api)
    {
        var letters = api.MapGroup("/weeks/{weekId}/letters").WithTags("Families");
        letters.MapGet("/", Look).WithName("getLetters");
        letters.MapPost("/outbox", Lay).WithName("layLetters");
        letters.MapGet("/mail.zip", Zip).WithName("lettersZip");
        letters.MapGet("/paper.pdf", OnPaper).WithName("lettersOnPaper");
    }

    private static async Task<Ok<LettersView>> Look(
        string weekId,
        Named<LetterKind> kind,
        FamilyReading reading,
        SiteFolder folder,
        CancellationToken stop
    ) => TypedResults.Ok(View(await reading.EachAsync(weekId, kind.Value, stop), folder, 0));

    private static async Task<Ok<LettersView>> Lay(
        string weekId,
        LettersToLay body,
        FamilyReading reading,
        Content content,
        SiteFolder folder,
        CancellationToken stop
    )
    {
        var each = await reading.EachAsync(weekId, body.Kind, stop);
        Directory.CreateDirectory(folder.Outbox);
        var laid = 0;
        foreach (var family in each.Where(HasMail))
        {
            var path = Path.Combine(folder.Outbox, NameOf(family, ++laid));
            using var message = await MessageAsync(family, reading, content, stop);
            await using var file = new FileStream(path, SiteFolder.Fresh(FileMode.Create, FileShare.None));
            await message.WriteToAsync(file, stop);
        }

        return TypedResults.Ok(View(each, folder, laid));
    }

    private static async Task<FileContentHttpResult> Zip(
        string weekId,
        Named<LetterKind> kind,
        FamilyReading reading,
        Content content,
        CancellationToken stop
    )
    {
        using var bytes = new MemoryStream();
        var each = (await reading.EachAsync(weekId, kind.Value, stop)).Where(HasMail).ToArray();
        using (var zip = new ZipArchive(bytes, ZipArchiveMode.Create, leaveOpen: true))
        {
            for (var k = 0; k < each.Length; k++)
            {
                using var message = await MessageAsync(each[k], reading, content, stop);
                await using var entry = await zip.CreateEntry(NameOf(each[k], k + 1)).OpenAsync(stop);
                await message.WriteToAsync(entry, stop);
            }
        }

        return TypedResults.File(bytes.ToArray(), "application/zip", "letters.zip");
    }

    private static async Task<FileContentHttpResult> OnPaper(
        string weekId,
        Named<LetterKind> kind,
        FamilyReading reading,
        Content content,
        CancellationToken stop
    )
    {
        var pages = new List<Page>();
        var title = "";
        foreach (var family in (await reading.EachAsync(weekId, kind.Value, stop)).Where(f => !HasMail(f)))
        {
            var pictures = await reading.PicturesAsync(family, stop);
            var pad = WeekPaperEndpoints.Pad(family.Plan, LanguageOf(family), content);
            FamilyPage.Draw(pad, family.Letter(pad.Words), pictures);
            pages.AddRange(pad.Done());
            title = pad.Words.Say("kind.family-page");
        }

        if (pages.Count == 0)
        {
            var pad = WeekPaperEndpoints.Pad(await reading.PlanAsync(weekId, stop), Speaking.Now.Language, content);
            FamilyPage.Nobody(pad);
            pages.AddRange(pad.Done());
        }

        return TypedResults.File(
            SheetPdf.Of(title.Length > 0 ? title : PaperWords.In("en").Say("kind.family-page"), "en", pages),
            "application/pdf",
            "letters.pdf"
        );
    }

    private static LettersView View(IReadOnlyList<WeekOfFamily> each, SiteFolder folder, int laid) =>
        new(
            [
                .. each.Select(f => new LetterOf(
                    f.Child!.Id,
                    f.Child.Name,
                    HasMail(f),
                    LanguageOf(f),
                    LanguageOf(f) == f.Child.HomeLanguage
                )),
            ],
            laid,
            Directory.Exists(folder.Outbox) ? Directory.GetFiles(folder.Outbox, "*.eml").Length : 0,
            folder.Outbox
        );

    private static async Task<MimeMessage> MessageAsync(
        WeekOfFamily family,
        FamilyReading reading,
        Content content,
        CancellationToken stop
    )
    {
        var language = LanguageOf(family);
        var letter = family.Letter(content.Tongue(language) ?? Tongue.English);
        var group = family.Plan.Problem.Group;
        return LetterMail.Of(
            letter,
            language,
            group.Place.Length > 0 ? $"{group.Place}, {group.Name}" : group.Name,
            HomeBodyValidator.IsAddress(group.Settings.LettersFrom) ? group.Settings.LettersFrom : "",
            family.Child!.AtHome.Email,
            await reading.PicturesAsync(family, stop)
        );
    }

    /// <summary>What came in with a file was not asked at its field: what is no address gets paper.</summary>
    private static bool HasMail(WeekOfFamily family) =>
        family.Child!.AtHome.Email is { Length: > 0 } address && HomeBodyValidator.IsAddress(address);

    /// <summary>The language at home where Nido writes it, else English.</summary>
    private static string LanguageOf(WeekOfFamily family) => family.Child!.HomeLanguage == "es" ? "es" : "en";

    /// <summary>Name of a file; a number stands in it and no child.</summary>
    private static string NameOf(WeekOfFamily family, int number) =>
        $"{family.Plan.Problem.FirstDay:yyyy-MM-dd}-{$"{family.Kind}".ToLowerInvariant()}-"
        + $"{family.Plan.Problem.Group.Id}-{number:00}.eml";
}

/// <summary>Which letters are laid into the outbox.</summary>
public sealed record LettersToLay(LetterKind Kind);

/// <summary>Who gets what.</summary>
/// <param name="Families">Each family.</param>
/// <param name="Laid">Letters laid just now.</param>
/// <param name="InOutbox">Letters that lie in the outbox.</param>
/// <param name="Folder">Where it is.</param>
public sealed record LettersView(IReadOnlyList<LetterOf> Families, int Laid, int InOutbox, string Folder);

/// <summary>How a letter goes to a family.</summary>
/// <param name="ChildId">The child.</param>
/// <param name="Name">Its name.</param>
/// <param name="ByMail">By mail; else on paper.</param>
/// <param name="Language">Language of the letter.</param>
/// <param name="IsOwnLanguage">It is the one spoken at home.</param>
public sealed record LetterOf(string ChildId, string Name, bool ByMail, string Language, bool IsOwnLanguage);
