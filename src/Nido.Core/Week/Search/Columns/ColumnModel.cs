using Google.OrTools.Sat;
using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Search.Columns;

/// <summary>The best whole plan that can be put together of columns that were found.</summary>
internal sealed class ColumnModel
{
    private readonly CpModel model = new();
    private readonly List<(Column Column, BoolVar Used)> used = [];
    private readonly WeekInModel week;

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
        used = [.. columns.DistinctBy(c => c.Name).Select((c, i) => (c, model.NewBoolVar($"column {i}")))];
        foreach (var (column, here) in used)
        {
            model.AddHint(here, begin.Contains(column.Name));
        }

        foreach (var cell in used.GroupBy(u => u.Column.Cell))
        {
            model.AddExactlyOne(cell.Select(u => u.Used));
        }

        week = new(problem, model);
        HardRules(rules);
        week.WhatStays(ways, (cell, way) => With(c => c.Cell == cell && c.Ways.Contains(way) ? 1 : 0));
        week.FairShares(aim => With(c => c.Dose[aim]));
        week.EveryStrandOnce(strand => With(c => c.Strands.Contains(strand) ? 1 : 0));
        week.Minimize();
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
        var packs = week.Packs(rules.Packs.Select(p => p.Material));
        var bought = rules.Packs.ToDictionary(p => p.Row);
        foreach (
            var row in used.SelectMany(u => rules.Of(u.Column).Select(x => (x.Row, x.Times, u.Used)))
                .GroupBy(x => x.Row)
        )
        {
            if (bought.TryGetValue(row.Key, out var of))
            {
                week.TakesWhatIsThere(
                    [.. row.Select(x => ((LinearExpr)x.Used, x.Times))],
                    rules.AtMost[row.Key],
                    of.Pack,
                    packs[of.Material]
                );
            }
            else
            {
                model.Add(
                    LinearExpr.WeightedSum(row.Select(x => x.Used), row.Select(x => (long)x.Times))
                        <= (long)rules.AtMost[row.Key]
                );
            }
        }
    }
}
