using Google.OrTools.Sat;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Rules;
using Nido.Core.Week.Search.Columns;

namespace Nido.Core.Week.Search;

/// <summary>
/// A whole week as one model, a way in a cell each of its variables, shares exact and money in whole packs. A small week is
/// solved and proven by it; for a larger one there are the columns.
/// </summary>
public sealed class WeekModel
{
    /// <summary>Ways in cells up to which a week is small: more than a lean room has, where the model proves what the columns only
    /// bound; in a full cupboard it comes to nothing in twenty times the work (docs/decisions/0010).</summary>
    private const int Small = 600;

    private readonly WeekProblem problem;
    private readonly WeekWays ways;
    private readonly MoneyRows money;
    private readonly CpModel model = new();
    private readonly Dictionary<(int Cell, int Way), BoolVar> lies;
    private readonly Dictionary<(int Cell, int Aim), LinearExpr> gives = [];

    /// <summary>The model of a week; null where it is not small enough to be solved as a whole.</summary>
    /// <param name="problem">The week.</param>
    /// <param name="goal">What is made good.</param>
    /// <param name="small">Ways in cells up to which it is.</param>
    /// <param name="mayMiss">For the smallest share, strands that may be missing over all children; null for any.</param>
    public static WeekModel? Of(WeekProblem problem, Goal goal, int small = Small, int? mayMiss = null)
    {
        ArgumentNullException.ThrowIfNull(problem);
        var money = new MoneyRows(problem);
        var ways = new WeekWays(problem, money.Scarce.ToHashSet());
        return ways.Cells.Sum(c => ways.In(c).Count()) <= small ? new(problem, goal, money, ways, mayMiss) : null;
    }

    private WeekModel(WeekProblem problem, Goal goal, MoneyRows money, WeekWays ways, int? mayMiss)
    {
        (this.problem, this.money, this.ways) = (problem, money, ways);
        lies = ways
            .Cells.SelectMany(c => ways.In(c).Select(w => (Cell: c, Way: w.Index)))
            .ToDictionary(x => x, x => model.NewBoolVar($"in {x.Cell} {x.Way}"));
        var rows = new RowsInModel(model, ways, Lies);
        foreach (var row in HardRule.RowsOf(ways))
        {
            rows.Add(row);
        }

        foreach (var cell in ways.Cells)
        {
            Gives(cell);
        }

        var week = new WeekInModel(problem, model);
        week.WhatStays(ways.All, Lies);
        if (goal == Goal.FairShares)
        {
            week.FairShares(Given);
            week.EveryStrandOnce(Met);
        }
        else
        {
            week.SmallestShare(Given);
            if (mayMiss is { } most)
            {
                week.NoMoreStrandsMissing(Met, most);
            }
        }

        Money(week);
        week.Minimize();
    }

    /// <summary>The best plan found, begun from one, null where none was; and what no plan costs less than, null where nothing
    /// was proven; for the smallest share minus the parts of a million that no plan within the budget goes above.</summary>
    /// <param name="begin">The plan.</param>
    /// <param name="work">Solver work, in its deterministic seconds.</param>
    /// <param name="guard">Wall clock at most.</param>
    /// <param name="stop">Ends it with the best so far.</param>
    /// <param name="found">Told of every plan that is found.</param>
    public (PlanState? Plan, double? AtLeast) Solve(
        PlanState begin,
        double work,
        TimeSpan guard,
        CancellationToken stop,
        SolutionCallback? found = null
    )
    {
        ArgumentNullException.ThrowIfNull(begin);
        foreach (var ((cell, way), here) in lies)
        {
            var slots = Enumerable.Range(problem.Cells[cell].FirstSlot, problem.Cells[cell].Offers);
            model.AddHint(here, slots.Any(s => ways.All[way].Uses.Any(u => u.Index == begin.Uses[s])));
        }

        var solver = Solving.ByRelaxation(work, guard);
        using var registration = stop.Register(solver.StopSearch);
        return solver.Solve(model, found) is CpSolverStatus.Optimal or CpSolverStatus.Feasible
            ? (ColumnPlan.Of(problem, ways.All, [.. ways.Cells.Select(c => In(c, solver))]), solver.BestObjectiveBound)
            : (null, null);
    }

