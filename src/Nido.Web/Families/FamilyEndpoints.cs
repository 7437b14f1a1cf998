using System.Text;
using Microsoft.AspNetCore.Http.HttpResults;
using Nido.Catalog;
using Nido.Core;
using Nido.Core.Families;
using Nido.Core.Paper.Adults;
using Nido.Web.Common;
using Nido.Web.Paper;

namespace Nido.Web.Families;

/// <summary>What families read before a week, after it and as a reminder: on screen, as PDF, as plain text; for every family or one child's.</summary>
public static class FamilyEndpoints
{
    /// <summary>Adds the endpoints.</summary>
    public static void MapFamilies(this RouteGroupBuilder api)
    {
        var family = api.MapGroup("/weeks/{weekId}").WithTags("Families");
        family.MapGet("/family", Letter).WithName("familyLetter");
        family.MapGet("/family.pdf", Pdf).WithName("familyPdf");
        family.MapGet("/family.txt", Text).WithName("familyText");
    }

    private static async Task<Results<Ok<FamilyView>, ProblemHttpResult>> Letter(
        string weekId,
        string? childId,
        Named<LetterKind>? kind,
        string? language,
        FamilyReading reading,
        CancellationToken stop
    )
    {
        if (WeekPaperEndpoints.NotWritten(language) is { } problem)
        {
            return problem;
        }

        var family = await reading.ReadAsync(weekId, childId, kind?.Value ?? LetterKind.Before, stop);
        return TypedResults.Ok(
            new FamilyView(
                family.Child?.HomeLanguage,
                [.. family.Home.Select(HomeView.Of)],
                family.Letter(Speaking.Now).AsText(),
                [.. family.Happened.Pictures.Select(p => p.Id)]
            )
        );
    }

    private static async Task<Results<FileContentHttpResult, ProblemHttpResult>> Pdf(
        string weekId,
        string? childId,
        Named<LetterKind>? kind,
        string? language,
        FamilyReading reading,
        Content content,
        CancellationToken stop
    )
    {
        var family = await reading.ReadAsync(weekId, childId, kind?.Value ?? LetterKind.Before, stop);
        var pictures = await reading.PicturesAsync(family, stop);
        return WeekPaperEndpoints.Drawn(
            family.Plan,
            language,
            content,
            "kind.family-page",
            family.FileName("pdf"),
            pad => FamilyPage.Draw(pad, family.Letter(pad.Words), pictures)
        );
    }

    private static async Task<Results<FileContentHttpResult, ProblemHttpResult>> Text(
        string weekId,
        string? childId,
        Named<LetterKind>? kind,
        string? language,
        FamilyReading reading,
        CancellationToken stop
    )
    {
        if (WeekPaperEndpoints.NotWritten(language) is { } problem)
        {
            return problem;
        }

        var family = await reading.ReadAsync(weekId, childId, kind?.Value ?? LetterKind.Before, stop);
        return TypedResults.File(
            Encoding.UTF8.GetBytes(family.Letter(Speaking.Now).AsText()),
            "text/plain; charset=utf-8",
            family.FileName("txt")
        );
    }
}

/// <summary>A letter to families, and why these things are asked at home.</summary>
/// <param name="HomeLanguage">Language at the child's home, two letters; null where the letter is for all.</param>
/// <param name="Home">What can be done at home.</param>
/// <param name="Text">The whole letter in plain words, to paste into a message.</param>
/// <param name="Pictures">Numbers of the pictures that go along.</param>
public sealed record FamilyView(
    string? HomeLanguage,
    IReadOnlyList<HomeView> Home,
    string Text,
    IReadOnlyList<long> Pictures
);

/// <summary>Something to do at home.</summary>
/// <param name="TechniqueId">The way of working.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Do">What to do.</param>
/// <param name="Minutes">About so long.</param>
/// <param name="Things">What it needs.</param>
/// <param name="Now">What the child does now; null where the letter is for all.</param>
/// <param name="Easier">One change that makes it easier.</param>
/// <param name="Harder">One change that makes it harder.</param>
/// <param name="Next">What comes next.</param>
/// <param name="Mind">What to mind.</param>
/// <param name="Why">Why this one.</param>
public sealed record HomeView(
    string TechniqueId,
    Said Name,
    Said Do,
    int Minutes,
    IReadOnlyList<Said> Things,
    Said? Now,
    Said? Easier,
    Said? Harder,
    Said? Next,
    IReadOnlyList<Said> Mind,
    Said Why
)
{
    /// <summary>As chosen.</summary>
    public static HomeView Of(HomeActivity a)
    {
        ArgumentNullException.ThrowIfNull(a);
        return new(
            a.Technique.Id,
            a.Technique.Name,
            a.Way,
            a.Minutes,
            [
                .. a.Things.Select(u =>
                    u.InPlaceOf is { } other ? (Said)$"{u.Thing.Name} (in place of {other.Name})" : (Said)u.Thing.Name
                ),
            ],
            a.Step?.Now.Name,
            a.Step?.Easier,
            a.Step?.Harder,
            a.Beyond?.Name,
            [.. a.Mind.Select(m => (Said)m)],
            a.Why
        );
    }
}
