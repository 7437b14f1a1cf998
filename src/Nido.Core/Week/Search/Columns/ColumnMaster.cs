using Google.OrTools.LinearSolver;
using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Search.Columns;

/// <summary>What is made as good as can be.</summary>
public enum Goal
{
    /// <summary>The price of fair shares, in hundredths of a minute: small.</summary>
    FairShares,

    /// <summary>The smallest share of an even one: large.</summary>
    SmallestShare,
}

/// <summary>
/// The linear master of the columns found so far, in GLOP, which begins each time where it ended: one column a cell,
/// fair shares, strands, the rows of the hard rules that reach over several cells, and one choice for each offer that
/// stays. Every valid plan is one of its solutions, so that its prices bound every plan.
/// </summary>
internal sealed class ColumnMaster : IDisposable
{
    /// <summary>A cell that stays empty is no plan: dearer than any share.</summary>
    private const double Empty = 1e7;

    /// <summary>A share as the master counts it: parts of a million.</summary>
    public const double Share = 1e6;

    private readonly WeekProblem problem;
    private readonly Goal goal;
    private readonly StayingChoices[] staying;
    private readonly Solver solver = Solver.CreateSolver("GLOP");
    private readonly Constraint?[] dose;
    private readonly Constraint?[] strand;
    private readonly CrossRows rules;
    private readonly Constraint[] rows;
    private readonly Constraint?[] filled;
    private readonly Dictionary<(int Cell, int Choice), Constraint> stays = [];
    private readonly Constraint?[] chosen;
    private readonly double[] paid;
    private readonly Dictionary<(int Staying, int Choice), Variable> choices = [];
    private readonly HashSet<string> known = [];
    private readonly List<(Column Column, Variable Used)> columns = [];

    /// <summary>The rows; columns are added as they are found.</summary>
    public ColumnMaster(
        WeekProblem problem,
        CrossRows rules,
        IReadOnlyList<CellOfWays> cells,
        StayingChoices[] staying,
        Goal goal,
        int mayMiss
    )
    {
        (this.problem, this.goal, this.staying, this.rules) = (problem, goal, staying, rules);
        solver.Objective().SetMinimization();
        dose = new Constraint?[problem.Target.Length];
        strand = new Constraint?[problem.StrandOpen.Length];
        if (goal == Goal.FairShares)
        {
            FairShares();
        }
        else
        {
            SmallestShare();
        }

        Strands(mayMiss);
        rows = [.. rules.AtMost.Select(most => Always(solver.MakeConstraint(double.NegativeInfinity, most), -1))];
        Money();
        filled = new Constraint?[problem.Cells.Count];
        chosen = new Constraint?[staying.Length];
        paid = new double[staying.Length];
        foreach (var cell in cells.Where(c => !staying.Any(s => s.Block == c.Block)))
        {
            filled[cell.Index] = Always(solver.MakeConstraint(1, 1));
        }

        for (var s = 0; s < staying.Length; s++)
        {
            chosen[s] = Always(solver.MakeConstraint(1, 1));
        }
    }

    /// <summary>Columns found.</summary>
    public int Count => columns.Count;

    /// <summary>What the best mix of columns costs; for shares, minus the smallest one.</summary>
    public double Value { get; private set; }

    /// <summary>From now on a column lies in its cell.</summary>
    /// <param name="number">Its number, as <see cref="Mix"/> has it: the same column may be there under several choices
    /// of what stays.</param>
    public void Fix(int number) => columns[number].Used.SetLb(1);

    /// <summary>The choice of what stays that the best mix takes most of, −1 where there is none.</summary>
    public (int Choice, double Part) MostOf(int staying) =>
        choices
            .Where(c => c.Key.Staying == staying)
            .Select(c => (c.Key.Choice, Part: c.Value.SolutionValue()))
            .OrderByDescending(c => c.Part)
            .ThenBy(c => c.Choice)
            .FirstOrDefault((-1, 0));

    /// <summary>From now on this choice stays.</summary>
    public void Stay(int staying, int choice)
    {
        Row(this.staying[staying].Cells[0], choice);
        choices[(staying, choice)].SetLb(1);
    }

