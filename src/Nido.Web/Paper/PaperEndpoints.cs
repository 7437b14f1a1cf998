using System.IO.Compression;
using FluentValidation;
using Microsoft.AspNetCore.Http.HttpResults;
using Nido.Catalog;
using Nido.Core;
using Nido.Core.Group;
using Nido.Core.Paper;
using Nido.Core.Words;
using Nido.Sheets;
using Nido.Web.Common;

namespace Nido.Web.Paper;

/// <summary>Paper: every kind of sheet with its fields; its pages to look at, as PDF, and as a folder of SVG.</summary>
public static class PaperEndpoints
{
    /// <summary>Pages that are shown before they are printed; the rest is only counted.</summary>
    public const int MostShown = 12;

    /// <summary>Adds the endpoints.</summary>
    public static void MapPaper(this RouteGroupBuilder api)
    {
        var paper = api.MapGroup("/paper")
            .WithTags("Paper")
            .WithMetadata(new OnlyLooks())
            .AddEndpointFilter<Refusing>();
        paper.MapGet("/kinds", Kinds).WithName("listSheetKinds");
        paper.MapPost("/pages", Pages).WithName("lookAtSheet").ProducesProblem(400);
        paper.MapPost("/pdf", Pdf).WithName("printSheet").ProducesProblem(400);
        paper.MapPost("/svg", Svg).WithName("drawSheet").ProducesProblem(400);
    }

    private static Ok<SheetKindView[]> Kinds(string? language)
    {
        var words = PaperWords.In(language ?? Speaking.Now.Language);
        return TypedResults.Ok(
            SheetKinds
                .All.Select(k => new SheetKindView(
                    k.Id,
                    words.Kind(k.Id),
                    k.Family,
                    words.Family(k.Family),
                    [
                        .. k.Fields.Select(f => new FieldView(
                            f.Name,
                            words.Field(f.Name),
                            f.Kind,
                            f.Least,
                            f.Most,
                            f.Unit,
                            f.Start,
                            [.. f.Choices.Select(c => new ChoiceOfField(c, words.Choice(c)))]
                        )),
                    ]
                ))
                .ToArray()
        );
    }

    private static Ok<SheetView> Pages(SheetBody body, Content content)
    {
        var sheet = body.Make(content);
        return TypedResults.Ok(
            new SheetView(
                sheet.Title,
                sheet.Pages.Count,
                [.. sheet.Pages.Take(MostShown).Select(p => SheetSvg.Of(p, sheet.Title))],
                sheet.Notes
            )
        );
    }

    private static FileContentHttpResult Pdf(SheetBody body, Content content)
    {
        var sheet = body.Make(content);
        var pages = Enumerable.Repeat(sheet.Pages, body.Copies).SelectMany(p => p);
        return TypedResults.File(
            SheetPdf.Of(sheet.Title, body.Language, pages),
            "application/pdf",
            $"{sheet.Kind}.pdf"
        );
    }

    private static FileContentHttpResult Svg(SheetBody body, Content content)
    {
        var sheet = body.Make(content);
        using var stream = new MemoryStream();
        using (var zip = new ZipArchive(stream, ZipArchiveMode.Create, leaveOpen: true))
        {
            foreach (var (page, k) in sheet.Pages.Select((p, k) => (p, k)))
            {
                var entry = zip.CreateEntry($"{sheet.Kind}-{k + 1:000}.svg");
                // The same pages give the same bytes.
                entry.LastWriteTime = new(2000, 1, 1, 0, 0, 0, TimeSpan.Zero);
                using var writer = new StreamWriter(entry.Open());
                writer.Write(SheetSvg.Of(page, sheet.Title));
            }
        }

        return TypedResults.File(stream.ToArray(), "application/zip", $"{sheet.Kind}.zip");
    }
}

/// <summary>A kind of sheet and what can be asked of it, named in a language.</summary>
public sealed record SheetKindView(
    string Id,
    string Name,
    SheetFamily Family,
    string FamilyName,
    IReadOnlyList<FieldView> Fields
);

/// <summary>A field of a sheet: its name for the interface and for people, what it takes, where it begins.</summary>
public sealed record FieldView(
    string Name,
    string Label,
    FieldKind Kind,
    double Least,
    double Most,
    string Unit,
    string Start,
    IReadOnlyList<ChoiceOfField> Choices
);

/// <summary>One of the choices of a field.</summary>
public sealed record ChoiceOfField(string Id, string Name);

/// <summary>A sheet to look at.</summary>
/// <param name="Title">In its language.</param>
/// <param name="Pages">How many there are.</param>
/// <param name="Shown">The first of them as SVG.</param>
/// <param name="Notes">What whoever prints must know.</param>
public sealed record SheetView(string Title, int Pages, IReadOnlyList<string> Shown, IReadOnlyList<string> Notes);

/// <summary>A sheet as asked.</summary>
/// <param name="Kind">Id of its kind.</param>
/// <param name="Values">Values of its fields; what is left out begins as the field says.</param>
/// <param name="Paper">A4 or Letter.</param>
/// <param name="Language">en or es.</param>
/// <param name="LeftHanded">Laid out for a left hand.</param>
/// <param name="Head">What it is for.</param>
/// <param name="Copies">1–60, in PDF.</param>
public sealed record SheetBody(
    string Kind,
    SheetValues? Values = null,
    PaperSize Paper = PaperSize.A4,
    string Language = "en",
    bool LeftHanded = false,
    SheetHead? Head = null,
    int Copies = 1
)
{
    /// <summary>The sheet, with beats of its words from the dictionaries.</summary>
    public Sheet Make(Content content)
    {
        ArgumentNullException.ThrowIfNull(content);
        Func<string, Pronunciation?> said = Language == "es" ? SpanishSounds.Find : content.English.Find;
        return SheetKinds
            .Get(Kind)
            .Make(
                Values ?? new(),
                new(Paper, Language, LeftHanded, Head ?? new())
                {
                    Beats = w => said(w)?.Syllables,
                    Tongue = content.Tongue(Language) ?? Tongue.English,
                },
                Lettering.Ours
            );
    }
}

internal sealed class SheetBodyValidator : AbstractValidator<SheetBody>
{
    public SheetBodyValidator()
    {
        RuleFor(s => s.Language).Must(l => l is "en" or "es").Says($"en or es is wanted.");
        RuleFor(s => s.Copies).InclusiveBetween(1, 60).Says($"1 to 60 copies are printed at once.");
        RuleFor(s => s.Head)
            .Must(h => h is null || new[] { h.Idea, h.Step, h.Day, h.Name }.All(t => t is null || t.Length <= 100))
            .Says($"A part of the heading has at most 100 letters.");
    }
}
