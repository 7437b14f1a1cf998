using Nido.Core.Group;
using Nido.Core.Journal;
using Nido.Core.Tests.Week;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Core.Week.Search;
using Nido.Core.Week.Term;

namespace Nido.Core.Tests.Journal;

/// <summary>What was met, against what was planned and against the plan counted anew without what fell away.</summary>
public sealed class WhatWasMetTests
{
    private static readonly Lazy<WeekPlan> Six = new(() =>
    {
        var problem = Weeks.Build(Things.Week(Weeks.Six));
        return new WeekPlan(problem, [.. Placements(problem, GreedyPlan.Of(problem))]);
    });

    private static WeekPlan Plan => Six.Value;

    private static IEnumerable<Placement> Placements(WeekProblem problem, PlanState state) =>
        from slot in Enumerable.Range(0, problem.Slots.Count)
        where state.Uses[slot] >= 0
        let at = problem.Slots[slot]
        select new Placement(
            at.Day,
            problem.Blocks[at.Block].Id,
            at.Offer,
            problem.Uses[state.Uses[slot]].Idea.Id,
            Locked: false
        );

    [Fact]
    public void Where_nothing_went_otherwise_what_was_planned_was_met() =>
        WhatWasMet.Of(Plan, [], now: null).ShouldBe(Plan.State.Dose);

    [Fact]
    public void Before_the_week_nothing_was_met_and_each_block_that_ends_adds_its_own()
    {
        var day = Plan.Problem.FirstDay.ToDateTime(TimeOnly.MinValue);
        WhatWasMet.Of(Plan, [], day).ShouldAllBe(d => d == 0);
        var before = 0;
        for (var hour = 8; hour <= 24 * 5; hour++)
        {
            var met = WhatWasMet.Of(Plan, [], day.AddHours(hour)).Sum();
            met.ShouldBeGreaterThanOrEqualTo(before);
            before = met;
        }

        before.ShouldBe(Plan.State.Dose.Sum());
    }

    [Fact]
    public void What_is_left_out_counts_as_if_it_had_never_lain_there()
    {
        foreach (var (slot, p, _) in Plan.Filled)
        {
            var uses = Plan.State.Uses.ToArray();
            uses[slot] = -1;
            WhatWasMet
                .Of(Plan, [new(OtherwiseKind.LeftOut, p.Day, p.BlockId, p.Offer, null, null, "")], now: null)
                .ShouldBe(new PlanState(Plan.Problem, uses).Dose, $"{p}");
        }
    }

    [Fact]
    public void What_lay_there_instead_counts_as_if_it_had_been_planned()
    {
        var tried = 0;
        foreach (var (slot, p, use) in Plan.Filled)
        {
            var other = Plan
                .Problem.UsesOfBlock[use.BlockIndex]
                .FirstOrDefault(u => u.Idea.Id != use.Idea.Id && u.OnDay[p.Day]);
            if (other is null)
            {
                continue;
            }

            var uses = Plan.State.Uses.ToArray();
            uses[slot] = other.Index;
            WhatWasMet
                .Of(Plan, [new(OtherwiseKind.Swapped, p.Day, p.BlockId, p.Offer, null, other.Idea.Id, "")], now: null)
                .ShouldBe(new PlanState(Plan.Problem, uses).Dose, $"{p} → {other.Idea.Id}");
            tried++;
        }

        tried.ShouldBeGreaterThan(10);
    }

    [Fact]
    public void Half_of_a_free_choice_is_half_of_its_minutes_and_a_circle_has_no_more_than_attention_lasts()
    {
        var (day, shelf) = (0, Plan.Problem.Blocks.First(b => b.IsFreeChoice));
        int[] Lost(Block block, int minutes, OtherwiseKind kind) =>
            [
                .. WhatWasMet
                    .Of(Plan, [new(kind, day, block.Id, null, minutes, null, "")], now: null)
                    .Zip(Plan.State.Dose, (met, planned) => planned - met),
            ];
        var whole = Lost(shelf, shelf.Minutes, OtherwiseKind.SomethingElse);
        var half = Lost(shelf, shelf.Minutes / 2, OtherwiseKind.CutShort);
        whole.Sum().ShouldBeGreaterThan(0);
        for (var k = 0; k < whole.Length; k++)
        {
            Math.Abs((2 * half[k]) - whole[k])
                .ShouldBeLessThanOrEqualTo(2 * Plan.Problem.Blocks.Sum(b => b.Offers), "but for rounding");
        }

        var circle = Plan.Problem.Blocks.First(b => b.Kind == BlockKind.Circle);
        var longer = Lost(circle, 4 * circle.Minutes, OtherwiseKind.Longer);
        var youngest = Plan.Problem.Group.Children.ToList().FindIndex(c => c.Id == "Ada");
        longer[(4 * youngest)..((4 * youngest) + 4)]
            .ShouldAllBe(l => l == 0, "a child of 19 months had its share before");
        longer.Sum().ShouldBeLessThan(0, "the older ones had more");
    }

    [Fact]
    public void The_note_of_an_offer_counts_before_that_of_its_block()
    {
        var p = Plan.Filled.First(f => f.Use.Block.IsFreeChoice).Placement;
        Otherwise[] both =
        [
            new(OtherwiseKind.LeftOut, p.Day, p.BlockId, null, null, null, ""),
            new(OtherwiseKind.CutShort, p.Day, p.BlockId, p.Offer, 1, null, ""),
        ];
        WhatWasMet.Of(Plan, both, now: null).Sum().ShouldBeGreaterThan(WhatWasMet.Of(Plan, [both[0]], now: null).Sum());
    }

    [Fact]
    public void What_was_not_met_is_carried_over_to_the_next_week()
    {
        var p = Plan.Filled.First(f => f.Use.Block.Kind == BlockKind.Circle).Placement;
        var met = WhatWasMet.Of(
            Plan,
            [
                .. Enumerable
                    .Range(0, 5)
                    .Select(d => new Otherwise(OtherwiseKind.LeftOut, d, p.BlockId, null, null, null, "")),
            ],
            now: null
        );
        int Carried(IReadOnlyDictionary<string, int[]> all) => all.Values.Sum(l => l.Sum());
        Carried(CarryOver.Of(Plan, met)).ShouldBeGreaterThan(Carried(CarryOver.Of(Plan)));
        CarryOver
            .Of(Plan, [.. Plan.State.Dose])
            .SelectMany(x => x.Value.Select(lack => (x.Key, lack)))
            .ShouldBe(
                CarryOver.Of(Plan).SelectMany(x => x.Value.Select(lack => (x.Key, lack))),
                "as planned is as met"
            );
    }

    [Fact]
    public void What_was_used_is_what_was_laid_out_of_what_is_used_up()
    {
        for (var day = 0; day < Plan.Problem.Days.Count; day++)
        {
            var used = UsedUp.On(Plan, [], day).ToDictionary(u => u.Material.Id, u => u.Amount);
            var byDay = Plan.Materials()
                .Where(l => l.Material.Consumable && l.ByDay[day] > 0)
                .ToDictionary(l => l.Material.Id, l => l.ByDay[day]);
            used.OrderBy(u => u.Key, StringComparer.Ordinal)
                .ShouldBe(byDay.OrderBy(u => u.Key, StringComparer.Ordinal));
        }

        var blocks = Plan
            .Problem.Blocks.Select(b => new Otherwise(OtherwiseKind.LeftOut, 0, b.Id, null, null, null, ""))
            .ToArray();
        UsedUp.On(Plan, blocks, 0).ShouldBeEmpty();
    }
}
