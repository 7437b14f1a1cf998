using Nido.Core.Group;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Core.Week.Search;

namespace Nido.Core.Tests.Week;

/// <summary>No child has two heavy pieces of hand work in a row.</summary>
public class HandsRestTests
{
    private static readonly WeekProblem Problem = Weeks.Build(Things.Week(Weeks.Six));

    [Fact]
    public void Of_the_stations_that_everyone_meets_one_is_heavy_at_most()
    {
        var stations = Index("stations");
        var heavy = Problem
            .UsesOfBlock[stations]
            .Where(u => u.IsHeavy)
            .DistinctBy(u => u.TechniqueIndex)
            .Take(2)
            .ToArray();
        heavy.Length.ShouldBe(2);
        var state = new PlanState(Problem);
        state.Put(Problem.SlotAt(0, stations, 0), heavy[0].Index);
        state.MayPut(Problem.SlotAt(0, stations, 1), heavy[1].Index).ShouldBeFalse();
        state.MayPut(Problem.SlotAt(0, stations, 0), heavy[1].Index).ShouldBeTrue("one in place of the other");
        state.MayPut(Problem.SlotAt(1, stations, 1), heavy[1].Index).ShouldBeTrue("on another day");
    }

    [Fact]
    public void Where_children_choose_it_is_heavy_only_when_all_offers_are()
    {
        var table = Index("table");
        var heavy = Problem
            .UsesOfBlock[table]
            .Where(u => u.IsHeavy)
            .DistinctBy(u => u.TechniqueIndex)
            .Take(2)
            .ToArray();
        var state = new PlanState(Problem);
        state.Put(Problem.SlotAt(0, table, 0), heavy[0].Index);
        state.MayPut(Problem.SlotAt(0, table, 1), heavy[1].Index).ShouldBeTrue("the block before is light");
    }

    [Fact]
    public void The_bench_says_why()
    {
        var stations = Index("stations");
        var heavy = Problem
            .UsesOfBlock[stations]
            .Where(u => u.IsHeavy)
            .DistinctBy(u => u.TechniqueIndex)
            .Take(2)
            .ToArray();
        var plan = new WeekPlan(Problem, [new(0, "stations", 0, heavy[0].Idea.Id, Locked: false)]);
        WhatIf.RuleAgainst(plan, Problem.SlotAt(0, stations, 1), heavy[1])!.ShouldContain("hands would have no rest");
    }

    [Theory]
    [InlineData(3)]
    [InlineData(8)]
    public void It_holds_in_every_composed_week(int seed)
    {
        var ages = new SeededChance((ulong)seed);
        var group = Things.Group(
            [.. Enumerable.Range(0, 6).Select(i => Things.Child($"C{i}", 20 + ages.Next(50)))],
            Data.Demo.DemoScenario.Blocks,
            smallParts: SmallPartsRule.WatchedTable
        );
        var problem = Weeks.Build(Things.Week(group));
        var state = new WeekPlan(problem, Weeks.Compose(problem).Plan).State;
        for (var d = 0; d < problem.Days.Count; d++)
        {
            var before = false;
            for (var b = 0; b < problem.Blocks.Count; b++)
            {
                var heavy = Enumerable
                    .Range(0, problem.Blocks[b].Offers)
                    .Count(o => problem.Uses[state.Uses[problem.SlotAt(d, b, o)]].IsHeavy);
                if (problem.Blocks[b].Kind == BlockKind.Stations)
                {
                    heavy.ShouldBeLessThanOrEqualTo(1);
                }

                var now = problem.Blocks[b].IsFreeChoice ? heavy == problem.Blocks[b].Offers : heavy > 0;
                (before && now).ShouldBeFalse($"day {d}, {problem.Blocks[b].Name}");
                before = now;
            }
        }
    }

    private static int Index(string block) => Problem.Blocks.ToList().FindIndex(b => b.Id == block);
}
