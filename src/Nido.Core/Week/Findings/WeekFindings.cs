using Nido.Core.Safety;
using Nido.Core.Week.Change;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Core.Week.Rules;

namespace Nido.Core.Week.Findings;

/// <summary>Everything the rules find in a planned week, most severe first.</summary>
public static class WeekFindings
{
    /// <summary>Ways out offered for one finding at most.</summary>
    private const int MostWays = 5;

    /// <summary>What bars an idea, blocks short of adults, and every caution with the places it is met.</summary>
    public static IReadOnlyList<WeekFinding> Of(WeekPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        return
        [
            .. plan.Lost.SelectMany(lost => lost.KeptOut.Select(f => KeptOut(plan, lost, f))),
            .. plan.AdultsShort().Select(s => Short(plan, s)),
            .. Cautions(plan),
        ];
    }

    private static WeekFinding KeptOut(WeekPlan plan, KeptOutPlacement lost, Finding finding)
    {
        var here = lost.Placement;
        var was = plan.Problem.Input.Ideas.FirstOrDefault(i => i.Id == here.IdeaId);
        var swap = lost.Slot is { } slot && was is not null ? Instead.In(plan, slot, was) : null;
        return new(
            $"{finding.Rule.Id} {here.Day} {here.BlockId} {here.Offer}",
            finding.Rule.Id,
            finding.Rule.Severity,
            finding.Rule.Message,
            finding.What,
            finding.Whom,
            [Place(plan, here, lost.Title)],
            finding.Why,
            Said.Word(finding.Rule.Source),
            finding.Rule.DeferTo,
            null,
            [
                .. swap is null ? (WayOut[])[] : [new WayOut(WayOutKind.Swap, SwapFor(swap), here, swap.Use.Idea.Id)],
                new WayOut(WayOutKind.TakeOut, $"Take it out", here),
                .. finding.Rule.IsNeverLifted
                    ? (WayOut[])[]
                    :
                    [
                        new WayOut(
                            WayOutKind.Override,
                            $"Override, with a name and a reason",
                            here,
                            here.IdeaId,
                            RuleId: finding.Rule.Id
                        ),
                    ],
            ]
        );
    }

    private static Said SwapFor(Instead instead)
    {
        Said name = instead is { SameWork: true, Use.Idea.Lead: { } lead }
            ? (Said)$"{instead.Use.Idea.Title} with {lead.Name}"
            : $"{instead.Use.Idea.Title}";
        return instead.SameWork ? (Said)$"Swap for {name}: the same work"
            : instead.SameLadder ? (Said)$"Swap for {name}: the same ladder"
            : $"Swap for {name}";
    }

    private static WeekFinding Short(WeekPlan plan, AdultsShort s)
    {
        var day = plan.Problem.Days[s.Day];
        var settings = plan.Problem.Group.Settings;
        return new(
            $"ratio {s.Day} {s.Block.Id}",
            "ratio",
            Severity.Block,
            $"{day.Day}, {s.Block.Name}: {s.Needed} adults are asked and {s.There} {s.There:is|are} there.",
            [
                .. plan
                    .Filled.Where(f => f.Placement.Day == s.Day && f.Use.Block.Id == s.Block.Id && f.Use.Adults > 0)
                    .Select(f => (Said)f.Use.Idea.Title),
            ],
            [],
            [new(new Placement(s.Day, s.Block.Id, 0, "", false), s.Block.Name, null)],
            [
                $"For the ages of the children present the ratio asks {s.ByRatio}",
                $"The offers ask {s.BesideOffers} beside them",
            ],
            Group.Ratio.SourceOf(settings.RatioTable),
            $"your licence",
            null,
            [.. WaysOutOfShort(plan, s).Take(MostWays)]
        );
    }

    /// <summary>Ask an adult, change places with another day, swap, or close an offer: each tried before it is
    /// offered.</summary>
    private static IEnumerable<WayOut> WaysOutOfShort(WeekPlan plan, AdultsShort s)
    {
        var problem = plan.Problem;
        var day = problem.Days[s.Day];
        foreach (
            var adult in problem
                .Group.Adults.Where(a => !a.IsThere(day.Day, s.Block))
                .OrderByDescending(a => a.Days.HasFlag(day.Day))
                .Take(2)
        )
        {
            yield return new(
                WayOutKind.AskAdult,
                $"Ask {adult.Name} for {day.Day} {s.Block.Starts:H:mm}–{s.Block.Starts.AddMinutes(s.Block.Minutes):H:mm}",
                null,
                Adult: new("", adult.Name, day.Day, s.Block.Starts, s.Block.Starts.AddMinutes(s.Block.Minutes))
            );
        }

        if (s.ByRatio > s.There)
        {
            yield break;
        }

        foreach (
            var f in plan
                .Filled.Where(f => f.Placement.Day == s.Day && f.Use.Block.Id == s.Block.Id && f.Use.Adults > 0)
                .ToArray()
        )
        {
            if (Quieter(plan, f.Slot) is { } swap)
            {
                yield return new(
                    WayOutKind.Swap,
                    $"Swap {f.Use.Idea.Title} for {swap.Use.Idea.Title}",
                    f.Placement,
                    swap.Use.Idea.Id
                );
            }

            if (OtherDay(plan, f.Slot, f.Use) is { } other)
            {
                yield return new(
                    WayOutKind.Move,
                    $"Change {f.Use.Idea.Title} with {problem.Days[other.Day].Day}",
                    f.Placement,
                    To: other
                );
            }

            if (s.Block.IsFreeChoice && s.Block.Offers > 1)
            {
                yield return new(WayOutKind.Join, $"Join the tables: close {f.Use.Idea.Title}", f.Placement);
            }
        }
    }

