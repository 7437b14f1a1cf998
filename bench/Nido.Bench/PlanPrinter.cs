using Nido.Core.Planning;

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
                Console.WriteLine($"  {placement.BlockId,-10} {placement.IdeaId}");
            }
        }

        var plan = new WeekPlan(problem, result.Plan);
        foreach (var line in plan.Materials().Where(l => l.Lacking > 0))
        {
            Console.WriteLine($"short: {line.Material.Name} have {line.Have} used {line.Used} packs {line.Packs}");
        }

        Console.WriteLine($"{result.Score} bound {result.Bound} {result.End} {result.Seconds:0.0} s");
    }
}
