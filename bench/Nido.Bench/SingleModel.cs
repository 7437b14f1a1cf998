using System.Diagnostics;
using Google.OrTools.Sat;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Rules;
using Nido.Core.Week.Search;

namespace Nido.Bench;

/// <summary>
/// The formulation that choose-then-place is measured against: one variable for each use on each day, whole days only,
/// all rules at once. Free choices are counted as if every offer were in reach, which is the case in the demo.
/// </summary>
internal static class SingleModel
{
    /// <summary>Fair-shares price of its best plan, and when it found it.</summary>
    public static (long Price, double Seconds) Solve(WeekProblem problem, PlanState hint, TimeSpan limit)
    {
        var model = new CpModel();
        var lies = problem
            .Uses.Select(u => problem.Days.Select((_, d) => model.NewBoolVar($"on {u.Index} {d}")).ToArray())
            .ToArray();
        var ways = new WeekWays(problem);
        var rows = new RowsInModel(
            model,
            ways,
            (cell, way) => LinearExpr.Sum(ways.All[way].Uses.Select(u => lies[u.Index][problem.Cells[cell].Day]))
        );
        foreach (var row in HardRule.RowsOf(ways))
        {
            rows.Add(row);
        }

        var costs = Shortfalls(problem, model, lies);
        costs.AddRange(Strands(problem, model, lies));
        model.Minimize(LinearExpr.Sum(costs));
        for (var s = 0; s < problem.Slots.Count; s++)
        {
            foreach (var use in problem.UsesOfBlock[problem.Slots[s].Block])
            {
                if (hint.Uses[s] == use.Index)
                {
                    model.AddHint(lies[use.Index][problem.Slots[s].Day], 1);
                }
            }
        }

        var solver = Solving.Solver(1e6, limit);
        var watch = Stopwatch.StartNew();
        var found = new LastFound(watch);
        solver.Solve(model, found);
        return ((long)solver.ObjectiveValue, Math.Max(0.1, found.Seconds));
    }

    private static List<LinearExpr> Shortfalls(WeekProblem problem, CpModel model, BoolVar[][] lies)
    {
        var costs = new List<LinearExpr>();
        var worst = model.NewIntVar(0, 1000, "worst");
        for (var k = 0; k < problem.Target.Length; k++)
        {
            var target = problem.Target[k];
            var given = LinearExpr.Sum(
                from u in problem.Uses
                from d in Enumerable.Range(0, problem.Days.Count)
                where problem.Attendance.Is(k / 4, d, u.BlockIndex)
                select lies[u.Index][d] * u.Dose[^1][k]
            );
            var lacking = model.NewIntVar(0, target, $"lacking {k}");
            var far = model.NewIntVar(0, target, $"far {k}");
            model.Add(lacking + given >= target);
            model.Add(far >= lacking - (target / 4));
            model.Add((worst * target) - (lacking * 1000) >= 0);
            costs.Add(lacking);
            costs.Add(far);
        }

        costs.Add(worst * PlanState.WorstCost);
        return costs;
    }

    private static IEnumerable<LinearExpr> Strands(WeekProblem problem, CpModel model, BoolVar[][] lies)
    {
        for (var k = 0; k < problem.StrandOpen.Length; k++)
        {
            if (!problem.StrandOpen[k])
            {
                continue;
            }

            var (c, s) = (k / Core.Strand.All.Count, k % Core.Strand.All.Count);
            var missing = model.NewBoolVar($"missing {k}");
            model.Add(
                missing
                    + LinearExpr.Sum(
                        from u in problem.Uses
                        where u.Reach[c] && u.Strands.Contains(s)
                        from d in Enumerable.Range(0, problem.Days.Count)
                        where problem.Attendance.Is(c, d, u.BlockIndex)
                        select lies[u.Index][d]
                    )
                    >= 1
            );
            yield return missing * PlanState.StrandCost;
        }
    }

    private sealed class LastFound(Stopwatch watch) : CpSolverSolutionCallback
    {
        public double Seconds { get; private set; }

        public override void OnSolutionCallback() => Seconds = watch.Elapsed.TotalSeconds;
    }
}