    /// <summary>The best alternative that asks fewer adults and may lie there.</summary>
    private static Alternative? Quieter(WeekPlan plan, int slot) =>
        WhatIf
            .Alternatives(plan, slot)
            .FirstOrDefault(a =>
                a.KeptFromSlot is null && a.Use.Adults < plan.Problem.Uses[plan.State.Uses[slot]].Adults
            );

    /// <summary>A place of the same block on another day with which it can change, so that both days have their
    /// adults.</summary>
    private static Placement? OtherDay(WeekPlan plan, int slot, Use use)
    {
        var state = plan.State;
        foreach (
            var other in plan
                .Filled.Where(f =>
                    f.Use.BlockIndex == use.BlockIndex
                    && f.Placement.Day != plan.Problem.Slots[slot].Day
                    && f.Use.Adults < use.Adults
                )
                .ToArray()
        )
        {
            state.Put(slot, other.Use.Index);
            state.Put(other.Slot, use.Index);
            var fits = state.MayPut(slot, other.Use.Index) && state.MayPut(other.Slot, use.Index);
            state.Put(slot, use.Index);
            state.Put(other.Slot, other.Use.Index);
            if (fits)
            {
                return other.Placement;
            }
        }

        return null;
    }

    /// <summary>A finding a rule, with all the places where it is met.</summary>
    private static IEnumerable<WeekFinding> Cautions(WeekPlan plan) =>
        plan
            .Filled.SelectMany(f => f.Use.Cautions.Select(c => (f.Placement, f.Use, Caution: c)))
            .Concat(OfRefreshes(plan))
            .Select(x => (x.Placement, x.Use, Caution: ThatDay(plan, x.Placement.Day, x.Caution)))
            .Where(x => x.Caution is not null)
            .Select(x => (x.Placement, x.Use, Caution: x.Caution!))
            .GroupBy(x => (x.Caution.Rule, x.Caution.Lifted))
            .Select(g => new WeekFinding(
                g.Key.Lifted?.Id ?? g.Key.Rule.Id,
                g.Key.Rule.Id,
                g.Key.Rule.Severity,
                g.Key.Rule.Message,
                Each(g, c => c.What),
                Each(g, c => c.Whom),
                [.. g.Select(x => Place(plan, x.Placement, x.Use.Idea.Title))],
                [.. g.SelectMany(x => x.Caution.Why).Distinct()],
                Said.Word(g.Key.Rule.Source),
                g.Key.Rule.DeferTo,
                g.Key.Lifted,
                []
            )
            {
                Adults = g.Key.Rule.Adults,
            })
            .OrderBy(f => f.Severity)
            .ThenByDescending(f => f.Where.Count)
            .ThenBy(f => f.Id, StringComparer.Ordinal);

    /// <summary>What is new at a base brings cautions of its own.</summary>
    private static IEnumerable<(Placement Placement, Use Use, Finding Caution)> OfRefreshes(WeekPlan plan) =>
        from refresh in Refreshes.Of(plan)
        where refresh.Adds is not null
        let use = plan.Problem.Uses[plan.State.Uses[refresh.Slot]]
        let placement = plan.Filled.First(f => f.Slot == refresh.Slot).Placement
        let steps = WeekProblem.StepsInUse(use.Idea, use.On(refresh.Day).Children)
        from caution in plan.Problem.Input.Safety.Cautions(
            use.Idea,
            steps,
            use.Block,
            plan.Problem.Group,
            plan.Problem.Days[refresh.Day].Date,
            added: [refresh.Adds!]
        )
        where use.Cautions.All(c => c.Rule != caution.Rule)
        select (placement, use, caution);

    /// <summary>A caution with those of its children who are there that day; null where it is about children and none
    /// of them is.</summary>
    private static Finding? ThatDay(WeekPlan plan, int day, Finding caution)
    {
        if (caution.Whom.Count == 0)
        {
            return caution;
        }

        var there = plan
            .Problem.Group.Children.Where((_, c) => plan.Problem.Attendance.OnDay(c, day))
            .Select(c => c.Name)
            .ToHashSet();
        string[] whom = [.. caution.Whom.Where(there.Contains)];
        return whom.Length == 0 ? null : caution with { Whom = whom };
    }

    private static T[] Each<T>(
        IEnumerable<(Placement, Use, Finding Caution)> met,
        Func<Finding, IReadOnlyList<T>> of
    ) => [.. met.SelectMany(x => of(x.Caution)).Distinct()];

    private static FindingPlace Place(WeekPlan plan, Placement placement, Said title) =>
        new(
            placement,
            plan.Problem.Blocks.FirstOrDefault(b => b.Id == placement.BlockId)?.Name ?? placement.BlockId,
            title
        )
        {
            Beside = Beside.Of(plan, placement),
        };
}
