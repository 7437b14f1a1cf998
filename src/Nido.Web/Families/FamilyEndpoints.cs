using System.Text;
using Microsoft.AspNetCore.Http.HttpResults;
using Nido.Catalog;
using Nido.Core;
using Nido.Core.Families;
using Nido.Core.Group;
using Nido.Core.Ideas;
using Nido.Core.Paper;
using Nido.Core.Paper.Adults;
using Nido.Core.Week.Reading;
using Nido.Data;
using Nido.Web.Common;
using Nido.Web.Paper;
using Nido.Web.Week;

namespace Nido.Web.Families;

/// <summary>What families read before the week: on screen, as PDF, as plain text; for every family or one child's.</summary>
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
        string? language,
        WeekDesk desk,
        NidoDb db,
        Content content,
        CancellationToken stop
    )
    {
        if (NotSpoken(language) is { } problem)
        {
            return problem;
        }

        var (plan, theme, child, home) = await ReadAsync(weekId, childId, desk, db, content, stop);
        var words = PaperWords.In(Speaking.Now.Language, Speaking.Now);
        return TypedResults.Ok(
            new FamilyView(
                child?.HomeLanguage,
                [.. home.Select(HomeView.Of)],
                FamilyLetter.Of(plan, theme, words, child, home).AsText()
            )
        );
    }

    private static async Task<Results<FileContentHttpResult, ProblemHttpResult>> Pdf(
        string weekId,
        string? childId,
        string? language,
        WeekDesk desk,
        NidoDb db,
        Content content,
        CancellationToken stop
    )
    {
        var (plan, theme, child, home) = await ReadAsync(weekId, childId, desk, db, content, stop);
        return WeekPaperEndpoints.Drawn(
            plan,
            language,
            content,
            "kind.family-page",
            $"{theme.Id}-family-{plan.Problem.FirstDay:yyyy-MM-dd}.pdf",
            pad => FamilyPage.Draw(pad, FamilyLetter.Of(plan, theme, pad.Words, child, home))
        );
    }

    private static async Task<Results<FileContentHttpResult, ProblemHttpResult>> Text(
        string weekId,
        string? childId,
        string? language,
        WeekDesk desk,
        NidoDb db,
        Content content,
        CancellationToken stop
    )
    {
        if (NotSpoken(language) is { } problem)
        {
            return problem;
        }

        var (plan, theme, child, home) = await ReadAsync(weekId, childId, desk, db, content, stop);
        var words = PaperWords.In(Speaking.Now.Language, Speaking.Now);
        return TypedResults.File(
            Encoding.UTF8.GetBytes(FamilyLetter.Of(plan, theme, words, child, home).AsText()),
            "text/plain; charset=utf-8",
            $"{theme.Id}-family-{plan.Problem.FirstDay:yyyy-MM-dd}.txt"
        );
    }

    /// <summary>A letter is never half in a language Nido does not write.</summary>
    private static ProblemHttpResult? NotSpoken(string? language) =>
        language is null or "en" or "es"
            ? null
            : Problems.Field("language", language, $"Sheets are written in en or es.");

    private static async Task<(WeekPlan Plan, Theme Theme, Child? Child, IReadOnlyList<HomeActivity> Home)> ReadAsync(
        string weekId,
        string? childId,
        WeekDesk desk,
        NidoDb db,
        Content content,
        CancellationToken stop
    )
    {
        var row = await desk.RowAsync(weekId, stop);
        var plan = await desk.PlanAsync(row, stop);
        var theme = (await db.ThemeOfAsync(content, row, stop))!;
        var child = childId is null
            ? null
            : plan.Problem.Group.Children.FirstOrDefault(c => c.Id == childId).Found(NotHere.Child);
        return (plan, theme, child, HomeActivities.For(plan, theme, content.Techniques, content.Allergens, child));
    }
}

/// <summary>A letter to families, and why these things are asked at home.</summary>
/// <param name="HomeLanguage">Language at the child's home, two letters; null where the letter is for all.</param>
/// <param name="Home">What can be done at home.</param>
/// <param name="Text">The whole letter in plain words, to paste into a message.</param>
public sealed record FamilyView(string? HomeLanguage, IReadOnlyList<HomeView> Home, string Text);

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
            [.. a.Things.Select(t => (Said)t.Name)],
            a.Step?.Now.Name,
            a.Step?.Easier,
            a.Step?.Harder,
            a.Beyond?.Name,
            a.Why
        );
    }
}
