using System.Diagnostics;
using Nido.Catalog;
using Nido.Core.Planning;
using Nido.Core.Planning.Allocation;
using Nido.Data;
using Nido.Data.Demo;

namespace Nido.Bench;

/// <summary>Shares out a cupboard with a little of everything over a week of many offers.</summary>
internal static class SharingBench
{
    private const double Work = 0.35;

    /// <summary>What was shared out, how long it took, and how it ended.</summary>
    public static string Measure(Content content)
    {
        var demo = DemoWeek.Input(content);
        var blocks = demo.Group.Blocks.Select(b => b.Offers > 1 ? b with { Offers = 6 } : b).ToArray();
        var group = demo.Group with { Blocks = blocks, Adults = [.. demo.Group.Adults, .. demo.Group.Adults, .. demo.Group.Adults] };
        // Some of each, of few enough: nothing is out of the question, much is short.
        var onHand = content.Materials.Select((m, i) => (m.Id, Amount: m.IsCounted ? 8.0 + (i % 5 * 6) : 1500)).ToDictionary(x => x.Id, x => x.Amount);
        var input = WeekInputs.Of(content, group, content.Theme(DemoScenario.ThemeId)!, DemoScenario.Monday, onHand);
        var (problem, _) = WeekProblem.Build(input);
        var state = GreedyPlan.Of(problem);
        var plan = new WeekPlan(problem, [.. problem.Slots.Select((s, k) => (s, Use: state.Uses[k])).Where(x => x.Use >= 0)
            .Select(x => new Placement(x.s.Day, problem.Blocks[x.s.Block].Id, x.s.Offer, problem.Uses[x.Use].Idea.Id, Locked: false))]);
        var watch = Stopwatch.StartNew();
        var shared = new WeekAllocation(plan).Problem();
        var built = watch.Elapsed.TotalSeconds;
        var result = AllocationModel.Solve(shared, Work, default);
        return $"{shared.Groups.Count} ideas × {shared.Supplies.Count} of {content.Materials.Count} materials, {shared.Recipes.Count} recipes: "
            + $"{built:0.00} s to look at, {watch.Elapsed.TotalSeconds:0.00} s in all, {(result.Proven ? "proven" : $"gap {100 * result.Gap:0.0}%")}, {result.Cost}";
    }
}
