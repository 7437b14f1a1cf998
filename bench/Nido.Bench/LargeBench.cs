using System.Diagnostics;
using Nido.Catalog;
using Nido.Core.Week.Change;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Search;

namespace Nido.Bench;

/// <summary>Composes large weeks; gap, shortfall against the greedy plan, seconds, and the most memory.</summary>
internal static class LargeBench
{
    /// <summary>A line for each size.</summary>
    public static void Print(Content content)
    {
        foreach (
            var (children, days, blocks, ideas, seconds, lean) in new[]
            {
                (24, 5, 5, 400, 45, false),
                (40, 6, 6, 800, 90, false),
                (24, 5, 5, 400, 45, true),
                (40, 6, 6, 800, 90, true),
            }
        )
        {
            var watch = Stopwatch.StartNew();
            var (problem, impossible) = WeekProblem.Build(
                LargeWeek.Input(content, children, days, blocks, ideas, lean)
            );
            var built = watch.Elapsed.TotalSeconds;
            if (impossible.Count > 0)
            {
                Console.WriteLine(string.Join("; ", impossible));
                continue;
            }

            var limits = ComposeLimits.Usual with { Guard = TimeSpan.FromSeconds(seconds) };
            var result = new WeekComposer(problem, limits, TimeProvider.System).Compose(null, default);
            watch.Restart();
            Replan.From(problem, result.Plan, 2, default);
            Console.WriteLine(
                $"{children} children × {days} days × {blocks} blocks × {ideas} {(lean ? "lean " : "")}ideas "
                    + $"({problem.Uses.Count} uses, {Way.Of(problem).Count} ways): "
                    + $"gap {100 * result.Gap:0.0}%, shortfall to greedy "
                    + $"{Math.Max(1.0, result.Score.Fair) / Math.Max(1, result.Greedy.Fair):0.000}, "
                    + $"broken {result.Score.Broken}, {built:0.0} s to read, {result.Seconds:0.0} s to compose "
                    + $"({result.End}), replan / compose {watch.Elapsed.TotalSeconds / result.Seconds:0.000}, "
                    + $"peak {Process.GetCurrentProcess().PeakWorkingSet64 / 1e6:0} MB"
            );
        }
    }
}
