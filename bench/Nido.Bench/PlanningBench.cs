using System.Diagnostics;
using Google.OrTools.Sat;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Core.Week.Search;
using Nido.Core.Week.Search.Columns;
using Nido.Core.Week.Sharing;

namespace Nido.Bench;

/// <summary>Composes a week as the product does and as one single model would.</summary>
internal static class PlanningBench
{
    public static PlanningFigures Measure(WeekInput input, ComposeLimits limits)
    {
        var (problem, impossible) = WeekProblem.Build(input);
        if (impossible.Count > 0)
        {
            throw new InvalidOperationException(string.Join("; ", impossible));
        }

        var watch = Stopwatch.StartNew();
        GreedyPlan.Of(problem);
        var first = watch.Elapsed.TotalSeconds;
        var news = new List<ComposeProgress>();
        var result = new WeekComposer(problem, limits, TimeProvider.System).Compose(new Listener(news.Add), default);
        var single = AsAWhole(problem, TimeSpan.FromSeconds(Math.Max(20, result.Seconds)));
        // When we first held a plan at least as good as the best it came to.
        var reached =
            news.FirstOrDefault(n =>
                n.Plan is not null && n.BestMinutes * WeekProblem.PerMinute <= single.Price
            )?.Seconds
            ?? result.Seconds;
        watch.Restart();
        SharingModel.Solve(new WeekSharing(new WeekPlan(problem, result.Plan)).Problem(), 0.7, default);
        var sharing = watch.Elapsed.TotalSeconds;
        return new(
            Ratio(result.Score.Fair, result.Greedy.Fair),
            result.Gap,
            first / result.Seconds,
            reached / single.Seconds,
            Ratio(result.Reached, single.Price),
            Way.Of(problem).Count / (double)problem.Uses.Count,
            sharing / result.Seconds
        );
    }

    /// <summary>The price of the best plan that the model of the whole week comes to, however large it is, and when it was
    /// found.</summary>
    private static (long Price, double Seconds) AsAWhole(WeekProblem problem, TimeSpan limit)
    {
        var begin = GreedyPlan.Of(problem);
        var found = new LastFound(Stopwatch.StartNew());
        var (plan, _) = WeekModel.Of(problem, Goal.FairShares, int.MaxValue)!.Solve(begin, 1e6, limit, default, found);
        return ((plan ?? begin).FairAndPaid(), Math.Max(0.1, found.Seconds));
    }

    private sealed class LastFound(Stopwatch watch) : CpSolverSolutionCallback
    {
        public double Seconds { get; private set; }

        public override void OnSolutionCallback() => Seconds = watch.Elapsed.TotalSeconds;
    }

    private static double Ratio(long ours, long theirs) =>
        Math.Max(WeekProblem.PerMinute, ours) / (double)Math.Max(WeekProblem.PerMinute, theirs);

    private sealed class Listener(Action<ComposeProgress> heard) : IProgress<ComposeProgress>
    {
        public void Report(ComposeProgress value) => heard(value);
    }
}
