using FluentValidation;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using Nido.Catalog;
using Nido.Core;
using Nido.Core.Group;
using Nido.Core.Paper;
using Nido.Core.Paper.Adults;
using Nido.Data;
using Nido.Sheets;
using Nido.Web.Common;

namespace Nido.Web.Journal;

/// <summary>A page to share about one child: the adult ticks what goes in.</summary>
public static class PageToShareEndpoints
{
    /// <summary>Adds the endpoint.</summary>
    public static void MapPageToShare(this RouteGroupBuilder api) =>
        api.MapPost("/groups/{groupId}/children/{childId}/page.pdf", Page)
            .WithName("pageToShare")
            .WithTags("Journal")
            .WithMetadata(new OnlyLooks())
            .ProducesProblem(400);

    private static async Task<Results<FileContentHttpResult, ProblemHttpResult>> Page(
        string groupId,
        string childId,
        PageBody body,
        NidoDb db,
        Content content,
        JournalReading reading,
        CancellationToken stop
    )
    {
        var group = await db.TheGroupAsync(groupId, stop);
        var child = group.Children.FirstOrDefault(c => c.Id == childId).Found(NotHere.Child);
        if (body.From > body.To)
        {
            return Problems.Field("from", $"{body.From:yyyy-MM-dd}", $"A day up to {body.To:yyyy-MM-dd} is wanted.");
        }

        var journal = await reading.ChildAsync(group, child, body.From, body.To, stop);
        var tongue = content.Tongue(body.Language) ?? Tongue.English;
        var pad = new Pad(
            new SheetSetting(group.Settings.Paper, body.Language, false, new(group.Name)) { Tongue = tongue },
            Lettering.Ours
        );
        ChildPage.Draw(
            pad,
            Data(group, journal, body, pad.Words, tongue, await PhotosAsync(journal, body, db, pad.Words, stop))
        );
        return TypedResults.File(
            SheetPdf.Of(pad.Words.Say("childSeen"), body.Language, pad.Done()),
            "application/pdf",
            "page.pdf"
        );
    }

    private static ChildPageData Data(
        ChildrenGroup group,
        ChildJournal journal,
        PageBody body,
        PaperWords words,
        Tongue tongue,
        IReadOnlyList<(byte[] Jpeg, double Shape, string Text)> photos
    )
    {
        var ladders = journal.Ladders.Where(l => body.Ladders.Contains(l.Id)).ToArray();
        return new(
            journal.Name,
            group.Place.Length > 0 ? $"{group.Place}, {group.Name}" : group.Name,
            body.From,
            body.To,
            [
                .. ladders
                    .Where(l => l.OwnBest is not null)
                    .Select(l => $"{words.Speak(l.Name)}: {words.Speak(l.Steps[l.OwnBest!.Value - 1])}"),
            ],
            body.Comes ? [.. ladders.Select(l => Next(l, words)).OfType<string>()] : [],
            body.Helps
                ?
                [
                    .. journal
                        .FollowUps.Where(f => f.Helped == true)
                        .Select(f => $"{words.Speak(f.Ladder)}: {f.Change}")
                        .Reverse(),
                ]
                : [],
            body.Loves
                ?
                [
                    .. journal.Loves.Select(l =>
                        words.Say(
                            l.Times == 1 ? "childStayedOnce" : "childStays",
                            words.Speak(l.Idea),
                            $"{l.Minutes}",
                            $"{l.Times}"
                        )
                    ),
                ]
                : [],
            [
                .. journal
                    .Notes.Where(n => body.Notes.Any(x => x.Kind == n.Kind && x.Id == n.Id))
                    .OrderBy(n => n.On)
                    .Select(n => (n.On, TextOf(n, tongue))),
            ],
            body.Shares && journal.Weeks.Count > 0
                ?
                [
                    .. Enum.GetValues<Aim>()
                        .Select(a =>
                            words.Say(
                                "childShare",
                                words.Say($"aim{a}"),
                                $"{journal.Weeks.Average(w => w.Met[(int)a]):0}",
                                $"{journal.Weeks.Average(w => w.Planned[(int)a]):0}"
                            )
                        ),
                ]
                : [],
            photos
        );
    }

    private static string TextOf(WrittenView note, Tongue tongue) =>
        string.Join(
            " · ",
            new[]
            {
                note.Text,
                note.Ladder is { } ladder ? tongue.Speak(ladder) : null,
                note.Sign is { } sign ? tongue.Speak(sign) : null,
            }.Where(t => !string.IsNullOrEmpty(t))
        );

    private static string? Next(LadderPath ladder, PaperWords words) =>
        ladder.Objective is { } towards
            ? words.Say(
                "childTowards",
                words.Speak(ladder.Name),
                words.Speak(ladder.Steps[towards.Step - 1]),
                words.Day(towards.By)
            )
        : ladder.OwnBest is { } best && best < ladder.Steps.Count
            ? words.Say("childNext", words.Speak(ladder.Name), words.Speak(ladder.Steps[best]))
        : null;

    private static async Task<IReadOnlyList<(byte[] Jpeg, double Shape, string Text)>> PhotosAsync(
        ChildJournal journal,
        PageBody body,
        NidoDb db,
        PaperWords words,
        CancellationToken stop
    )
    {
        var photos = new List<(byte[], double, string)>();
        foreach (var picture in journal.Pictures.Where(p => body.Pictures.Contains(p.Id) && p.ForFamily).Reverse())
        {
            var row = await db.Pictures.AsNoTracking().SingleAsync(p => p.Id == picture.Id, stop);
            var bytes = await db
                .PictureFiles.Where(f => f.PictureId == picture.Id && !f.Small)
                .Select(f => f.Bytes)
                .SingleAsync(stop);
            var text = picture.Words.Length > 0 ? $"{words.Day(picture.On)}: {picture.Words}" : words.Day(picture.On);
            photos.Add((bytes, row.Height / (double)row.Width, text));
        }

        return photos;
    }
}

/// <summary>What was ticked.</summary>
/// <param name="Language">en or es.</param>
/// <param name="From">First day.</param>
/// <param name="To">Last day.</param>
/// <param name="Ladders">Ids of ladders.</param>
/// <param name="Notes">Notes by kind and number.</param>
/// <param name="Pictures">Numbers of pictures.</param>
/// <param name="Comes">What comes next on the ladders.</param>
/// <param name="Helps">What helped.</param>
/// <param name="Loves">What it stays at.</param>
/// <param name="Shares">Aims planned and met.</param>
public sealed record PageBody(
    string Language,
    DateOnly From,
    DateOnly To,
    IReadOnlyList<string> Ladders,
    IReadOnlyList<NoteTicked> Notes,
    IReadOnlyList<long> Pictures,
    bool Comes,
    bool Helps,
    bool Loves,
    bool Shares
);

/// <summary>A note that goes on the page.</summary>
public sealed record NoteTicked(string Kind, long Id);

internal sealed class PageBodyValidator : AbstractValidator<PageBody>
{
    public PageBodyValidator()
    {
        RuleFor(p => p.Language).Must(l => l is "en" or "es").Says($"Sheets are written in en or es.");
        RuleFor(p => p.Ladders).Must(l => l.Count <= 60).Says($"At most 60 ladders go on a page.");
        RuleFor(p => p.Notes).Must(n => n.Count <= 100).Says($"At most 100 notes go on a page.");
        RuleFor(p => p.Pictures).Must(n => n.Count <= 30).Says($"At most 30 pictures go on a page.");
    }
}
