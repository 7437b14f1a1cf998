using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Search;

/// <summary>
/// Annealing from one plan by several chances, on all cores: where one ends is luck, and the best of a few is better than one that
/// takes as long as all of them. Work is counted and the results taken in their order, so that the same week gets the same plan.
/// </summary>
/// <param name="problem">The week.</param>
/// <param name="steps">How many changes each tries.</param>
/// <param name="hot">Worsening that is taken one time in e at the start.</param>
/// <param name="cold">And at the end.</param>
internal sealed class SideBySide(WeekProblem problem, int steps, double hot, double cold)
{
    /// <summary>The best plan found, with its price.</summary>
    /// <param name="begin">Uses by slot that each begins with.</param>
    /// <param name="price">What is made small.</param>
    /// <param name="seeds">A chance for each.</param>
    /// <param name="stop">Ends them with the best so far.</param>
    /// <param name="enough">A price at which they may end, such as a certified bound.</param>
    public (int[] Uses, long Price) Best(
        IReadOnlyList<int> begin,
        Func<PlanState, long> price,
        IEnumerable<ulong> seeds,
        CancellationToken stop,
        long enough = long.MinValue
    ) =>
        seeds
            .AsParallel()
            .AsOrdered()
            .Select(seed =>
            {
                var plan = new PlanState(problem, begin);
                new LocalSearch(problem, new SeededChance(seed)).Anneal(plan, price, steps, hot, cold, stop, enough);
                return (Uses: plan.Uses.ToArray(), Price: price(plan));
            })
            .ToArray()
            .MinBy(x => x.Price);
}
