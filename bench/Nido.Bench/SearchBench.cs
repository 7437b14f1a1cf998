using System.Diagnostics;
using Nido.Core;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Search;

namespace Nido.Bench;

/// <summary>Trials of the search: a strip changed and the plan priced, by increments and counted anew.</summary>
internal static class SearchBench
{
    /// <summary>A line for a week.</summary>
    public static void Print(string name, WeekInput input)
    {
        var problem = WeekProblem.Build(input).Problem;
        var plan = GreedyPlan.Of(problem);
        var (trials, kept, seconds) = (0, 0L, 0.0);
        var chance = new SeededChance(3);
        var watch = Stopwatch.StartNew();
        while (watch.Elapsed.TotalSeconds < 2)
        {
            for (var k = 0; k < 1_000; k++)
            {
                var slot = chance.Next(problem.Slots.Count);
                var choices = problem.UsesOfBlock[problem.Slots[slot].Block];
                var use = choices[chance.Next(choices.Length)].Index;
                trials++;
                if (plan.MayPut(slot, use))
                {
                    var before = plan.Put(slot, use);
                    kept += plan.WishPrice() + plan.FairAndPaid();
                    plan.Put(slot, chance.Next(8) == 0 ? use : before);
                }
            }
        }

        seconds = watch.Elapsed.TotalSeconds;
        watch.Restart();
        var anew = 0;
        while (watch.Elapsed.TotalSeconds < 1)
        {
            var state = new PlanState(problem, plan.Uses);
            kept += state.WishPrice() + state.FairAndPaid();
            anew++;
        }

        var (fast, slow) = (trials / seconds, anew / watch.Elapsed.TotalSeconds);
        Console.WriteLine(
            $"{name}: {fast:0} trials a second by increments, {slow:0} counted anew, ratio {fast / slow:0} ({kept % 10})"
        );
    }
}
