using FluentValidation;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using Nido.Catalog;
using Nido.Core;
using Nido.Core.Ideas;
using Nido.Data;
using Nido.Data.Formats;
using Nido.Data.Rows;
using Nido.Web.Common;
using Nido.Web.Week;

namespace Nido.Web.Ideas;

/// <summary>Themes: those of the catalogue to look at, one's own to write.</summary>
public static class ThemeEndpoints
{
    /// <summary>Adds the endpoints.</summary>
    public static void MapThemes(this RouteGroupBuilder api)
    {
        var themes = api.MapGroup("/themes").WithTags("Ideas");
        themes.MapGet("/", List).WithName("listThemes");
        themes.MapGet("/{themeId}", Get).WithName("getTheme");
        themes.MapPost("/", Add).WithName("addTheme");
        themes.MapPut("/{themeId}", Change).WithName("changeTheme").AsksForEdition();
        themes.MapDelete("/{themeId}", Remove).WithName("removeTheme");
    }

    private static async Task<Ok<ThemeView[]>> List(NidoDb db, Content content, CancellationToken stop) =>
        TypedResults.Ok(
            (await db.ThemesAsync(content, stop))
                .Select(t => WeekReading.ThemeOf(t.ReadIn(Speaking.Now.Language)))
                .ToArray()
        );

    private static async Task<Ok<ThemeForm>> Get(
        string themeId,
        HttpContext http,
        NidoDb db,
        Content content,
        CancellationToken stop
    )
    {
        var theme = (await db.ThemeAsync(content, themeId, stop)).Found(NotHere.Theme);
        return TypedResults.Ok(Edition.Tell(http, Form(theme, content)));
    }

    private static async Task<Results<Created<ThemeForm>, ProblemHttpResult>> Add(
        ThemeDraft draft,
        NidoDb db,
        Content content,
        CancellationToken stop
    )
    {
        var theme = Made(NewId.Next(), draft, content);
        db.Themes.Add(new ThemeRow { Id = theme.Id, Theme = theme });
        await db.SaveChangesAsync(stop);
        return TypedResults.Created($"/api/themes/{theme.Id}", Form(theme, content));
    }

    private static async Task<Results<Ok<ThemeForm>, ProblemHttpResult>> Change(
        string themeId,
        ThemeDraft draft,
        HttpContext http,
        NidoDb db,
        Content content,
        CancellationToken stop
    )
    {
        if (content.Theme(themeId) is { } shipped)
        {
            return Problems.Rule(
                $"{shipped.Name} comes with Nido and stays as it is",
                $"Keep what you changed as a theme of your own."
            );
        }

        var row = (await db.Themes.SingleOrDefaultAsync(t => t.Id == themeId, stop)).Found(NotHere.Theme);

        if (Edition.Against(http, Form(row.Theme, content)) is { } stale)
        {
            return stale;
        }

        row.Theme = Made(themeId, draft, content, row.Theme);
        await db.SaveChangesAsync(stop);
        return TypedResults.Ok(Edition.Tell(http, Form(row.Theme, content)));
    }

    private static async Task<Results<NoContent, ProblemHttpResult>> Remove(
        string themeId,
        NidoDb db,
        TimeProvider time,
        CancellationToken stop
    )
    {
        var row = (await db.Themes.SingleOrDefaultAsync(t => t.Id == themeId, stop)).Found(NotHere.Theme);

        // A week in the bin may come back and wants its theme then.
        if (await db.Weeks.IgnoreQueryFilters().AnyAsync(w => w.ThemeId == themeId, stop))
        {
            return Problems.Rule(
                $"{row.Theme.Name} cannot be taken out",
                $"A week stands on it. Keep it, or change its words."
            );
        }

        row.BinnedAt = time.GetUtcNow();
        await db.SaveChangesAsync(stop);
        return TypedResults.NoContent();
    }

    /// <summary>The theme of a draft.</summary>
    /// <param name="id">Its id.</param>
    /// <param name="draft">As it was written.</param>
    /// <param name="content">The catalogue.</param>
    /// <param name="now">The theme as it was kept before; null for a new one.</param>
    internal static Theme Made(string id, ThemeDraft draft, Content content, Theme? now = null)
    {
        string[] words =
        [
            .. draft.Words.Select(w => w.Trim()).Where(w => w.Length > 0).Distinct(StringComparer.OrdinalIgnoreCase),
        ];
        var own = draft with { Words = words };
        return OwnTheme.Of(
            id,
            own,
            WeekInputs.Sorted(content, own.Letter.Trim(), words, own.Language, own.Fits),
            // Changed again, it is its own former self that texts are known from.
            OwnTheme.BegunFrom(own, now is null ? content.Themes : [now]) ?? OwnTheme.BegunFrom(own, content.Themes)
        );
    }

