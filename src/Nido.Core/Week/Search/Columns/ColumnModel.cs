using Google.OrTools.Sat;
using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Search.Columns;

/// <summary>The best whole plan that can be put together of columns that were found.</summary>
internal sealed class ColumnModel
{
    private readonly WeekProblem problem;
    private readonly IReadOnlyList<Way> ways;
    private readonly CpModel model = new();
    private readonly List<(Column Column, BoolVar Used)> used = [];
    private readonly List<LinearExpr> costs = [];

    /// <summary>The rules between cells over these columns; those within a cell each column keeps by itself.</summary>
    /// <param name="problem">The week.</param>
    /// <param name="ways">Its ways.</param>
    /// <param name="rules">The rows of its rules that reach over several cells.</param>
    /// <param name="columns">The columns.</param>
    /// <param name="begin">Names of those of a plan to begin with.</param>
    public ColumnModel(
        WeekProblem problem,
        IReadOnlyList<Way> ways,
        CrossRows rules,
        IReadOnlyList<Column> columns,
        IReadOnlySet<string> begin
    )
    {
        (this.problem, this.ways) = (problem, ways);
        used = [.. columns.DistinctBy(c => c.Name).Select((c, i) => (c, model.NewBoolVar($"column {i}")))];
        foreach (var (column, here) in used)
        {
            model.AddHint(here, begin.Contains(column.Name));
        }

        foreach (var cell in used.GroupBy(u => u.Column.Cell))
        {
            model.AddExactlyOne(cell.Select(u => u.Used));
        }

        HardRules(rules);
        WhatStays();
        FairShares();
        EveryStrandOnce();
        model.Minimize(LinearExpr.Sum(costs));
    }

    /// <summary>The best plan found, its columns; null where none was.</summary>
    /// <param name="work">Solver work, in its deterministic seconds.</param>
    /// <param name="guard">Wall clock at most.</param>
    /// <param name="stop">Ends it with the best so far.</param>
    public IReadOnlyList<Column>? Solve(double work, TimeSpan guard, CancellationToken stop)
    {
        var solver = Solving.Solver(work, guard);
        using var registration = stop.Register(solver.StopSearch);
        return solver.Solve(model) is CpSolverStatus.Optimal or CpSolverStatus.Feasible
            ? [.. used.Where(u => solver.BooleanValue(u.Used)).Select(u => u.Column)]
            : null;
    }

    private LinearExpr With(Func<Column, int> count)
    {
        (BoolVar Used, long Times)[] counted =
        [
            .. used.Select(u => (u.Used, (long)count(u.Column))).Where(u => u.Item2 != 0),
        ];
        return LinearExpr.WeightedSum(counted.Select(u => u.Used), counted.Select(u => u.Times));
    }

    private void HardRules(CrossRows rules)
    {
        var packs = Packs(rules);
        foreach (
            var row in used.SelectMany(u => rules.Of(u.Column).Select(x => (x.Row, x.Times, u.Used)))
                .GroupBy(x => x.Row)
        )
        {
            var sum = LinearExpr.WeightedSum(row.Select(x => x.Used), row.Select(x => (long)Math.Ceiling(x.Times)));
            var bought = packs.GetValueOrDefault(row.Key);
            model.Add((bought is null ? sum : sum - bought) <= (long)rules.AtMost[row.Key]);
        }
    }

    /// <summary>By row, what packs that are bought add to it; they are paid from the budget, or at a minute a cent over
    /// it.</summary>
    private Dictionary<int, LinearExpr> Packs(CrossRows rules)
    {
        const int most = 1000;
        var (adds, money) = (new Dictionary<int, LinearExpr>(), new List<LinearExpr>());
        foreach (var material in rules.Packs.GroupBy(p => p.Material))
        {
            var packs = model.NewIntVar(0, most, $"packs {material.Key}");
            money.Add(packs * (problem.Materials[material.Key].PackCents ?? 0));
            foreach (var (row, _, pack) in material)
            {
                adds[row] = packs * Math.Max(1, (long)pack);
            }
        }

        if (money.Count > 0)
        {
            var over = model.NewIntVar(0, int.MaxValue, "over");
            model.Add(LinearExpr.Sum(money) - over <= problem.Group.Settings.BudgetCents);
            costs.Add(over * WeekProblem.PerMinute);
        }

        return adds;
    }

    private void WhatStays()
    {
        foreach (var offers in problem.Staying.GroupBy(s => s.Block))
        {
            var may = offers
                .SelectMany(o => ways.Where(w => w.Uses.Any(o.Choices.Contains)).Select(w => w.Index))
                .Distinct()
                .ToDictionary(w => w, w => model.NewBoolVar($"stays {w}"));
            model.Add(LinearExpr.Sum(may.Values) == offers.Count());
            int[] cells =
            [
                .. offers
                    .SelectMany(o => o.Slots)
                    .Select(s => problem.CellAt(problem.Slots[s].Day, offers.Key))
                    .Distinct(),
            ];
            foreach (var cell in cells)
            {
                foreach (var (way, here) in may)
                {
                    // What stays lies in every cell of its block.
                    model.Add(With(c => c.Cell == cell && c.Ways.Contains(way) ? 1 : 0) >= here);
                }
            }
        }
    }

    private void FairShares()
    {
        var worst = model.NewIntVar(0, 1000, "worst");
        for (var k = 0; k < problem.Target.Length; k++)
        {
            var (aim, target) = (k, problem.Target[k]);
            if (target == 0)
            {
                continue;
            }

            var lacking = model.NewIntVar(0, target, $"lacking {k}");
            var far = model.NewIntVar(0, target, $"far {k}");
            model.Add(lacking + With(c => c.Dose[aim]) >= target);
            model.Add(far >= lacking - (target / 4));
            model.Add((worst * target) - (lacking * 1000) >= 0);
            costs.Add(lacking);
            costs.Add(far);
        }

        costs.Add(worst * PlanState.WorstCost);
    }

    private void EveryStrandOnce()
    {
        for (var s = 0; s < problem.StrandOpen.Length; s++)
        {
            if (problem.StrandOpen[s])
            {
                var strand = s;
                var missing = model.NewBoolVar($"missing {s}");
                model.Add(missing + With(c => c.Strands.Contains(strand) ? 1 : 0) >= 1);
                costs.Add(missing * PlanState.StrandCost);
            }
        }
    }
}
