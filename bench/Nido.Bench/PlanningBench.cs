using System.Diagnostics;
using Nido.Core.Group;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Core.Week.Search;
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
        var result = new WeekComposer(problem, limits, TimeProvider.System).Compose(null, default);
        var (reached, against, single) = AgainstSingle(input, limits);
        watch.Restart();
        SharingModel.Solve(new WeekSharing(new WeekPlan(problem, result.Plan)).Problem(), 0.7, default);
        var sharing = watch.Elapsed.TotalSeconds;
        return new(
            Ratio(result.Score.Fair, result.Greedy.Fair),
            result.Gap,
            first / result.Seconds,
            reached / single.Seconds,
            Ratio(against, single.Price),
            Way.Of(problem).Count / (double)problem.Uses.Count,
            sharing / result.Seconds
        );
    }

    /// <summary>
    /// Both on the week the single model knows: no offer stays, nothing is made before. When we first held a plan at
    /// least as
    /// good as the best it came to, our shortfall, and its own.
    /// </summary>
    private static (double Reached, long Ours, (long Price, double Seconds) Single) AgainstSingle(
        WeekInput input,
        ComposeLimits limits
    )
    {
        var settings = input.Group.Settings with
        {
            Approaches = new Dictionary<Approach, int> { [Approach.GuidedMake] = 1 },
        };
        var problem = WeekProblem
            .Build(
                input with
                {
                    Group = input.Group with { Settings = settings },
                    Ideas = [.. input.Ideas.Where(i => i.Technique.MadeBy is null)],
                }
            )
            .Problem;
        var news = new List<ComposeProgress>();
        var result = new WeekComposer(problem, limits, TimeProvider.System).Compose(new Listener(news.Add), default);
        var (price, seconds) = SingleModel.Solve(
            problem,
            GreedyPlan.Of(problem),
            TimeSpan.FromSeconds(Math.Max(20, result.Seconds))
        );
        var reached =
            news.FirstOrDefault(n => n.Plan is not null && n.BestMinutes * WeekProblem.PerMinute <= price)?.Seconds
            ?? result.Seconds;
        return (reached, result.Score.Fair, (price, seconds));
    }

    private static double Ratio(long ours, long theirs) =>
        Math.Max(WeekProblem.PerMinute, ours) / (double)Math.Max(WeekProblem.PerMinute, theirs);

    private sealed class Listener(Action<ComposeProgress> heard) : IProgress<ComposeProgress>
    {
        public void Report(ComposeProgress value) => heard(value);
    }
}
