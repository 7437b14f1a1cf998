using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Search;

/// <summary>
/// Brings a plan within the budget. What is bought for five days costs the same for one, so no single change saves a
/// cent: here
/// everything that a bought thing carries is taken out at once and its places are filled without it.
/// </summary>
public static class WithinBudget
{
    /// <summary>Takes out what is bought, the dearest first, as long as a plan comes to less in shares and money over
    /// the budget.</summary>
    /// <param name="problem">The week.</param>
    /// <param name="plan">Changed in place; never worse than it was.</param>
    /// <param name="stop">Ends it with the best so far.</param>
    public static void Bring(WeekProblem problem, PlanState plan, CancellationToken stop) =>
        Bring(problem, plan, p => p.FairAndPaid(), stop);

    /// <summary>As the other one, by a price of one's own that has money over the budget in it.</summary>
    internal static void Bring(WeekProblem problem, PlanState plan, Func<PlanState, long> price, CancellationToken stop)
    {
        ArgumentNullException.ThrowIfNull(problem);
        ArgumentNullException.ThrowIfNull(plan);
        for (var saved = true; saved && plan.OverBudget() > 0 && !stop.IsCancellationRequested; )
        {
            saved = plan.Spends.Bought().Any(b => Without(problem, plan, b.Material, price));
        }
    }

    /// <summary>The plan without a material, where that is better; false and as it was where it is not.</summary>
    private static bool Without(WeekProblem problem, PlanState plan, int material, Func<PlanState, long> price)
    {
        bool Takes(int use, int day) => problem.Uses[use].On(day).Takes.Any(t => t.Material == material);
        int[] before = [.. plan.Uses];
        var paid = price(plan);
        int[] carried =
        [
            .. Enumerable
                .Range(0, before.Length)
                .Where(s => before[s] >= 0 && problem.LockedUse[s] < 0 && Takes(before[s], problem.Slots[s].Day)),
        ];
        foreach (var slot in carried)
        {
            plan.Put(slot, -1);
        }

        foreach (var slot in carried.Select(s => problem.Together[s][0]).Distinct())
        {
            // What stays is taken out of its other days too, to be laid as one again.
            foreach (var same in problem.Together[slot])
            {
                plan.Put(same, -1);
            }

            GreedyPlan.Fill(
                problem,
                plan,
                slot,
                price,
                u => problem.Days.Select((_, d) => d).All(d => !Takes(u.Index, d))
            );
        }

        if (price(plan) < paid)
        {
            return true;
        }

        for (var s = 0; s < before.Length; s++)
        {
            plan.Put(s, before[s]);
        }

        return false;
    }
}
