namespace Nido.Core.Planning;

/// <summary>Changes a plan at hand as little as its week has changed: days that are past stay, what still fits stays if it can.</summary>
public static class Replan
{
    /// <summary>What one changed strip weighs against shares, in hundredths of a minute: three minutes.</summary>
    public const int StripCost = 300;

    /// <summary>What one changed strip weighs against wishes, in points; a theme link missed costs 20 to 60.</summary>
    public const int StripPoints = 60;

    /// <summary>As <see cref="StripPoints"/>, where the teacher herself weighs the wishes anew.</summary>
    public const int StripPointsWhenWeighed = 12;

    private const int Rounds = 6;
    private const int Steps = 60_000;

    /// <summary>The plan from a day on, made to fit the problem again. The same input gives the same plan.</summary>
    /// <param name="problem">The week as it is now; days before <paramref name="fromDay"/> should be locked in it.</param>
    /// <param name="plan">The plan at hand.</param>
    /// <param name="fromDay">First day that may change.</param>
    /// <param name="stop">Ends it with the best so far.</param>
    /// <param name="stripPoints">What one changed strip weighs against wishes.</param>
    public static PlanState From(WeekProblem problem, IReadOnlyList<Placement> plan, int fromDay, CancellationToken stop, int stripPoints = StripPoints)
    {
        ArgumentNullException.ThrowIfNull(problem);
        ArgumentNullException.ThrowIfNull(plan);
        var held = new WeekPlan(problem, plan);
        var state = new PlanState(problem);
        // What is past and what is locked lies where it lies; the rest only where it still may.
        foreach (var (slot, placement, use) in held.Filled.OrderBy(f => !(f.Placement.Day < fromDay || f.Placement.Locked)))
        {
            if (placement.Day < fromDay || placement.Locked || state.MayPut(slot, use.Index))
            {
                state.Put(slot, use.Index);
            }
        }

        int[] before = [.. state.Uses];
        for (var slot = 0; slot < problem.Slots.Count; slot++)
        {
            if (state.Uses[slot] < 0 && problem.Slots[slot].Day >= fromDay && problem.IsOpen(slot))
            {
                GreedyPlan.Fill(problem, state, slot);
            }
        }

        var search = new LocalSearch(problem, new SeededChance(11));
        search.Improve(state, p => p.FairPrice() + (StripCost * (long)Changed(p, before)), Rounds, stop);
        var limit = problem.MayBecome(state.FairPrice());
        search.Anneal(
            state,
            p => p.WishPrice() + (stripPoints * (long)Changed(p, before)) + (Math.Max(0, p.FairPrice() - limit) * 1000),
            Steps, hot: 120, cold: 1, stop);
        return state;
    }

    /// <summary>How many strips are others than before; places that were empty do not count.</summary>
    private static int Changed(PlanState plan, int[] before)
    {
        var changed = 0;
        for (var slot = 0; slot < before.Length; slot++)
        {
            changed += before[slot] >= 0 && plan.Uses[slot] != before[slot] ? 1 : 0;
        }

        return changed;
    }
}
