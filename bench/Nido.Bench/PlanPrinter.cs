using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Core.Week.Search;
using Nido.Core.Week.Sharing;

namespace Nido.Bench;

/// <summary>Prints a composed week, for looking at what the rules do.</summary>
internal static class PlanPrinter
{
    public static void Print(WeekInput input)
    {
        var (problem, _) = WeekProblem.Build(input);
        var result = new WeekComposer(problem, ComposeLimits.Usual, TimeProvider.System).Compose(null, default);
        foreach (var day in result.Plan.GroupBy(p => p.Day))
        {
            Console.WriteLine(problem.Days[day.Key].Day);
            foreach (var placement in day)
            {
                Console.WriteLine($"  {placement.BlockId, -10} {placement.IdeaId}");
            }
        }

        var plan = new WeekPlan(problem, result.Plan);
        foreach (var line in plan.Materials().Where(l => l.Lacking > 0))
        {
            Console.WriteLine($"short: {line.Material.Name} have {line.Have} used {line.Used} packs {line.Packs}");
        }

        var watch = System.Diagnostics.Stopwatch.StartNew();
        var allocation = new WeekSharing(plan);
        var shared = allocation.Problem();
        var built = watch.Elapsed.TotalSeconds;
        var best = SharingModel.Solve(shared, 1, default);
        Console.WriteLine(
            $"shared out: {shared.Groups.Count} ideas, {shared.Supplies.Count} materials, "
                + $"{shared.Recipes.Count} recipes, {best.Cost}, proven {best.Proven}, built {built:0.00} s, in "
                + $"all {watch.Elapsed.TotalSeconds:0.00} s"
        );
        foreach (var swap in best.Swaps)
        {
            Console.WriteLine($"  {swap}");
        }

        Console.WriteLine($"{result.Score} bound {result.Bound} {result.End} {result.Seconds:0.0} s");
    }
}
