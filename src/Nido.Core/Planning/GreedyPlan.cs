namespace Nido.Core.Planning;

/// <summary>The first whole plan: slot by slot the idea with the largest gain in fair shares, hard rules kept.</summary>
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
        foreach (var slot in Enumerable.Range(0, problem.Slots.Count)
                     .Where(s => problem.LockedUse[s] < 0)
                     .OrderBy(s => problem.UsesOfBlock[problem.Slots[s].Block].Length)
                     .ThenBy(s => s))
        {
            Fill(problem, state, slot);
        }

        return state;
    }

    /// <summary>Puts the best idea that may lie there into a slot.</summary>
    public static void Fill(WeekProblem problem, PlanState state, int slot)
    {
        var best = (Price: long.MaxValue, Use: -1);
        foreach (var use in problem.UsesOfBlock[problem.Slots[slot].Block])
        {
            if (!state.MayPut(slot, use.Index))
            {
                continue;
            }

            var before = state.Put(slot, use.Index);
            var price = state.FairPrice();
            state.Put(slot, before);
            if (price < best.Price)
            {
                best = (price, use.Index);
            }
        }

        if (best.Use >= 0)
        {
            state.Put(slot, best.Use);
        }
    }
}