    private static ThemeForm Form(Theme t, Content content) =>
        new(t.Id, content.Theme(t.Id) is null, DraftOf(t.ReadIn(Speaking.Now.Language)));

    /// <summary>A theme as it is written.</summary>
    internal static ThemeDraft DraftOf(Theme t) =>
        new ThemeDraft(Spoken(t.Name), t.Letter, t.Words)
        {
            Language = t.Language,
            SecondLetter = t.SecondLetter,
            NumbersTo = t.NumbersTo,
            OlderNumbersTo = t.OlderNumbersTo,
            Shapes = t.Shapes,
            Colours = t.Colours,
            Slots = t.Slots.ToDictionary(s => s.Key, s => t.Language == "es" ? s.Value.Es : s.Value.En),
            Story = Spoken(t.Story),
            Rhyme = [.. t.Rhyme.Select(Spoken)],
            Questions = [.. t.Questions.Select(Spoken)],
            Sayings = [.. t.Sayings.Select(Spoken)],
            Greeting = Spoken(t.Greeting),
            Farewell = Spoken(t.Farewell),
            Books = t.Books,
            Pictures = t.Pictures,
            Fits = t.Fits,
        };

    private static string Spoken(InBoth text) => text.NameIn(Speaking.Now.Language);
}

/// <summary>A theme to look at or change.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Own">It is one's own and can be changed.</param>
/// <param name="Draft">What it says.</param>
public sealed record ThemeForm(string Id, bool Own, ThemeDraft Draft);

internal sealed class ThemeDraftValidator : AbstractValidator<ThemeDraft>
{
    public ThemeDraftValidator()
    {
        RuleFor(t => t.Name).Must(n => PlainText.IsName(n, 80)).Says($"A theme needs a name of 1 to 80 letters.");
        RuleFor(t => t.Letter).Must(l => l?.Trim() is [var one] && char.IsLetter(one)).Says($"One letter is wanted.");
        RuleFor(t => t.SecondLetter).Must(l => l.Trim().Length <= 1).Says($"One letter, or none.");
        RuleFor(t => t.Words)
            .Must(w => w.Count(x => !string.IsNullOrWhiteSpace(x)) >= 3)
            .Says($"The theme is empty: write at least three words, with commas between them.");
        RuleFor(t => t.Words).Must(w => w.Count <= 200).Says($"At most 200 words.");
        RuleForEach(t => t.Words)
            .Must(w => w.Trim().Length <= 40 && w.All(c => char.IsLetter(c) || c is ' ' or '-' or '\''))
            .Says((_, w) => $"“{w}” is not a word: letters only, at most 40.");
        RuleFor(t => t.Language).Must(l => l is "en" or "es").Says($"en or es is wanted.");
        RuleFor(t => t.NumbersTo).InclusiveBetween(2, 20).Says($"Numbers go to 2 to 20.");
        RuleFor(t => t.OlderNumbersTo)
            .GreaterThanOrEqualTo(t => t.NumbersTo)
            .Says($"The older ones' numbers go at least as far as the others'.");
        RuleFor(t => t.OlderNumbersTo).LessThanOrEqualTo(100).Says($"The older ones' numbers go to 100 at most.");
        RuleForEach(t => t.Slots)
            .Must(s => Theme.RequiredSlots.Contains(s.Key) && s.Value.Length <= 40)
            .Says(
                (_, s) =>
                    $"{s.Key} is not one of {string.Join(", ", Theme.RequiredSlots)}, or its word is longer than 40 letters."
            );
        RuleForEach(t => t.Books)
            .ChildRules(b =>
            {
                b.RuleFor(x => x.Title).Must(x => PlainText.IsName(x?.En, 120)).Says($"A book needs a title.");
                b.RuleFor(x => x.Minutes).InclusiveBetween(1, 60).Says($"Reading it takes 1 to 60 minutes.");
            });
    }
}
