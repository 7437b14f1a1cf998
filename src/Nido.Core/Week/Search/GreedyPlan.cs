using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Search;

/// <summary>The first whole plan: slot by slot the idea with the largest gain in fair shares, hard rules
/// kept.</summary>
public static class GreedyPlan
{
    /// <summary>A plan with every slot filled where some idea may lie there.</summary>
    public static PlanState Of(WeekProblem problem)
    {
        var state = new PlanState(problem);
        for (var s = 0; s < problem.Slots.Count; s++)
        {
            if (problem.LockedUse[s] >= 0)
            {
                state.Put(s, problem.LockedUse[s]);
            }
        }

        // The blocks with least to choose from first, so that they do not find their ideas taken.
        foreach (
            var slot in Enumerable
                .Range(0, problem.Slots.Count)
                .Where(s => problem.LockedUse[s] < 0 && problem.IsOpen(s) && problem.Leads(s))
                // What stays all week has to fit on every day, so it comes before what changes.
                .OrderBy(s => problem.StayingAt[s] is null)
                .ThenBy(s => problem.UsesOfBlock[problem.Slots[s].Block].Length)
                .ThenBy(s => s)
        )
        {
            Fill(problem, state, slot);
        }

        return state;
    }

    /// <summary>Puts the best idea that may lie there into a slot, and into those that go with it.</summary>
    /// <param name="problem">The week.</param>
    /// <param name="state">Changed in place.</param>
    /// <param name="slot">The slot.</param>
    public static void Fill(WeekProblem problem, PlanState state, int slot) =>
        Fill(problem, state, slot, p => p.FairPrice(), _ => true);

    /// <summary>As the other one, by a price of one's own, among some of the ideas.</summary>
    internal static void Fill(
        WeekProblem problem,
        PlanState state,
        int slot,
        Func<PlanState, long> price,
        Func<Use, bool> may
    )
    {
        var slots = problem.Together[slot];
        // Where nothing may lie out on all its days, an offer that should stay changes like the others.
        if (!Fill(state, slots, problem.Choices(slot), price, may) && slots.Length > 1)
        {
            foreach (var one in slots)
            {
                Fill(state, [one], problem.UsesOfBlock[problem.Slots[one].Block], price, may);
            }
        }
    }

    private static bool Fill(
        PlanState state,
        int[] slots,
        IReadOnlyList<Use> choices,
        Func<PlanState, long> price,
        Func<Use, bool> may
    )
    {
        Span<int> before = stackalloc int[slots.Length];
        state.Read(slots, before);
        var best = (Price: long.MaxValue, Use: -1);
        foreach (var use in choices)
        {
            if (!may(use) || !state.MayPutTogether(slots, use.Index))
            {
                continue;
            }

            state.PutTogether(slots, use.Index);
            var tried = price(state);
            state.PutBack(slots, before);
            if (tried < best.Price)
            {
                best = (tried, use.Index);
            }
        }

        if (best.Use >= 0)
        {
            state.PutTogether(slots, best.Use);
        }

        return best.Use >= 0;
    }
}