    private Column In(int cell, CpSolver solver) =>
        new(
            cell,
            [.. ways.In(cell).Select(w => w.Index).Where(w => solver.BooleanValue(lies[(cell, w)]))],
            [],
            [],
            false
        );

    private LinearExpr Lies(int cell, int way) =>
        lies.TryGetValue((cell, way), out var here) ? here : LinearExpr.Constant(0);

    private LinearExpr Given(int aim) =>
        LinearExpr.Sum(ways.Cells.Where(c => gives.ContainsKey((c, aim))).Select(c => gives[(c, aim)]));

    private LinearExpr Met(int strand)
    {
        var (child, s) = (strand / Strand.All.Count, strand % Strand.All.Count);
        return LinearExpr.Sum(
            lies.Where(x =>
                    problem.Attendance.Is(child, problem.Cells[x.Key.Cell].Day, problem.Cells[x.Key.Cell].Block)
                    && ways.All[x.Key.Way].Any.Reach[child]
                    && ways.All[x.Key.Way].Any.Strands.Contains(s)
                )
                .Select(x => x.Value)
        );
    }

    /// <summary>
    /// What the ways of a cell give each child who is there. Where children choose freely, a child divides its minutes among the
    /// offers in its reach: for each number of them the sum is at most what that many give.
    /// </summary>
    private void Gives(int cell)
    {
        var (day, block) = (problem.Cells[cell].Day, problem.Cells[cell].Block);
        Way[] here = [.. ways.In(cell)];
        for (var child = 0; child < problem.ChildCount; child++)
        {
            if (!problem.Attendance.Is(child, day, block))
            {
                continue;
            }

            var c = child;
            Way[] reach = [.. here.Where(w => w.Any.Reach[c])];
            LinearExpr By(int inReach, int aim) =>
                LinearExpr.WeightedSum(
                    reach.Select(w => lies[(cell, w.Index)]),
                    reach.Select(w => (long)w.Any.Dose[inReach - 1][aim])
                );
            var offers = problem.Blocks[block].Offers;
            if (!problem.Blocks[block].IsFreeChoice || reach.Length == here.Length)
            {
                for (var aim = c * 4; aim < (c * 4) + 4; aim++)
                {
                    gives[(cell, aim)] = By(problem.Blocks[block].IsFreeChoice ? offers : 1, aim);
                }

                continue;
            }

            BoolVar[] many = [.. Enumerable.Range(0, offers + 1).Select(n => model.NewBoolVar($"{cell} {c} {n}"))];
            model.AddExactlyOne(many);
            model.Add(
                LinearExpr.Sum(reach.Select(w => lies[(cell, w.Index)]))
                    == LinearExpr.WeightedSum(many, many.Select((_, n) => (long)n))
            );
            for (var aim = c * 4; aim < (c * 4) + 4; aim++)
            {
                var given = model.NewIntVar(
                    0,
                    offers + (reach.Max(w => (long?)w.Any.Dose[0][aim]) ?? 0),
                    $"{cell} {aim}"
                );
                model.Add(given == 0).OnlyEnforceIf(many[0]);
                for (var n = 1; n <= offers; n++)
                {
                    model.Add(given <= By(n, aim)).OnlyEnforceIf(many[n]);
                }

                gives[(cell, aim)] = given;
            }
        }
    }

    private void Money(WeekInModel week)
    {
        var packs = week.Packs(money.Scarce);
        foreach (
            var row in money.Over([
                .. ways.Cells.Select(c => (c, problem.Cells[c].Day, (IReadOnlyList<Way>)[.. ways.In(c)])),
            ])
        )
        {
            week.TakesWhatIsThere(
                [.. row.Terms.Select(t => (Lies(t.Cell, t.Way), t.Units))],
                row.There,
                row.Pack,
                packs[row.Material]
            );
        }
    }
}