    /// <summary>This choice need not stay any longer.</summary>
    public void LetGo(int staying, int choice) => choices[(staying, choice)].SetLb(0);

    /// <summary>Adds a column; false where it is known.</summary>
    /// <param name="column">The column.</param>
    /// <param name="choice">Of a cell with offers that stay, which choice it has; −1 elsewhere.</param>
    public bool Add(Column column, int choice)
    {
        if (!known.Add($"{choice}:{column.Name}"))
        {
            return false;
        }

        var used = solver.MakeNumVar(0, double.PositiveInfinity, "");
        columns.Add((column, used));
        for (var k = 0; k < column.Dose.Length; k++)
        {
            if (column.Dose[k] != 0)
            {
                dose[k]?.SetCoefficient(used, column.Dose[k]);
            }
        }

        foreach (var s in column.Strands)
        {
            strand[s]?.SetCoefficient(used, 1);
        }

        foreach (var (row, times) in rules.Of(column))
        {
            rows[row].SetCoefficient(used, times);
        }

        if (choice < 0)
        {
            filled[column.Cell]!.SetCoefficient(used, 1);
        }
        else
        {
            Row(column.Cell, choice).SetCoefficient(used, 1);
        }

        return true;
    }

    /// <summary>Solves it; false where that failed, and then nothing can be said.</summary>
    public bool Solve(Prices prices)
    {
        if (solver.Solve() != Solver.ResultStatus.OPTIMAL)
        {
            return false;
        }

        Value = solver.Objective().Value();
        for (var k = 0; k < dose.Length; k++)
        {
            prices.Dose[k] = Math.Max(0, dose[k]?.DualValue() ?? 0);
        }

        for (var s = 0; s < strand.Length; s++)
        {
            prices.Strand[s] = Math.Max(0, strand[s]?.DualValue() ?? 0);
        }

        for (var r = 0; r < rows.Length; r++)
        {
            prices.Row[r] = Math.Min(0, rows[r].DualValue());
        }

        for (var s = 0; s < staying.Length; s++)
        {
            paid[s] = chosen[s]!.DualValue();
        }

        // What stays for certain is paid for by its own limit too.
        foreach (var ((s, _), here) in choices.Where(c => c.Value.Lb() > 0))
        {
            paid[s] += here.ReducedCost();
        }

        for (var c = 0; c < filled.Length; c++)
        {
            prices.Cell[c] = filled[c]?.DualValue() ?? 0;
        }

        return true;
    }

    /// <summary>What the master pays for the choice of a block's staying offers, all its days together.</summary>
    public double OfStaying(int staying) => paid[staying];

    /// <summary>
    /// What every plan costs at least by these prices, once the most a cell or a choice can be worth is taken off: all
    /// that is
    /// not bound to a cell, and the limits that are not free.
    /// </summary>
    public double WithoutCells(Prices prices)
    {
        var sum = Value;
        for (var c = 0; c < filled.Length; c++)
        {
            sum -= filled[c] is null ? 0 : prices.Cell[c];
        }

        for (var s = 0; s < chosen.Length; s++)
        {
            sum -= OfStaying(s);
        }

        return sum;
    }

    /// <summary>Every column found.</summary>
    public IEnumerable<Column> Found => columns.Select(c => c.Column);

    /// <summary>Columns with how much of each the best mix takes and their number, those taken most first.</summary>
    public IReadOnlyList<(Column Column, double Part, int Number)> Mix() =>
        [
            .. columns
                .Select((c, number) => (c.Column, Part: c.Used.SolutionValue(), number))
                .OrderByDescending(c => c.Part),
        ];

    /// <inheritdoc />
    public void Dispose() => solver.Dispose();

    private Constraint Row(int cell, int choice)
    {
        if (stays.TryGetValue((cell, choice), out var row))
        {
            return row;
        }

        var s = Array.FindIndex(staying, x => x.Block == problem.Cells[cell].Block);
        var here = solver.MakeNumVar(0, double.PositiveInfinity, "");
        choices[(s, choice)] = here;
        chosen[s]!.SetCoefficient(here, 1);
        foreach (var other in staying[s].Cells)
        {
            var made = Always(solver.MakeConstraint(0, 0));
            made.SetCoefficient(here, -1);
            stays[(other, choice)] = made;
        }

        return stays[(cell, choice)];
    }

