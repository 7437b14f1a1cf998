using System.Diagnostics;
using Nido.Catalog;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Search;

namespace Nido.Bench;

/// <summary>Composed weeks against their bounds: fair shares in minutes, the smallest share, money against the
/// budget.</summary>
internal static class ColumnsBench
{
    private const string AtTheTop = ", fair shares at the top";

    /// <summary>A line for each week.</summary>
    public static void Print(Content content, WeekInput demo, WeekInput lean, string? only)
    {
        (string Name, Func<WeekInput> Input)[] weeks =
        [
            ("demo", () => demo),
            ("demo" + AtTheTop, () => Top(demo)),
            ("lean demo", () => lean),
            ("lean 24", () => LargeWeek.Input(content, 24, 5, 5, 400, true)),
            ("lean 40", () => LargeWeek.Input(content, 40, 6, 6, 800, true)),
            ("lean demo" + AtTheTop, () => Top(lean)),
            ("rich 24" + AtTheTop, () => Top(LargeWeek.Input(content, 24, 5, 5, 400, false))),
            ("rich 24", () => LargeWeek.Input(content, 24, 5, 5, 400, false)),
            ("rich 40", () => LargeWeek.Input(content, 40, 6, 6, 800, false)),
        ];
        foreach (var (name, input) in weeks.Where(w => only is null || w.Name == only))
        {
            var problem = WeekProblem.Build(input()).Problem;
            var result = new WeekComposer(problem, ComposeLimits.Usual, TimeProvider.System).Compose(
                new Stages(),
                default
            );
            var (fair, bound) = (
                result.Score.Fair / (double)WeekProblem.PerMinute,
                Math.Max(result.Bound, result.BoundWithinBudget ?? 0) / (double)WeekProblem.PerMinute
            );
            Console.WriteLine(
                $"{name}: {fair:0.0} min short, at least {bound:0.0} (gap {100 * result.Gap:0.0}%); smallest "
                    + $"share {result.SmallestShare / 1e4:0.0}% of an even one, at most "
                    + $"{result.AtMostShare / 1e4:0.0}%; "
                    + $"strands {result.Score.StrandsMissing}, broken {result.Score.Broken}, money "
                    + $"{result.Score.Cents} of {problem.Group.Settings.BudgetCents}, wishes {result.Score.Wishes}, "
                    + $"plan {Mark(result.Plan)}, {result.Seconds:0.0} s ({result.End}), peak "
                    + $"{Process.GetCurrentProcess().PeakWorkingSet64 / 1e6:0} MB"
            );
        }
    }

    private static WeekInput Top(WeekInput week) => week with { Sliders = week.Sliders with { FairShares = 10 } };

    /// <summary>The same for the same plan, on any machine.</summary>
    private static string Mark(IReadOnlyList<Placement> plan) =>
        plan.SelectMany(p => $"{p.Day} {p.BlockId} {p.Offer} {p.IdeaId};")
            .Aggregate(14695981039346656037UL, (mark, letter) => (mark ^ letter) * 1099511628211UL)
            .ToString("x8", System.Globalization.CultureInfo.InvariantCulture);

    private sealed class Stages : IProgress<ComposeProgress>
    {
        private ComposeStage? last;

        public void Report(ComposeProgress value)
        {
            if (last != value.Stage && Environment.GetEnvironmentVariable("TELL") is not null)
            {
                Console.WriteLine(
                    $"   {value.Stage} at {value.Seconds:0.0} s: best {value.BestMinutes:0.0} bound {value.BoundMinutes:0.0}"
                );
            }

            last = value.Stage;
        }
    }
}
