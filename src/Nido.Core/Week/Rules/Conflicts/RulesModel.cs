using Google.OrTools.Sat;
using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Rules.Conflicts;

/// <summary>The hard rules alone, each of which can be left out: which ways lie out in which cell.</summary>
internal sealed class RulesModel
{
    private readonly CpModel model = new();
    private readonly List<RuleOfWeek> rules = [];

    public RulesModel(WeekProblem problem)
    {
        var ways = new WeekWays(problem);
        var lies = new Dictionary<(int Cell, int Way), BoolVar>();
        foreach (var cell in ways.Cells)
        {
            foreach (var way in ways.In(cell))
            {
                lies[(cell, way.Index)] = model.NewBoolVar($"way {way.Index} in {cell}");
            }
        }

        var rows = new RowsInModel(model, ways, (cell, way) => lies[(cell, way)]);
        // Rows that say the same stand or fall together.
        foreach (var rule in HardRule.RowsOf(ways).GroupBy(r => r.Says))
        {
            var holds = model.NewBoolVar(rule.Key.Rule.Key);
            rules.Add(new(rule.Key, holds));
            foreach (var row in rule)
            {
                rows.Add(row).OnlyEnforceIf(holds);
            }
        }
    }

    /// <summary>Every rule.</summary>
    public IReadOnlyList<RuleOfWeek> Rules => rules;

    /// <summary>Whether these rules can all hold; null where it was not decided. Where they cannot, some of them that
    /// cannot.</summary>
    public bool? CanHold(
        IReadOnlyCollection<RuleOfWeek> among,
        double work,
        TimeSpan limit,
        CancellationToken stop,
        out IReadOnlyList<RuleOfWeek> core
    )
    {
        model.Model.Assumptions.Clear();
        model.AddAssumptions(among.Select(r => (ILiteral)r.Holds));
        // Only one worker tells which assumptions it used.
        var solver = new CpSolver
        {
            StringParameters = string.Create(
                System.Globalization.CultureInfo.InvariantCulture,
                $"num_workers:1 random_seed:7 max_deterministic_time:{work:0.###} max_time_in_seconds:{limit.TotalSeconds:0.###}"
            ),
        };
        using var registration = stop.Register(solver.StopSearch);
        var status = solver.Solve(model);
        core = [.. among];
        if (status == CpSolverStatus.Infeasible)
        {
            var used = solver.SufficientAssumptionsForInfeasibility().ToHashSet();
            core = used.Count == 0 ? core : [.. among.Where(r => used.Contains(r.Holds.GetIndex()))];
        }

        return status switch
        {
            CpSolverStatus.Infeasible => false,
            CpSolverStatus.Optimal or CpSolverStatus.Feasible => true,
            _ => null,
        };
    }
}
