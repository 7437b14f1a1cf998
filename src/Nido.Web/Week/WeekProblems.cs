using System.Collections.Concurrent;
using Microsoft.EntityFrameworkCore;
using Nido.Catalog;
using Nido.Core.Group;
using Nido.Core.Ideas;
using Nido.Core.Journal;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Core.Week.Rules;
using Nido.Core.Week.Term;
using Nido.Data;
using Nido.Data.Outside;
using Nido.Data.Rows;
using Nido.Web.Common;

namespace Nido.Web.Week;

/// <summary>Keeps the numbers of a week as long as group, cupboard and sliders stay the same: reading a week is asked
/// for often.</summary>
/// <param name="house">The catalogue with what the house has of its own.</param>
/// <param name="stamp">Changes of the site.</param>
/// <param name="forecast">The weather to come.</param>
public sealed class WeekProblems(HouseContent house, SiteStamp stamp, IForecast forecast)
{
    private const int Most = 20;
    private readonly ConcurrentDictionary<
        string,
        (Key Key, WeekProblem Problem, IReadOnlyList<Impossible> Impossible)
    > kept = new();

    private readonly ConcurrentDictionary<string, ((WeekProblem, int, bool, int) Key, WeekView View)> views = new();

    private readonly ConcurrentDictionary<
        string,
        (
            Content Content,
            Theme Theme,
            Dictionary<string, double> OnHand,
            int ChildCount,
            string Ways,
            IReadOnlySet<string> KeptOff,
            (IReadOnlyList<Idea> Ideas, IReadOnlyList<Unsuited> Unsuited) Ideas
        )
    > ideas = new();

    /// <summary>The problem of a week, with what makes it impossible.</summary>
    public Task<(WeekProblem Problem, IReadOnlyList<Impossible> Impossible)> OfAsync(
        WeekRow week,
        NidoDb db,
        CancellationToken stop
    ) => OfAsync(week, carry: true, db, stop);

    /// <summary>As the other one; a week looked back at carries nothing itself, so that a term is not worked out from
    /// its beginning.</summary>
    private async Task<(WeekProblem Problem, IReadOnlyList<Impossible> Impossible)> OfAsync(
        WeekRow week,
        bool carry,
        NidoDb db,
        CancellationToken stop
    )
    {
        ArgumentNullException.ThrowIfNull(week);
        var before = await db.WeeksBefore(week.GroupId, week.Monday).SumAsync(w => w.Version, stop);
        var swaps = week.Plan.SelectMany(p => p.Swaps).Distinct().ToArray();
        var id = carry ? week.Id : $"{week.Id} alone";
        var key = new Key(
            stamp.Value,
            forecast.Stamp,
            before,
            week.Sliders,
            week.Monday,
            week.ThemeId,
            string.Join(';', swaps.Select(s => $"{s}")),
            string.Join(';', week.CameUp.Select(h => $"{h}")),
            string.Join(';', Pencilled.In(week.Plan)),
            week.Focus
        );
        if (kept.TryGetValue(id, out var known) && known.Key == key)
        {
            return (known.Problem, known.Impossible);
        }

        var input = await InputAsync(week, swaps, carry, db, stop);
        var (problem, impossible) = WeekProblem.Build(input);
        if (kept.Count >= Most)
        {
            kept.Clear();
        }

        kept[id] = (key, problem, impossible);
        return (problem, impossible);
    }

    /// <summary>What a week is composed from, with these swaps in its ideas.</summary>
    public Task<WeekInput> InputAsync(
        WeekRow week,
        IReadOnlyCollection<Swap> swaps,
        NidoDb db,
        CancellationToken stop
    ) => InputAsync(week, swaps, carry: true, db, stop);

