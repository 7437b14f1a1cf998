using System.Diagnostics;
using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Rules.Conflicts;

/// <summary>
/// Why no week can keep every rule: a smallest set of rules that cannot all hold, found by leaving out one after the
/// other
/// (deletion filter). Leaving out any one of them would make the rest possible.
/// </summary>
/// <param name="Rules">The rules, each with its way out; empty where every rule can hold or it was not decided in
/// time.</param>
/// <param name="IsSmallest">Every rule in it was shown to be needed; else time ran out and some may not belong.</param>
public sealed record Conflict(IReadOnlyList<Impossible> Rules, bool IsSmallest)
{
    // One question to the solver; deterministic, so that the same week gets the same answer.
    private const double Work = 1;

    /// <summary>The conflict of a week.</summary>
    /// <param name="problem">The week.</param>
    /// <param name="limit">Longest time to look.</param>
    /// <param name="stop">Ends it with what is known.</param>
    public static Conflict Of(WeekProblem problem, TimeSpan limit, CancellationToken stop)
    {
        var watch = Stopwatch.StartNew();
        var model = new RulesModel(problem);
        bool? Holds(IReadOnlyCollection<RuleOfWeek> rules, out IReadOnlyList<RuleOfWeek> core)
        {
            var left = limit - watch.Elapsed;
            core = [.. rules];
            return left <= TimeSpan.Zero || stop.IsCancellationRequested
                ? null
                : model.CanHold(rules, Work, left, stop, out core);
        }

        if (Holds(model.Rules, out var suspects) != false)
        {
            return new([], true);
        }

        var (needed, sure) = (suspects.ToList(), true);
        foreach (var rule in suspects)
        {
            if (!needed.Contains(rule))
            {
                continue;
            }

            var without = needed.Where(r => r != rule).ToArray();
            switch (Holds(without, out var core))
            {
                case false:
                    // Still impossible: the rule is not to blame, nor is anything outside what was found.
                    needed = [.. core];
                    break;
                case null:
                    sure = false;
                    break;
                default:
                    break;
            }
        }

        return new([.. needed.Select(r => r.Says)], sure);
    }
}
