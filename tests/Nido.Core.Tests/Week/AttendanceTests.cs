using Nido.Core.Cupboard;
using Nido.Core.Group;
using Nido.Core.Ideas;
using Nido.Core.Week.MayGoWrong;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Core.Week.Search;

namespace Nido.Core.Tests.Week;

/// <summary>The week is for the children who come: child × day × block.</summary>
public sealed class AttendanceTests
{
    private const WeekDays Early = WeekDays.Monday | WeekDays.Wednesday;
    private const WeekDays Late = WeekDays.Wednesday | WeekDays.Thursday | WeekDays.Friday;

    /// <summary>Seven early in the week, seven late, all fourteen on Wednesday only; nobody on Tuesday.</summary>
    private static readonly ChildrenGroup PartWeek = Things.Group(
        [.. Enumerable.Range(0, 14).Select(k => Things.Child($"c{k}", 40 + (k % 7), k < 7 ? Early : Late))],
        Data.Demo.DemoScenario.Blocks
    );

    // Paint is counted in mL: a thousand of it is not plenty.
    private static readonly WeekPlan Plan = Planned(
        Things.Week(PartWeek, onHand: Things.Plenty.ToDictionary(m => m.Key, m => 10 * m.Value))
    );

    [Fact]
    public void Who_is_there_is_answered_by_child_day_and_block()
    {
        var there = Weeks
            .Build(
                Things.Week(PartWeek) with
                {
                    CameUp = [new(CameUpKind.ChildAway, "c0", 0, 0), new(CameUpKind.Closed, "10:30", 2, 2)],
                }
            )
            .Attendance;
        there.OnDay(0, 0).ShouldBeFalse();
        there.OnDay(0, 2).ShouldBeTrue();
        there.DaysOf(0).ShouldBe(1);
        // The stations end at 10:45, after the house closes.
        there.Is(1, 2, 0).ShouldBeTrue();
        there.Is(1, 2, 2).ShouldBeFalse();
        there.IsClosed(2, 2).ShouldBeTrue();
        there.DaysIn(1, 2).ShouldBe(1);
        // Nobody comes on Tuesday, though the house is open.
        there.TakesPlace(1, 0).ShouldBeFalse();
        there.IsClosed(1, 0).ShouldBeFalse();
    }

    [Fact]
    public void Every_amount_is_that_of_the_children_who_are_there()
    {
        Plan.Filled.ShouldNotBeEmpty();
        foreach (var (_, placement, use) in Plan.Filled)
        {
            var on = use.On(placement.Day);
            string[] come =
            [
                .. PartWeek
                    .Children.Where(c => c.Days.HasFlag(Plan.Problem.Days[placement.Day].Day))
                    .Select(c => c.Name),
            ];
            on.Children.Select(c => c.Child.Name).ShouldBe(come, ignoreOrder: true);
            foreach (var line in Demand.Of(use.Idea, use.Block, on.Children))
            {
                on.Takes.Single(t => Plan.Problem.Materials[t.Material].Id == line.Material.Id)
                    .Amount.ShouldBe(line.Amount);
            }
        }
    }

    [Fact]
    public void A_day_with_half_the_children_takes_half_of_what_each_child_uses_up()
    {
        var halved = (
            from use in Plan.Problem.Uses
            where use.OnDay[0] && use.OnDay[2] && use.Children.All(c => c.InReach)
            from take in use.On(0).Takes
            let material = Plan.Problem.Materials[take.Material]
            let role = use.Idea.Technique.Roles.FirstOrDefault(r =>
                use.Idea.Steps.Any(s => s.Bindings.TryGetValue(r.Name, out var b) && b.Material.Id == material.Id)
            )
            where material.Consumable && role is { Per: Per.Child, SparePercent: 0 }
            let all = use.On(2).Takes.First(t => t.Material == take.Material).Amount
            where use.Children.Select(c => c.Offer!.Step).Distinct().Count() == 1
            select (Half: take.Amount, All: all)
        ).ToArray();
        halved.ShouldNotBeEmpty();
        halved.ShouldAllBe(x => x.All == 2 * x.Half);
    }

    [Fact]
    public void On_a_day_on_which_nobody_comes_nothing_lies_out_and_nothing_is_missing()
    {
        Plan.Filled.ShouldAllBe(f => f.Placement.Day != 1);
        Plan.Problem.Empty(Plan.State).ShouldBe(0);
        Plan.State.Score().Broken.ShouldBe(0);
        Plan.Materials().ShouldAllBe(l => l.ByDay[1] == 0);
    }

    [Fact]
    public void What_is_too_much_for_all_may_lie_out_on_a_day_with_few()
    {
        // Paper cups for seven, and no shop in this test sells any: enough for half the children, far too few for all.
        var plenty = Things.Plenty.ToDictionary();
        var fit = Weeks.Build(Things.Week(PartWeek));
        var (use, material) = (
            from u in fit.Uses
            where u.OnDay[0] && u.OnDay[2] && u.Idea.Lead is { Consumable: true, IsSold: false }
            from t in u.On(0).Takes
            where
                fit.Materials[t.Material].Id == u.Idea.Lead!.Id
                && u.On(2).Takes.First(x => x.Material == t.Material).Amount >= 2 * t.Amount
                && fit.Input.Chains.Most(u.Idea.Lead.Id, new Dictionary<string, double>()) == 0
            select (u, u.Idea.Lead)
        ).First();
        plenty[material.Id] = use.On(0).Takes.First(t => fit.Materials[t.Material].Id == material.Id).Amount;
        var lean = Weeks.Build(
            Things.Week(PartWeek) with
            {
                Ideas = fit.Input.Ideas,
                OnHand = plenty,
                Chains = new MakeChains([]),
            }
        );
        var same = lean.Uses.Where(u => u.Idea.Id == use.Idea.Id && u.BlockIndex == use.BlockIndex).ToArray();
        same.ShouldContain(u => u.OnDay[0]);
        same.ShouldAllBe(u => !u.OnDay[2]);
    }

    [Fact]
    public void Doses_shares_and_the_played_week_count_only_days_on_which_a_child_comes()
    {
        for (var c = 0; c < PartWeek.Children.Count; c++)
        {
            for (var d = 0; d < 5; d++)
            {
                (Plan.MinutesOn(d, c) > 0).ShouldBe(PartWeek.Children[c].Days.HasFlag(Plan.Problem.Days[d].Day));
            }

            var minutes = Enumerable.Range(0, 5).Sum(d => Plan.MinutesOn(d, c));
            minutes.ShouldBe(
                Enumerable.Range(0, 4).Sum(a => Plan.State.Dose[(c * 4) + a]) / (double)WeekProblem.PerMinute,
                0.05
            );
        }

        // Half the group away on most days must not look like a shortage: the plan has plenty of everything.
        Simulation.Of(Plan, runs: 200).RunsOut.ShouldBeEmpty();
    }

    [Fact]
    public void A_group_whose_children_come_on_no_day_of_the_week_is_told_so()
    {
        var group = Things.Group([Things.Child("Ada", 40, WeekDays.None)], Data.Demo.DemoScenario.Blocks);
        WeekProblem
            .Build(Things.Week(group))
            .Impossible.ShouldContain(i => i.What.Contains("no child of Test room comes on Monday"));
    }

    private static WeekPlan Planned(WeekInput input)
    {
        var problem = Weeks.Build(input);
        var plan = GreedyPlan.Of(problem);
        return new WeekPlan(problem, new WeekComposer(problem, Weeks.Quick, TimeProvider.System).Placements(plan));
    }
}
