using Nido.Core.Group;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Core.Week.Rules;

namespace Nido.Core.Tests.Week;

/// <summary>Every rule can be broken by some plan, and then it says so; a plan that keeps them says nothing.</summary>
public sealed class WhatIsBrokenTests
{
    private static readonly WeekProblem Problem = Weeks.Build(Things.Week(Weeks.Six));

    [Fact]
    public void A_plan_that_keeps_the_rules_breaks_none() =>
        WhatIsBroken.Of(new WeekPlan(Problem, Weeks.Compose(Problem).Plan)).ShouldBeEmpty();

    [Fact]
    public void An_empty_week_names_each_empty_place_and_whom_it_leaves_with_nothing()
    {
        var broken = WhatIsBroken.Of(new WeekPlan(Problem, []));
        broken.Count(b => b.What.EndsWith("has a place empty", StringComparison.Ordinal)).ShouldBe(Problem.Slots.Count);
        broken
            .Count(b => b.What.StartsWith("nothing in reach of", StringComparison.Ordinal))
            .ShouldBe(Problem.Cells.Count);
        broken.ShouldAllBe(b => b.WayOut.ToString().Length > 0);
    }

    [Fact]
    public void The_same_work_twice_a_day_says_so()
    {
        var (use, other) = Twice();
        var plan = new WeekPlan(
            Problem,
            [new(0, use.Block.Id, 0, use.Idea.Id, false), new(0, other.Block.Id, 0, other.Idea.Id, false)]
        );
        WhatIsBroken.Of(plan).ShouldContain(b => b.What.Contains("already there that day"));
    }

    [Fact]
    public void A_fourth_time_in_a_week_says_so()
    {
        var use = Problem.UsesOfBlock[Problem.Blocks.Count - 1].First(u => u.OnDay.All(d => d) && u.Adults == 0);
        var plan = new WeekPlan(
            Problem,
            [.. Enumerable.Range(0, 4).Select(d => new Placement(d, use.Block.Id, 1, use.Idea.Id, false))]
        );
        WhatIsBroken.Of(plan).ShouldContain(b => b.What.Contains("already 3 times this week"));
    }

    [Fact]
    public void Too_few_adults_beside_it_says_so()
    {
        var alone = Things.Group(
            Weeks.Six.Children,
            Data.Demo.DemoScenario.Blocks,
            adults: 1,
            SmallPartsRule.WatchedTable
        );
        var problem = Weeks.Build(Things.Week(alone));
        var asking = problem
            .UsesOfBlock[0]
            .Where(u => u.Adults > 0 && u.OnDay[0])
            .DistinctBy(u => u.TechniqueIndex)
            .Take(2)
            .ToArray();
        asking.Length.ShouldBe(2);
        var plan = new WeekPlan(
            problem,
            [.. asking.Select((u, o) => new Placement(0, u.Block.Id, o, u.Idea.Id, false))]
        );
        WhatIsBroken.Of(plan).ShouldContain(b => b.What.Contains("adults are there"));
    }

    [Fact]
    public void Hands_without_a_rest_say_so()
    {
        var stations = Enumerable
            .Range(0, Problem.Blocks.Count)
            .First(b => Problem.Blocks[b].Kind == BlockKind.Stations);
        var heavy = Problem
            .UsesOfBlock[stations]
            .Where(u => u.IsHeavy && u.OnDay[0])
            .DistinctBy(u => u.TechniqueIndex)
            .Take(2)
            .ToArray();
        var plan = new WeekPlan(
            Problem,
            [.. heavy.Select((u, o) => new Placement(0, u.Block.Id, o, u.Idea.Id, false))]
        );
        WhatIsBroken.Of(plan).ShouldContain(b => b.What.Contains("hands would have no rest"));
    }

    private static (Use First, Use Second) Twice() =>
        (
            from a in Problem.Uses
            from b in Problem.Uses
            where a.TechniqueIndex == b.TechniqueIndex && a.BlockIndex < b.BlockIndex && a.OnDay[0] && b.OnDay[0]
            select (a, b)
        ).First();
}
