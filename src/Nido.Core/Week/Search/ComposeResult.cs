using Nido.Core.Week.Problem;
using Nido.Core.Week.Wishes;

namespace Nido.Core.Week.Search;

/// <summary>A composed week.</summary>
/// <param name="Plan">The placements.</param>
/// <param name="Score">Its score.</param>
/// <param name="Greedy">Score of the first plan, for comparison.</param>
/// <param name="Bound">Fair-shares objective no plan can go below, in hundredths of a minute.</param>
/// <param name="End">How it ended.</param>
/// <param name="Seconds">How long it took.</param>
public sealed record ComposeResult(
    IReadOnlyList<Placement> Plan,
    PlanScore Score,
    PlanScore Greedy,
    long Bound,
    ComposeEnd End,
    double Seconds
)
{
    /// <summary>The smallest share of an even one over all children and aims, in parts of a million.</summary>
    public long SmallestShare { get; init; }

    /// <summary>What the smallest share of no plan goes above that misses no strand more than this one, and keeps to the budget
    /// where this one does; in parts of a million, null where it was not found.</summary>
    public long? AtMostShare { get; init; }

    /// <summary>As <see cref="Bound"/>, of plans that keep to the budget; null where money does not bind.</summary>
    public long? BoundWithinBudget { get; init; }

    /// <summary>The price of fair shares that was reached before the worst off and the other wishes were looked at, in
    /// hundredths of a minute.</summary>
    public long Reached { get; init; }

    /// <summary>Gap of what was reached to the bound, within the budget where that binds, 0–1: (best − bound)/max(1
    /// minute, best).</summary>
    public double Gap =>
        (Reached - Math.Max(Bound, BoundWithinBudget ?? 0)) / (double)Math.Max(WeekProblem.PerMinute, Reached);
}