    /// <summary>A row that can be kept from the first, and whatever is fixed, at a price that no plan pays.</summary>
    private Constraint Always(Constraint row, int fills = 1)
    {
        var empty = solver.MakeNumVar(0, double.PositiveInfinity, "empty");
        row.SetCoefficient(empty, fills);
        solver.Objective().SetCoefficient(empty, Empty);
        return row;
    }

    private void FairShares()
    {
        var worst = solver.MakeNumVar(0, 1000, "worst");
        solver.Objective().SetCoefficient(worst, PlanState.WorstCost);
        for (var k = 0; k < dose.Length; k++)
        {
            var target = problem.Target[k];
            if (target == 0)
            {
                continue;
            }

            var lacking = solver.MakeNumVar(0, double.PositiveInfinity, "lacking");
            var far = solver.MakeNumVar(0, double.PositiveInfinity, "far");
            solver.Objective().SetCoefficient(lacking, 1);
            solver.Objective().SetCoefficient(far, 1);
            dose[k] = solver.MakeConstraint(target, double.PositiveInfinity);
            dose[k]!.SetCoefficient(lacking, 1);
            var beyond = solver.MakeConstraint(-(target / 4), double.PositiveInfinity);
            beyond.SetCoefficient(far, 1);
            beyond.SetCoefficient(lacking, -1);
            var least = solver.MakeConstraint(0, double.PositiveInfinity);
            least.SetCoefficient(worst, target / 1000.0);
            least.SetCoefficient(lacking, -1);
        }
    }

    /// <summary>Packs that are bought: for fair shares within the budget or at a minute a cent over it, for the smallest share
    /// within it.</summary>
    private void Money()
    {
        if (rules.Packs.Count == 0)
        {
            return;
        }

        var budget = solver.MakeConstraint(double.NegativeInfinity, problem.Group.Settings.BudgetCents);
        if (goal == Goal.FairShares)
        {
            var over = solver.MakeNumVar(0, double.PositiveInfinity, "over");
            solver.Objective().SetCoefficient(over, WeekProblem.PerMinute);
            budget.SetCoefficient(over, -1);
        }

        foreach (var material in rules.Packs.GroupBy(p => p.Material))
        {
            var bought = solver.MakeNumVar(0, double.PositiveInfinity, "packs");
            budget.SetCoefficient(bought, problem.Materials[material.Key].PackCents ?? 0);
            foreach (var (row, _, pack) in material)
            {
                rows[row].SetCoefficient(bought, -pack);
            }
        }
    }

    /// <summary>Each strand once for each child: for fair shares one that is missing costs, for the smallest share no more may be
    /// missing than in the plan that is raised.</summary>
    private void Strands(int mayMiss)
    {
        var missingAtMost =
            goal == Goal.FairShares ? null : Always(solver.MakeConstraint(double.NegativeInfinity, mayMiss), -1);
        for (var s = 0; s < strand.Length; s++)
        {
            if (!problem.StrandOpen[s])
            {
                continue;
            }

            var missing = solver.MakeNumVar(0, double.PositiveInfinity, "missing");
            solver.Objective().SetCoefficient(missing, goal == Goal.FairShares ? PlanState.StrandCost : 0);
            missingAtMost?.SetCoefficient(missing, 1);
            strand[s] = solver.MakeConstraint(1, double.PositiveInfinity);
            strand[s]!.SetCoefficient(missing, 1);
        }
    }

    private void SmallestShare()
    {
        var smallest = solver.MakeNumVar(0, double.PositiveInfinity, "smallest");
        solver.Objective().SetCoefficient(smallest, -Share);
        for (var k = 0; k < dose.Length; k++)
        {
            if (problem.EvenShare[k] > 0)
            {
                dose[k] = solver.MakeConstraint(0, double.PositiveInfinity);
                dose[k]!.SetCoefficient(smallest, -problem.EvenShare[k]);
            }
        }
    }
}
