using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Search.Columns;

/// <summary>Lays columns out as a plan: what stays first, of each way the material that is wished most.</summary>
internal static class ColumnPlan
{
    /// <summary>The plan of a column a cell; what a rule keeps out of it is filled as the greedy plan would.</summary>
    public static PlanState Of(WeekProblem problem, IReadOnlyList<Way> ways, IReadOnlyList<Column> columns)
    {
        var plan = new PlanState(problem);
        for (var s = 0; s < problem.Slots.Count; s++)
        {
            plan.Put(s, problem.LockedUse[s]);
        }

        var left = columns.ToDictionary(c => c.Cell, c => c.Ways.ToList());
        foreach (var (cell, there) in left)
        {
            Forget(there, ways, Slots(problem, cell).Select(s => problem.LockedUse[s]));
        }

        foreach (var offer in problem.Staying)
        {
            Lay(problem, plan, ways, left, offer);
        }

        foreach (var (cell, there) in left)
        {
            foreach (var way in there)
            {
                var slot = Slots(problem, cell).FirstOrDefault(s => plan.Uses[s] < 0 && problem.IsOpen(s), -1);
                var use =
                    slot < 0
                        ? null
                        : ways[way]
                            .Uses.Where(u => plan.MayPut(slot, u.Index))
                            .OrderBy(u => u.WishCost)
                            .ThenBy(u => u.Index)
                            .FirstOrDefault();
                if (use is not null)
                {
                    plan.Put(slot, use.Index);
                }
            }
        }

        for (var s = 0; s < problem.Slots.Count; s++)
        {
            if (plan.Uses[s] < 0 && problem.IsOpen(s))
            {
                GreedyPlan.Fill(problem, plan, s);
            }
        }

        return plan;
    }

    private static void Lay(
        WeekProblem problem,
        PlanState plan,
        IReadOnlyList<Way> ways,
        Dictionary<int, List<int>> left,
        StayingOffer offer
    )
    {
        int[] cells = [.. offer.Slots.Select(s => problem.CellAt(problem.Slots[s].Day, offer.Block))];
        if (cells.Length == 0 || !cells.All(left.ContainsKey))
        {
            return;
        }

        int[] slots = [.. offer.Slots];
        var use = left[cells[0]]
            .Where(w => cells.All(c => left[c].Contains(w)))
            .SelectMany(w => offer.Choices.Where(u => ways[w].Uses.Contains(u) && plan.MayPutTogether(slots, u.Index)))
            .OrderBy(u => u.WishCost)
            .ThenBy(u => u.Index)
            .FirstOrDefault();
        if (use is null)
        {
            return;
        }

        plan.PutTogether(slots, use.Index);
        foreach (var cell in cells)
        {
            Forget(left[cell], ways, [use.Index]);
        }
    }

    private static IEnumerable<int> Slots(WeekProblem problem, int cell) =>
        Enumerable.Range(problem.Cells[cell].FirstSlot, problem.Cells[cell].Offers);

    private static void Forget(List<int> there, IReadOnlyList<Way> ways, IEnumerable<int> uses)
    {
        foreach (var use in uses.Where(u => u >= 0))
        {
            there.RemoveAll(w => ways[w].Uses.Any(u => u.Index == use));
        }
    }
}
