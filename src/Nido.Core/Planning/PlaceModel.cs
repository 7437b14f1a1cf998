using Google.OrTools.Sat;

namespace Nido.Core.Planning;

/// <summary>
/// Second stage: the chosen ways on days. What cannot be placed is left out at a price and filled afterwards.
/// </summary>
public static class PlaceModel
{
    /// <summary>A whole plan from how often each way was chosen.</summary>
    /// <param name="problem">The week.</param>
    /// <param name="ways">The ways chosen among.</param>
    /// <param name="times">How often each lies out.</param>
    /// <param name="work">Solver work at most, in its deterministic seconds.</param>
    /// <param name="stop">Ends the search early with the best so far.</param>
    public static PlanState Place(WeekProblem problem, IReadOnlyList<Way> ways, IReadOnlyList<long> times, double work, CancellationToken stop)
    {
        // What stays all week comes first, and the rest goes round it.
        var plan = new PlanState(problem);
        Lock(problem, plan);
        foreach (var offer in problem.Staying)
        {
            GreedyPlan.Fill(problem, plan, offer.Slots[0]);
        }

        ILookup<int, Use> stays = problem.Staying.SelectMany(o => o.Slots).Where(s => plan.Uses[s] >= 0).ToLookup(s => problem.Slots[s].Day, s => problem.Uses[plan.Uses[s]]);
        var model = new CpModel();
        Way[] chosen = [.. ways.Where(w => times[w.Index] > 0)];
        var on = chosen.ToDictionary(w => w.Index, w => problem.Days.Select((_, d) => model.NewBoolVar($"on {w.Index} {d}")).ToArray());
        var costs = new List<LinearExpr>();
        for (var d = 0; d < problem.Days.Count; d++)
        {
            var day = d;
            foreach (var inBlock in chosen.GroupBy(w => w.Any.BlockIndex))
            {
                Use[] there = [.. stays[d].Where(u => u.BlockIndex == inBlock.Key)];
                model.Add(LinearExpr.Sum(inBlock.Select(w => on[w.Index][d])) <= problem.Blocks[inBlock.Key].Offers - there.Length);
                model.Add(LinearExpr.WeightedSum(inBlock.Select(w => on[w.Index][d]), inBlock.Select(w => (long)w.Any.Adults))
                    <= problem.AdultsThere[d][inBlock.Key] - there.Sum(u => u.Adults));
                AddReach(problem, model, [.. inBlock], there, on, d, costs);
            }

            foreach (var technique in chosen.GroupBy(w => w.Any.TechniqueIndex))
            {
                model.Add(LinearExpr.Sum(technique.Select(w => on[w.Index][d])) <= (stays[d].Any(u => u.TechniqueIndex == technique.Key) ? 0 : 1));
            }

            foreach (var (technique, maker) in problem.MadeBefore)
            {
                var made = LinearExpr.Sum(chosen.Where(w => w.Any.TechniqueIndex == maker).SelectMany(w => on[w.Index].Take(day)));
                foreach (var way in chosen.Where(w => w.Any.TechniqueIndex == technique && !LockedDays(problem, w).Contains(day)))
                {
                    model.Add(on[way.Index][day] <= made);
                }
            }

            foreach (var way in chosen.Where(w => !w.Any.OnDay[day]))
            {
                model.Add(on[way.Index][d] == 0);
            }
        }

        foreach (var way in chosen)
        {
            var left = model.NewIntVar(0, times[way.Index], $"left {way.Index}");
            model.Add(LinearExpr.Sum(on[way.Index]) + left == times[way.Index]);
            costs.Add(left * 100);
            foreach (var day in LockedDays(problem, way))
            {
                model.Add(on[way.Index][day] == 1);
            }
        }

        model.Minimize(LinearExpr.Sum(costs));
        var solver = Solving.Solver(work, TimeSpan.FromSeconds(10));
        using var registration = stop.Register(solver.StopSearch);
        var status = solver.Solve(model);
        if (status is CpSolverStatus.Optimal or CpSolverStatus.Feasible)
        {
            Fill(problem, plan, chosen, (w, d) => solver.BooleanValue(on[w][d]));
        }

        for (var s = 0; s < plan.Uses.Count; s++)
        {
            if (plan.Uses[s] < 0 && problem.IsOpen(s))
            {
                GreedyPlan.Fill(problem, plan, s);
            }
        }

        return plan;
    }

    private static void AddReach(
        WeekProblem problem, CpModel model, Way[] inBlock, Use[] there, Dictionary<int, BoolVar[]> on, int day, List<LinearExpr> costs)
    {
        for (var c = 0; c < problem.ChildCount; c++)
        {
            var child = c;
            if (problem.Present[c][day] && inBlock.Any(w => !w.Any.Reach[child]) && !there.Any(u => u.Reach[child]))
            {
                var nothing = model.NewBoolVar($"nothing {c} {day}");
                model.Add(nothing + LinearExpr.Sum(inBlock.Where(w => w.Any.Reach[child]).Select(w => on[w.Index][day])) >= 1);
                costs.Add(nothing * 1000);
            }
        }
    }

    private static IEnumerable<int> LockedDays(WeekProblem problem, Way way) =>
        Enumerable.Range(0, problem.Slots.Count)
            .Where(s => problem.LockedUse[s] >= 0 && way.Uses.Any(u => u.Index == problem.LockedUse[s]))
            .Select(s => problem.Slots[s].Day)
            .Distinct();

    private static void Lock(WeekProblem problem, PlanState plan)
    {
        for (var s = 0; s < problem.Slots.Count; s++)
        {
            plan.Put(s, problem.LockedUse[s]);
        }
    }

    private static void Fill(WeekProblem problem, PlanState plan, Way[] chosen, Func<int, int, bool> isOn)
    {
        foreach (var way in chosen)
        {
            for (var d = 0; d < problem.Days.Count; d++)
            {
                if (!isOn(way.Index, d) || LockedDays(problem, way).Contains(d))
                {
                    continue;
                }

                var slot = Enumerable.Range(0, problem.Blocks[way.Any.BlockIndex].Offers)
                    .Select(o => problem.SlotAt(d, way.Any.BlockIndex, o))
                    .FirstOrDefault(s => plan.Uses[s] < 0, -1);
                var use = slot < 0 ? null : way.Uses.Where(u => plan.MayPut(slot, u.Index)).MinBy(u => u.WishCost);
                if (use is not null)
                {
                    plan.Put(slot, use.Index);
                }
            }
        }
    }
}
