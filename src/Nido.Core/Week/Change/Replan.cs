using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Core.Week.Search;

namespace Nido.Core.Week.Change;

/// <summary>Changes a plan at hand as little as its week has changed: days that are past stay, what still fits stays if
/// it can.</summary>
public static class Replan
{
    /// <summary>
    /// What one changed strip weighs against shares, in hundredths of a minute: half an hour. Changing little comes
    /// right after the
    /// rules and the targets; a plan that gave something up for wishes is not made anew for it because a jar is gone.
    /// </summary>
    public const int StripCost = 3_000;

    /// <summary>What one changed strip weighs against wishes, in points; a theme link missed costs 20 to 60.</summary>
    public const int StripPoints = 400;

    /// <summary>As <see cref="StripPoints"/>, where the teacher herself weighs the wishes anew.</summary>
    public const int StripPointsWhenWeighed = 12;

    private const int Rounds = 6;
    private const int Steps = 60_000;

    /// <summary>The plan from a day on, made to fit the problem again. The same input gives the same plan.</summary>
    /// <param name="problem">The week as it is now; days before <paramref name="fromDay"/> should be locked in
    /// it.</param>
    /// <param name="plan">The plan at hand.</param>
    /// <param name="fromDay">First day that may change.</param>
    /// <param name="stop">Ends it with the best so far.</param>
    /// <param name="stripPoints">What one changed strip weighs against wishes.</param>
    public static PlanState From(
        WeekProblem problem,
        IReadOnlyList<Placement> plan,
        int fromDay,
        CancellationToken stop,
        int stripPoints = StripPoints
    )
    {
        ArgumentNullException.ThrowIfNull(problem);
        ArgumentNullException.ThrowIfNull(plan);
        var held = new WeekPlan(problem, plan);
        var state = new PlanState(problem);
        // What is past and what is locked lies where it lies; the rest only where it still may.
        foreach (
            var (slot, placement, use) in held.Filled.OrderBy(f => !(f.Placement.Day < fromDay || f.Placement.Locked))
        )
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
        long Price(PlanState p) => p.FairAndPaid() + (StripCost * (long)Changed(problem, p, before));
        SomethingForEveryone.Bring(problem, state, stop);
        WithinBudget.Bring(problem, state, Price, stop);
        search.Improve(state, Price, Rounds, stop);
        var (limit, over, missing) = (problem.MayBecome(state.FairPrice()), state.OverBudget(), state.Shares.Missing);
        search.Anneal(
            state,
            p => p.WishPrice() + (stripPoints * (long)Changed(problem, p, before)) + p.Beyond(limit, over, missing),
            Steps,
            hot: 120,
            cold: 1,
            stop
        );
        return state;
    }

    /// <summary>How many strips are others than before; places that were empty do not count, and a tray that stays is
    /// one.</summary>
    private static int Changed(WeekProblem problem, PlanState plan, int[] before)
    {
        var changed = 0;
        for (var slot = 0; slot < before.Length; slot++)
        {
            changed += before[slot] >= 0 && plan.Uses[slot] != before[slot] && problem.Leads(slot) ? 1 : 0;
        }

        return changed;
    }
}
