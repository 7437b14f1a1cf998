using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Search;

/// <summary>
/// Gives a child that has nothing in reach in a block something. Where few ideas are, what it could do lies elsewhere
/// already, and no single change helps: here one other place of the week is given up for it and filled anew.
/// </summary>
internal static class SomethingForEveryone
{
    /// <summary>Changes a plan as long as fewer are left with nothing.</summary>
    /// <param name="problem">The week.</param>
    /// <param name="plan">Changed in place; never worse than it was.</param>
    /// <param name="stop">Ends it with the best so far.</param>
    public static void Bring(WeekProblem problem, PlanState plan, CancellationToken stop)
    {
        for (var helped = true; helped && plan.Shares.WithNothing > 0 && !stop.IsCancellationRequested; )
        {
            helped = problem.Cells.Select((_, c) => c).Any(cell => Help(problem, plan, cell));
        }
    }

    private static bool Help(WeekProblem problem, PlanState plan, int cell)
    {
        var of = problem.Cells[cell];
        int[] without =
        [
            .. Enumerable
                .Range(0, problem.ChildCount)
                .Where(c => problem.Attendance.Is(c, of.Day, of.Block) && plan.Shares.InReach(cell, c) == 0),
        ];
        if (without.Length == 0)
        {
            return false;
        }

        int[] before = [.. plan.Uses];
        var (price, best) = (plan.FairAndPaid(), (int[]?)null);
        foreach (var slot in Enumerable.Range(of.FirstSlot, of.Offers).Where(s => Changes(problem, s)))
        {
            foreach (var use in problem.Choices(slot).Where(u => without.Any(c => u.Reach[c])))
            {
                foreach (var other in Beside(problem, plan, slot, use))
                {
                    foreach (var s in other < 0 ? [] : problem.Together[other])
                    {
                        plan.Put(s, -1);
                    }

                    if (plan.MayPutTogether(problem.Together[slot], use.Index))
                    {
                        plan.PutTogether(problem.Together[slot], use.Index);
                        if (other >= 0)
                        {
                            GreedyPlan.Fill(problem, plan, other);
                        }

                        if (plan.FairAndPaid() < price)
                        {
                            (price, best) = (plan.FairAndPaid(), [.. plan.Uses]);
                        }
                    }

                    plan.Lay(before);
                }
            }
        }

        plan.Lay(best ?? before);
        return best is not null;
    }

    /// <summary>Places that could make room for a use: none, or one that has its way of working or its idea, or lies beside
    /// it.</summary>
    private static int[] Beside(WeekProblem problem, PlanState plan, int slot, Use use) =>
        plan.Others(slot)
            .Where(o =>
                Changes(problem, o.Slot)
                && (
                    o.Use.IdeaIndex == use.IdeaIndex
                    || o.Day == problem.Slots[slot].Day
                        && (o.Use.TechniqueIndex == use.TechniqueIndex || o.Use.IsHeavy || o.Use.Adults > 0)
                )
            )
            .Select(o => problem.Together[o.Slot][0])
            .Prepend(-1)
            .Distinct()
            .ToArray();

    private static bool Changes(WeekProblem problem, int slot) => problem.LockedUse[slot] < 0 && problem.IsOpen(slot);
}
