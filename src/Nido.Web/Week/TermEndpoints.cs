using FluentValidation;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using Nido.Catalog;
using Nido.Core;
using Nido.Core.Group;
using Nido.Core.Ideas;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Term;
using Nido.Core.Words;
using Nido.Data;
using Nido.Data.Rows;
using Nido.Web.Common;

namespace Nido.Web.Week;

/// <summary>The term: weeks in a row with their letters and numbers, and a week copied to another group or
/// year.</summary>
public static class TermEndpoints
{
    /// <summary>Adds the endpoints.</summary>
    public static void MapTerm(this RouteGroupBuilder api)
    {
        var term = api.MapGroup("/groups/{groupId}/term").WithTags("Term");
        term.MapGet("/", Get).WithName("getTerm");
        term.MapPost("/", Add).WithName("addWeeks");
        term.MapPost("/letters", Suggest).WithName("suggestLetters");
        api.MapGet("/weeks/{weekId}/focus", GetFocus).WithName("getFocus").WithTags("Term");
        api.MapPut("/weeks/{weekId}/focus", Focus).WithName("setFocus").WithTags("Term").AsksForEdition();
        api.MapPost("/weeks/{weekId}/copies", Copy).WithName("copyWeek").WithTags("Term");
    }

    private static async Task<Ok<IReadOnlyList<TermWeek>>> Get(
        string groupId,
        NidoDb db,
        Content content,
        CancellationToken stop
    )
    {
        await db.TheGroupRowAsync(groupId, stop);
        return TypedResults.Ok(await WeeksAsync(groupId, db, content, stop));
    }

    private static async Task<Results<Ok<IReadOnlyList<TermWeek>>, ProblemHttpResult>> Add(
        string groupId,
        WeeksBody body,
        NidoDb db,
        Content content,
        CancellationToken stop
    )
    {
        await db.TheGroupRowAsync(groupId, stop);

        var known = (await db.ThemesAsync(content, stop)).Select(t => t.Id).ToHashSet();
        if (body.ThemeIds.FirstOrDefault(t => !known.Contains(t)) is { } unknown)
        {
            return Problems.Field(
                "themeIds",
                unknown,
                $"This theme is not known. Choose one of the list, or write your own in Ideas."
            );
        }

        var monday = WeekDaysOrder.MondayOf(body.Monday);
        db.Weeks.AddRange(
            body.ThemeIds.Select(
                (theme, i) =>
                    new WeekRow
                    {
                        Id = NewId.Next(),
                        GroupId = groupId,
                        ThemeId = theme,
                        Monday = monday.AddDays(7 * i),
                        Sliders = Sliders.Middle,
                    }
            )
        );
        await db.SaveChangesAsync(stop);
        return TypedResults.Ok(await WeeksAsync(groupId, db, content, stop));
    }

    private static async Task<Ok<IReadOnlyList<TermWeek>>> Suggest(
        string groupId,
        LettersBody body,
        NidoDb db,
        Content content,
        CancellationToken stop
    )
    {
        var group = await db.TheGroupAsync(groupId, stop);

        var rows = await db.Weeks.Where(w => w.GroupId == groupId).OrderBy(w => w.Monday).ToListAsync(stop);
        var (before, after) = (rows.Where(w => w.Monday < body.From), rows.Where(w => w.Monday >= body.From).ToArray());
        var had = new HashSet<char>();
        foreach (var row in before)
        {
            had.Add((await db.ThemeOfAsync(content, row, stop))!.Letter.ToUpperInvariant()[0]);
        }

        var clear = new List<IReadOnlyDictionary<char, int>>();
        foreach (var row in after)
        {
            clear.Add(
                Clear((await db.ThemeAsync(content, row.ThemeId, stop))!.ReadIn(group.Settings.LettersIn), content)
            );
        }

        var plan = LetterPlan.Of(clear, [.. group.Children.Select(c => c.Name)], had);
        for (var i = 0; i < after.Length; i++)
        {
            (after[i].Focus, after[i].Version) = (plan[i], after[i].Version + 1);
        }

        await db.SaveChangesAsync(stop);
        return TypedResults.Ok(await WeeksAsync(groupId, db, content, stop));
    }

    private static async Task<Ok<FocusBody>> GetFocus(
        string weekId,
        HttpContext http,
        WeekDesk desk,
        CancellationToken stop
    )
    {
        var row = await desk.RowAsync(weekId, stop);
        return TypedResults.Ok(Edition.Tell(http, FocusBody.Of(row.Focus)));
    }

    private static async Task<Results<NoContent, ProblemHttpResult>> Focus(
        string weekId,
        FocusBody body,
        HttpContext http,
        WeekDesk desk,
        NidoDb db,
        CancellationToken stop
    )
    {
        var row = await desk.RowAsync(weekId, stop);

        if (Edition.Against(http, FocusBody.Of(row.Focus)) is { } stale)
        {
            return stale;
        }

        row.Focus = body.Letter is null
            ? null
            : new(body.Letter.Trim().ToUpperInvariant(), body.NumbersTo, body.OlderNumbersTo);
        row.Version++;
        await db.SaveChangesAsync(stop);
        Edition.Tell(http, FocusBody.Of(row.Focus));
        return TypedResults.NoContent();
    }

