using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Search;

/// <summary>
/// Brings a plan within the budget. What is bought for five days costs the same for one, so no single change saves a
/// cent: here
/// everything that a bought thing carries is taken out at once and its places are filled without it.
/// </summary>
public static class WithinBudget
{
    // Ideas that a trade is looked for, the most helpful first.
    private const int Tried = 12;

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

    /// <summary>
    /// Spends better: what would help most and is too dear is laid out, and something else that is bought is given up for
    /// it, as long as the week comes to less. Each step alone is over the budget or lacks more, so no search by small
    /// changes finds it: a week spent its 15.00 on other things and had nothing to smell for anybody.
    /// </summary>
    /// <param name="problem">The week.</param>
    /// <param name="plan">Changed in place; never worse than it was.</param>
    /// <param name="stop">Ends it with the best so far.</param>
    public static void Trade(WeekProblem problem, PlanState plan, CancellationToken stop)
    {
        ArgumentNullException.ThrowIfNull(problem);
        ArgumentNullException.ThrowIfNull(plan);
        for (var traded = true; traded && !stop.IsCancellationRequested; )
        {
            traded = TooDear(problem, plan)
                .Any(dear => !stop.IsCancellationRequested && IsTradedFor(problem, plan, dear.Slot, dear.Use));
        }
    }

    /// <summary>What would lower what is short if there were the money: each idea at its best place, the most helpful
    /// first.</summary>
    private static (int Slot, Use Use)[] TooDear(WeekProblem problem, PlanState plan)
    {
        var fair = plan.FairPrice();
        var found = new List<(int Slot, Use Use, long Gain)>();
        var was = new int[problem.Days.Count];
        foreach (var slot in Enumerable.Range(0, problem.Slots.Count).Where(s => IsFree(problem, s)))
        {
            var slots = problem.Together[slot];
            plan.Read(slots, was);
            foreach (var use in problem.Choices(slot).Where(u => plan.MayPutTogether(slots, u.Index)))
            {
                plan.PutTogether(slots, use.Index);
                if (plan.OverBudget() > 0 && fair - plan.FairPrice() is > 0 and var gain)
                {
                    found.Add((slot, use, gain));
                }

                plan.PutBack(slots, was);
            }
        }

        return
        [
            .. found
                .GroupBy(f => f.Use.IdeaIndex)
                .Select(g => g.MaxBy(f => f.Gain))
                .OrderByDescending(f => f.Gain)
                .ThenBy(f => f.Use.Index)
                .Take(Tried)
                .Select(f => (f.Slot, f.Use)),
        ];
    }

    private static bool IsTradedFor(WeekProblem problem, PlanState plan, int slot, Use use)
    {
        int[] before = [.. plan.Uses];
        var paid = plan.FairAndPaid();
        plan.PutTogether(problem.Together[slot], use.Index);
        while (plan.OverBudget() > 0)
        {
            int[] dear = [.. plan.Uses];
            var (least, best) = (plan.FairAndPaid(), (int[]?)null);
            foreach (var bought in plan.Spends.Bought().Where(b => !Takes(problem, use.Index, b.Material)))
            {
                TakeOut(problem, plan, bought.Material, p => p.FairAndPaid());
                if (plan.FairAndPaid() < least)
                {
                    (least, best) = (plan.FairAndPaid(), [.. plan.Uses]);
                }

                plan.Lay(dear);
            }

            if (best is null)
            {
                break;
            }

            plan.Lay(best);
        }

        if (plan.FairAndPaid() < paid)
        {
            return true;
        }

        plan.Lay(before);
        return false;
    }

    /// <summary>The plan without a material, where that is better; false and as it was where it is not.</summary>
    private static bool Without(WeekProblem problem, PlanState plan, int material, Func<PlanState, long> price)
    {
        int[] before = [.. plan.Uses];
        var paid = price(plan);
        TakeOut(problem, plan, material, price);
        if (price(plan) < paid)
        {
            return true;
        }

        plan.Lay(before);
        return false;
    }

    /// <summary>Everything that a material carries is taken out, and its places are filled without it.</summary>
    private static void TakeOut(WeekProblem problem, PlanState plan, int material, Func<PlanState, long> price)
    {
        int[] carried =
        [
            .. Enumerable
                .Range(0, plan.Uses.Count)
                .Where(s =>
                    plan.Uses[s] >= 0
                    && problem.LockedUse[s] < 0
                    && problem.Uses[plan.Uses[s]].On(problem.Slots[s].Day).Takes.Any(t => t.Material == material)
                ),
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

            GreedyPlan.Fill(problem, plan, slot, price, u => !Takes(problem, u.Index, material));
        }
    }

    private static bool Takes(WeekProblem problem, int use, int material) =>
        Enumerable
            .Range(0, problem.Days.Count)
            .Any(day => problem.Uses[use].On(day).Takes.Any(t => t.Material == material));

    private static bool IsFree(WeekProblem problem, int slot) =>
        problem.LockedUse[slot] < 0 && problem.IsOpen(slot) && problem.Leads(slot);
}