    private async Task<WeekInput> InputAsync(
        WeekRow week,
        IReadOnlyCollection<Swap> swaps,
        bool carry,
        NidoDb db,
        CancellationToken stop
    )
    {
        ArgumentNullException.ThrowIfNull(week);
        ArgumentNullException.ThrowIfNull(db);
        // Taken once: what is one's own may change while a week is read.
        var content = house.Now;
        var group =
            await db.GroupAsync(week.GroupId, stop) ?? throw new InvalidOperationException("A week without its group.");
        var theme =
            await db.ThemeOfAsync(content, week, stop)
            ?? throw new InvalidOperationException($"The theme {week.ThemeId} is no longer in the catalogue.");
        var (onHand, goneOff) = WeekInputs.StillGood(
            content,
            await db.OnHandAsync(stop, asWeek: week.Id),
            await db.PerishingAsync(content, stop, asWeek: week.Id),
            WeekInputs.Days(group, week.Monday)
        );
        var safety = WeekInputs
            .Safety(content, await db.MadeHereAsync(stop))
            .With(await db.MarksAsync(stop))
            .With(await db.OverridesAsync(week.Id, stop));
        var keptOff = WeekInputs.KeptOff(content, safety, group, week.Monday);
        var neverOut = WeekInputs.NeverOut(content, safety, group, week.Monday, keptOff);
        var took = await db.TookAsync(week.GroupId, week.Monday, stop);
        var learned = content
            .Techniques.Select(t => (t.Id, Minutes: LearnedMinutes.Of(t.Minutes, [.. took[t.Id]])))
            .Where(x => x.Minutes is not null)
            .ToDictionary(x => x.Id, x => x.Minutes!.Value);
        var (ideas, unsuited) = IdeasFor(content, group, theme, onHand, keptOff);
        var input = WeekInputs.Of(
            content,
            group,
            week.Monday,
            onHand,
            ([.. ideas.Select(i => i.Taking(learned))], unsuited),
            safety
        );
        return input with
        {
            // What was swapped in before somebody came who must not meet it is swapped out again.
            Ideas = Swaps.Apply(input.Ideas, [.. swaps.Where(s => !neverOut.Contains(s.To))], content.Material),
            BeforeSwaps = input.Ideas,
            NeverOut = neverOut,
            GoneOff = goneOff,
            Evidence = await db.EvidenceAsync(week.GroupId, week.Monday, stop, until: week.Monday.AddDays(6)),
            Sliders = week.Sliders,
            CameUp = week.CameUp,
            Pencilled = Pencilled.In(week.Plan),
            Days = [.. input.Days.Select(d => d with { Dry = forecast.IsDry(d.Date) ?? d.Dry })],
            Carried = carry ? await CarriedAsync(week, db, stop) : input.Carried,
            Recent = await db.RecentTechniquesAsync(week.GroupId, week.Monday, stop),
        };
    }

    /// <summary>What the week just before fell short of; nothing where it was not composed.</summary>
    private async Task<IReadOnlyDictionary<string, int[]>> CarriedAsync(WeekRow week, NidoDb db, CancellationToken stop)
    {
        var last = await db
            .Weeks.AsNoTracking()
            .SingleOrDefaultAsync(
                w =>
                    w.Id
                    == db.Weeks.Where(x => x.GroupId == week.GroupId && x.Monday == week.Monday.AddDays(-7))
                        .OrderByDescending(x => x.Version)
                        .Select(x => x.Id)
                        .FirstOrDefault(),
                stop
            );
        if (last is not { Plan.Count: > 0 })
        {
            return new Dictionary<string, int[]>();
        }

        var plan = new WeekPlan((await OfAsync(last, carry: false, db, stop)).Problem, last.Plan);
        return CarryOver.Of(plan, WhatWasMet.Of(plan, last.Otherwise, now: null));
    }

    /// <summary>Ideas hang on the cupboard, on how the group works, and on what no child of it may meet: after another
    /// change of a child the last ones are taken again.</summary>
    private (IReadOnlyList<Idea> Ideas, IReadOnlyList<Unsuited> Unsuited) IdeasFor(
        Content content,
        ChildrenGroup group,
        Theme theme,
        Dictionary<string, double> onHand,
        IReadOnlySet<string> keptOff
    )
    {
        var (childCount, ways) = (
            group.Kind == GroupKind.Class ? group.Children.Count : group.Expected.Sum(b => b.Children),
            string.Join(';', group.Settings.Ways.Select(w => $"{w.Key}={w.Value}").Order(StringComparer.Ordinal))
        );
        var key = $"{theme.Id} {group.Id}";
        if (
            ideas.TryGetValue(key, out var last)
            && last.Content == content
            && last.Theme with { Elsewhere = theme.Elsewhere } == theme
            && last.ChildCount == childCount
            && last.Ways == ways
            && last.KeptOff.SetEquals(keptOff)
            && last.OnHand.Count == onHand.Count
            && !last.OnHand.Except(onHand).Any()
        )
        {
            return last.Ideas;
        }

        var made = WeekInputs.Ideas(content, group, theme, onHand, childCount, keptOff);
        ideas[key] = (content, theme, onHand, childCount, ways, keptOff, made);
        return made;
    }

    /// <summary>The Week screen as it was put together last, while nothing it is made of has changed.</summary>
    public WeekView View(WeekRow week, WeekProblem problem, bool composing, int cellsOver, Func<WeekView> make)
    {
        ArgumentNullException.ThrowIfNull(week);
        ArgumentNullException.ThrowIfNull(make);
        var key = (problem, week.Version, composing, cellsOver);
        if (views.TryGetValue(week.Id, out var known) && known.Key == key)
        {
            return known.View;
        }

        if (views.Count >= Most)
        {
            views.Clear();
        }

        var view = make();
        views[week.Id] = (key, view);
        return view;
    }

    private sealed record Key(
        long Stamp,
        long Forecast,
        int Before,
        Sliders Sliders,
        DateOnly Monday,
        string ThemeId,
        string Swaps,
        string CameUp,
        string Pencilled,
        WeekFocus? Focus
    );
}