    private static async Task<Results<Created<WeekName>, ProblemHttpResult>> Copy(
        string weekId,
        CopyBody body,
        WeekDesk desk,
        NidoDb db,
        Content content,
        CancellationToken stop
    )
    {
        var row = await desk.RowAsync(weekId, stop);

        if (await db.GroupAsync(body.GroupId, stop) is not { } to)
        {
            return Problems.Field("groupId", body.GroupId, $"This group is not known. Make one in Group first.");
        }

        var from = (await db.GroupAsync(row.GroupId, stop))!;
        var copy = new WeekRow
        {
            Id = NewId.Next(),
            GroupId = to.Id,
            ThemeId = row.ThemeId,
            Monday = WeekDaysOrder.MondayOf(body.Monday),
            Sliders = row.Sliders,
            Focus = row.Focus,
            Colour = row.Colour,
            Plan = [.. CarryOver.Copy(row.Plan, from, to)],
        };
        db.Weeks.Add(copy);
        await db.SaveChangesAsync(stop);
        var theme = (await db.ThemeOfAsync(content, copy, stop))!;
        return TypedResults.Created(
            $"/api/weeks/{copy.Id}",
            new WeekName(copy.Id, to.Id, to.Name, theme.Name, copy.Monday)
        );
    }

    private static async Task<IReadOnlyList<TermWeek>> WeeksAsync(
        string groupId,
        NidoDb db,
        Content content,
        CancellationToken stop
    )
    {
        var weeks = new List<TermWeek>();
        foreach (
            var row in await db
                .Weeks.AsNoTracking()
                .Where(w => w.GroupId == groupId)
                .OrderBy(w => w.Monday)
                .ThenBy(w => w.Id)
                .ToListAsync(stop)
        )
        {
            var theme = (await db.ThemeOfAsync(content, row, stop))!;
            weeks.Add(
                new(
                    row.Id,
                    row.Monday,
                    theme.Name,
                    theme.Letter,
                    theme.LetterWord,
                    theme.NumbersTo,
                    theme.OlderNumbersTo,
                    row.Focus is not null,
                    row.Plan.Count
                )
            );
        }

        return weeks;
    }

    /// <summary>How many words of a theme clearly begin with each letter.</summary>
    private static Dictionary<char, int> Clear(Theme theme, Content content) =>
        Enumerable
            .Range('A', 26)
            .Select(c => (char)c)
            .ToDictionary(
                c => c,
                c =>
                    WeekInputs
                        .Sorted(content, $"{char.ToLowerInvariant(c)}", theme.Words, theme.Language, theme.Fits)
                        .Count(s => s.Fit == LetterFit.Clear)
            );
}

/// <summary>A week of the term.</summary>
/// <param name="WeekId">Its id.</param>
/// <param name="Monday">Its first day.</param>
/// <param name="Theme">What it is about.</param>
/// <param name="Letter">Its letter.</param>
/// <param name="LetterWord">A word with it.</param>
/// <param name="NumbersTo">Its numbers.</param>
/// <param name="OlderNumbersTo">For the older ones.</param>
/// <param name="IsOwn">Letter and numbers were set for the week; else they are the theme's.</param>
/// <param name="Placed">How many ideas are placed; 0 before it is composed.</param>
public sealed record TermWeek(
    string WeekId,
    DateOnly Monday,
    Said Theme,
    string Letter,
    string LetterWord,
    int NumbersTo,
    int OlderNumbersTo,
    bool IsOwn,
    int Placed
);

/// <summary>Weeks to add, one a theme, from a Monday on.</summary>
public sealed record WeeksBody(DateOnly Monday, IReadOnlyList<string> ThemeIds);

/// <summary>From which day on letters and numbers are proposed.</summary>
public sealed record LettersBody(DateOnly From);

/// <summary>Letter and numbers of a week; without a letter the theme's own come back.</summary>
public sealed record FocusBody(string? Letter, int NumbersTo, int OlderNumbersTo)
{
    /// <summary>What a week says of itself; without a letter the theme's are used.</summary>
    public static FocusBody Of(WeekFocus? focus) =>
        focus is null ? new(null, 0, 0) : new(focus.Letter, focus.NumbersTo, focus.OlderNumbersTo);
}

/// <summary>Where a week is copied to.</summary>
public sealed record CopyBody(string GroupId, DateOnly Monday);

internal sealed class WeeksBodyValidator : AbstractValidator<WeeksBody>
{
    public WeeksBodyValidator() =>
        RuleFor(w => w.ThemeIds).Must(t => t.Count is >= 1 and <= 20).Says($"1 to 20 weeks are added at once.");
}

internal sealed class FocusBodyValidator : AbstractValidator<FocusBody>
{
    public FocusBodyValidator()
    {
        RuleFor(f => f.Letter)
            .Must(l => l is null || (l.Trim() is [var one] && char.IsLetter(one)))
            .Says($"One letter is wanted.");
        RuleFor(f => f.NumbersTo)
            .InclusiveBetween(2, 20)
            .When(f => f.Letter is not null)
            .Says($"Numbers go to 2 to 20.");
        RuleFor(f => f.OlderNumbersTo)
            .Must((f, older) => older >= f.NumbersTo && older <= 100)
            .When(f => f.Letter is not null)
            .Says($"The older ones' numbers go at least as far as the others', and to 100 at most.");
    }
}
