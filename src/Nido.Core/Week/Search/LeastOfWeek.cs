using Google.OrTools.LinearSolver;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Rules;
using Nido.Core.Week.Search.Columns;

namespace Nido.Core.Week.Search;

/// <summary>
/// What any week that keeps the hard rules costs at least, whatever else is given up for it: the rows of the rules as a
/// linear program over ways in cells. Parts of packs and of ideas cost less than whole ones, so it is a lower bound.
/// </summary>
/// <param name="Cents">Money for packs.</param>
/// <param name="EveningMinutes">Preparing what lies out, all evenings together.</param>
public sealed record LeastOfWeek(int Cents, int EveningMinutes)
{
    /// <summary>That of a week; null where no plan keeps the rules.</summary>
    public static LeastOfWeek? Of(WeekProblem problem)
    {
        ArgumentNullException.ThrowIfNull(problem);
        var money = new MoneyRows(problem);
        var ways = new WeekWays(problem, money.Scarce.ToHashSet());
        return
            Solve(ways, (solver, lies) => Money(solver, lies, ways, money)) is { } cents
            && Solve(ways, (solver, lies) => Evenings(solver, lies, ways)) is { } minutes
            ? new(Whole(cents), Whole(minutes))
            : null;
    }

    /// <summary>Cents and minutes are whole.</summary>
    private static int Whole(double bound) => Math.Max(0, (int)Math.Ceiling(bound - 1e-6));

    private static double? Solve(WeekWays ways, Action<Solver, Dictionary<(int Cell, int Way), Variable>> price)
    {
        using var solver = Solver.CreateSolver("GLOP");
        solver.Objective().SetMinimization();
        var lies = new Dictionary<(int Cell, int Way), Variable>();
        foreach (var cell in ways.Cells)
        {
            foreach (var way in ways.In(cell).Where(w => w.Any.OnDay[ways.Problem.Cells[cell].Day]))
            {
                lies[(cell, way.Index)] = solver.MakeNumVar(0, 1, "");
            }
        }

        // Heavy work in a row is no sum of ways: left out, which can only make the bound lower.
        foreach (var row in HardRule.RowsOf(ways).Where(r => r.HeavyCells.Count == 0))
        {
            var made = solver.MakeConstraint(row.AtLeast, row.AtMost);
            foreach (var term in row.Terms)
            {
                if (lies.TryGetValue((term.Cell, term.Way), out var here))
                {
                    made.SetCoefficient(here, term.Times);
                }
            }
        }

        price(solver, lies);
        return solver.Solve() == Solver.ResultStatus.OPTIMAL ? solver.Objective().Value() : null;
    }

    private static void Money(
        Solver solver,
        Dictionary<(int Cell, int Way), Variable> lies,
        WeekWays ways,
        MoneyRows money
    )
    {
        var packs = new Dictionary<int, Variable>();
        foreach (
            var row in money.Over([
                .. ways.Cells.Select(c =>
                    (
                        c,
                        ways.Problem.Cells[c].Day,
                        (IReadOnlyList<Way>)[.. ways.In(c).Where(w => lies.ContainsKey((c, w.Index)))]
                    )
                ),
            ])
        )
        {
            if (!packs.TryGetValue(row.Material, out var bought))
            {
                packs[row.Material] = bought = solver.MakeNumVar(0, double.PositiveInfinity, "");
                solver.Objective().SetCoefficient(bought, ways.Problem.Materials[row.Material].PackCents ?? 0);
            }

            var made = solver.MakeConstraint(double.NegativeInfinity, row.There);
            made.SetCoefficient(bought, -row.Pack);
            foreach (var (cell, way, units) in row.Terms)
            {
                made.SetCoefficient(lies[(cell, way)], units);
            }
        }
    }

    private static void Evenings(Solver solver, Dictionary<(int Cell, int Way), Variable> lies, WeekWays ways)
    {
        foreach (var ((cell, way), here) in lies)
        {
            var days = ways.Problem.Attendance.DaysOfBlock(ways.Problem.Cells[cell].Block);
            // A tray that stays is laid once for all its days.
            solver
                .Objective()
                .SetCoefficient(
                    here,
                    ways.All[way]
                        .Uses.Min(u =>
                            u.PrepMinutes / (ways.Problem.Staying.Any(s => s.Has(u)) ? (double)Math.Max(1, days) : 1)
                        )
                );
        }
    }
}
