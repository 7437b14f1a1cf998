using Nido.Core.Week.Problem;
using Nido.Core.Week.Rules;

namespace Nido.Core.Week.Search.Columns;

/// <summary>
/// What no plan of a week can go below, and a good plan near it: Dantzig–Wolfe by cells, then a dive. Counted in rounds
/// and in sets
/// looked at, so that the same week gets the same answer on any machine; computation.md §6, Columns.
/// </summary>
public sealed class WeekColumns : IDisposable
{
    /// <summary>Choices of what stays whose columns are added in one round.</summary>
    private const int ChoicesARound = 3;

    /// <summary>A part of a column over which it is as good as taken.</summary>
    private const double Taken = 0.8;

    /// <summary>Rounds of pricing after each step of the dive.</summary>
    private const int RoundsAStep = 2;

    /// <summary>A bound this near to the best mix, as a part of it, says no more to a teacher by coming nearer.</summary>
    public const double Near = 0.003;

    /// <summary>More choices of what stays are not looked at one by one.</summary>
    private const int ChoicesByThemselves = 40;

    private readonly WeekProblem problem;
    private readonly IReadOnlyList<Way> ways;
    private readonly CellOfWays[] cells;
    private readonly StayingChoices[] staying;
    private readonly int[] stays;
    private readonly CrossRows rules;
    private readonly ColumnMaster master;
    private readonly Prices prices;

    /// <summary>The master with the columns of a plan.</summary>
    /// <param name="problem">The week.</param>
    /// <param name="goal">What is made good.</param>
    /// <param name="begin">A plan to begin with; what it leaves empty is found.</param>
    /// <param name="withMoney">Counts what must be bought too.</param>
    public WeekColumns(WeekProblem problem, Goal goal, PlanState begin, bool withMoney = false)
    {
        ArgumentNullException.ThrowIfNull(problem);
        ArgumentNullException.ThrowIfNull(begin);
        this.problem = problem;
        var money = withMoney ? new MoneyRows(problem) : null;
        var week = new WeekWays(problem, money?.Scarce.ToHashSet());
        ways = week.All;
        RuleRow[] every = [.. HardRule.RowsOf(week)];
        cells =
        [
            .. Enumerable
                .Range(0, problem.Cells.Count)
                .Where(c => problem.Attendance.TakesPlace(problem.Cells[c].Day, problem.Cells[c].Block))
                .Select(c => new CellOfWays(problem, c, ways, every)),
        ];
        staying = [.. StayingChoices.Of(problem, ways)];
        stays = [.. staying.Select(_ => -1)];
        rules = new(every, cells, money);
        master = new(problem, rules, cells, staying, goal, begin.Shares.StrandsMissing);
        prices = new(problem, rules);
        foreach (var cell in cells)
        {
            Begin(cell, begin);
        }
    }

    /// <summary>Columns found so far.</summary>
    public int Count => master.Count;

    /// <summary>
    /// What every plan costs at least, rounds of pricing at most; null where the master cannot be solved. For fair
    /// shares in
    /// hundredths of a minute; for the smallest share minus the parts of a million that no plan goes above.
    /// </summary>
    /// <param name="rounds">Rounds at most.</param>
    /// <param name="within">How near the bound must come to the best mix, as a part of it.</param>
    /// <param name="stop">Ends it with what is known.</param>
    /// <param name="better">Told of a better bound.</param>
    public double? Bound(int rounds, double within, CancellationToken stop, Action<double>? better = null)
    {
        double? bound = null;
        for (var round = 0; round < rounds && !stop.IsCancellationRequested && master.Solve(prices); round++)
        {
            var (least, added) = Round();
            // A cell that no set of ways may fill has no plan at all, and then no bound either.
            if (!double.IsFinite(least))
            {
                return null;
            }

            if (bound is null || least > bound)
            {
                bound = least;
                better?.Invoke(least);
            }

            if (added == 0 || IsNear(bound.Value, within))
            {
                break;
            }
        }

        return bound;
    }

    /// <summary>
    /// A nearer bound after <see cref="Bound"/>: each choice of what stays in a block by itself, since a mix lets a bit of
    /// several stay and no plan does. What the mix takes most of comes first, so that the others are looked at only until they
    /// are seen to be no better.
    /// </summary>
    /// <param name="bound">What is known.</param>
    /// <param name="enough">A bound beyond which more says nothing.</param>
    /// <param name="rounds">Rounds of pricing at most, for each choice.</param>
    /// <param name="within">As there.</param>
    /// <param name="stop">Ends it with what is known.</param>
    public double BoundByWhatStays(double bound, double enough, int rounds, double within, CancellationToken stop)
    {
        var block = Array.FindIndex(staying, s => s.Choices.Count is > 1 and <= ChoicesByThemselves);
        if (block < 0 || bound >= enough || !master.Solve(prices))
        {
            return bound;
        }

        var (least, first) = (enough, master.MostOf(block).Choice);
        foreach (var choice in Enumerable.Range(0, staying[block].Choices.Count).OrderBy(k => k == first ? -1 : k))
        {
            least = Math.Min(least, BoundWith(block, choice, bound, least, rounds, within, stop));
        }

        return Math.Max(bound, least);
    }

    private double BoundWith(
        int block,
        int choice,
        double bound,
        double enough,
        int rounds,
        double within,
        CancellationToken stop
    )
    {
        stays[block] = choice;
        master.Stay(block, choice);
        for (var (round, open) = (0, true); open && round < rounds && bound < enough; round++)
        {
            if (stop.IsCancellationRequested || !master.Solve(prices))
            {
                break;
            }

            var (least, added) = Round();
            bound = Math.Max(bound, least);
            open = added > 0 && !IsNear(bound, within);
        }

        master.LetGo(block, choice);
        stays[block] = -1;
        return bound;
    }

    private bool IsNear(double bound, double within) =>
        master.Value - bound <= (within * Math.Max(1, Math.Abs(master.Value))) + 1e-6;

    /// <summary>
    /// A whole plan: what the best mix takes most of is fixed, the rest is priced and mixed again, until every cell has
    /// its column.
    /// Null where it was stopped or the master cannot be solved.
    /// </summary>
    /// <param name="stop">Gives up.</param>
    public PlanState? Dive(CancellationToken stop)
    {
        var open = cells.Select(c => c.Index).ToHashSet();
        while (open.Count > 0 && !stop.IsCancellationRequested && master.Solve(prices))
        {
            if (!FixWhatStays())
            {
                FixColumns(open);
            }

            for (var round = 0; round < RoundsAStep && master.Solve(prices) && Round(open).Added > 0; round++) { }
        }

        return open.Count > 0
            ? null
            : ColumnPlan.Of(
                problem,
                ways,
                [.. master.Mix().Where(m => m.Part > 0.5).Select(m => m.Column).DistinctBy(c => c.Cell)]
            );
    }

    /// <summary>The best whole plan of the columns found so far, begun from a plan; null where the solver found
    /// none.</summary>
    /// <param name="begin">The plan.</param>
    /// <param name="work">Solver work, in its deterministic seconds.</param>
    /// <param name="guard">Wall clock at most.</param>
    /// <param name="stop">Ends it with the best so far.</param>
    public PlanState? Put(PlanState begin, double work, TimeSpan guard, CancellationToken stop)
    {
        ArgumentNullException.ThrowIfNull(begin);
        Column[] there = [.. cells.Select(c => ColumnOf(c, begin)).OfType<Column>()];
        var model = new ColumnModel(
            problem,
            ways,
            rules,
            [.. there, .. master.Found],
            there.Select(c => c.Name).ToHashSet()
        );
        return model.Solve(work, guard, stop) is { } columns ? ColumnPlan.Of(problem, ways, columns) : null;
    }

    /// <inheritdoc />
    public void Dispose() => master.Dispose();

    /// <summary>Fixes what stays in one more block; false where all is fixed.</summary>
    private bool FixWhatStays()
    {
        var next = Enumerable
            .Range(0, staying.Length)
            .Where(s => stays[s] < 0)
            .Select(s => (Staying: s, Choice: master.MostOf(s)))
            .OrderByDescending(x => x.Choice.Part)
            .ThenBy(x => x.Staying)
            .FirstOrDefault((-1, (-1, 0)));
        if (next.Staying < 0 || next.Choice.Choice < 0)
        {
            return false;
        }

        stays[next.Staying] = next.Choice.Choice;
        master.Stay(next.Staying, next.Choice.Choice);
        return true;
    }

    private void FixColumns(HashSet<int> open)
    {
        // Of each cell the column the mix takes most of; a cell that what is fixed leaves nothing for is filled at the end.
        var most = master
            .Mix()
            .Where(m => open.Contains(m.Column.Cell) && m.Part > 1e-6)
            .GroupBy(m => m.Column.Cell)
            .Select(g => g.First())
            .OrderByDescending(m => m.Part)
            .ThenBy(m => m.Column.Cell)
            .ToArray();
        foreach (var (column, _, number) in most.Where((m, k) => k == 0 || m.Part >= Taken))
        {
            master.Fix(number);
            open.Remove(column.Cell);
        }

        if (most.Length == 0)
        {
            open.Clear();
        }
    }

    /// <summary>Prices every cell, or those still open, and adds the columns that would make the mix better.</summary>
    private (double Least, int Added) Round(HashSet<int>? open = null)
    {
        var (least, added) = (master.WithoutCells(prices), 0);
        // Cells know nothing of each other: side by side, in their order.
        var priced = cells
            .Where(c => open?.Contains(c.Index) != false)
            .AsParallel()
            .AsOrdered()
            .Select(cell =>
            {
                cell.Price(prices);
                return (
                    Cell: cell,
                    Best: staying.Any(s => s.Block == cell.Block) ? default : cell.Best(prices, cell.Forced)
                );
            })
            .ToArray();
        foreach (var (cell, (worth, atMost, chosen)) in priced.Where(p => p.Best.Chosen is not null))
        {
            least -= atMost;
            added +=
                worth + prices.Cell[cell.Index] > Small(worth) && chosen.Length > 0 && master.Add(cell.Make(chosen), -1)
                    ? 1
                    : 0;
        }

        for (var s = 0; s < staying.Length; s++)
        {
            least -= OfBlock(
                s,
                [.. cells.Where(c => c.Block == staying[s].Block && open?.Contains(c.Index) != false)],
                ref added
            );
        }

        return (least, added);
    }

    /// <summary>Every choice of what stays in a block priced over its days; the most any is worth, and columns of the
    /// best.</summary>
    private double OfBlock(int number, CellOfWays[] days, ref int added)
    {
        var priced = new List<(int Choice, (double Worth, double AtMost, int[] Chosen)[] Days)>();
        // The most promising first: what is not worth more by a quick look than the best by a close one needs no close
        // look.
        foreach (
            var (choice, given, atMost) in Enumerable
                .Range(0, staying[number].Choices.Count)
                .Where(choice => stays[number] < 0 || stays[number] == choice)
                .Select(choice =>
                    (Choice: choice, Given: days.Select(cell => cell.With(staying[number].Choices[choice])).ToArray())
                )
                .Where(x => x.Given.All(g => g is not null))
                .Select(x => (x.Choice, x.Given, AtMost: days.Zip(x.Given, (cell, g) => cell.AtMost(g!)).Sum()))
                .OrderByDescending(x => x.AtMost)
                .ThenBy(x => x.Choice)
        )
        {
            if (priced.Count >= ChoicesARound && atMost <= priced.Max(x => x.Days.Sum(d => d.AtMost)))
            {
                break;
            }

            priced.Add(
                (
                    choice,
                    days.Zip(given).AsParallel().AsOrdered().Select(x => x.First.Best(prices, x.Second!)).ToArray()
                )
            );
        }

        foreach (
            var (choice, best, worth) in priced
                .Select(x => (x.Choice, x.Days, Worth: x.Days.Sum(d => d.Worth)))
                .OrderByDescending(x => x.Worth)
                .ThenBy(x => x.Choice)
                .Take(ChoicesARound)
        )
        {
            // Once a choice is fixed its days are priced each by itself.
            var helps = stays[number] >= 0 || worth + master.OfStaying(number) > Small(worth);
            for (var d = 0; helps && d < best.Length; d++)
            {
                added += best[d].Chosen.Length > 0 && master.Add(days[d].Make(best[d].Chosen), choice) ? 1 : 0;
            }
        }

        return priced.Select(x => x.Days.Sum(d => d.AtMost)).DefaultIfEmpty(double.NegativeInfinity).Max();
    }

    private static double Small(double worth) => 1e-7 * Math.Max(1, Math.Abs(worth));

    /// <summary>What lies in a cell of a plan; null where the plan does not fill it.</summary>
    private Column? ColumnOf(CellOfWays cell, PlanState plan)
    {
        var of = problem.Cells[cell.Index];
        int[] there =
        [
            .. Enumerable
                .Range(of.FirstSlot, of.Offers)
                .Select(s => plan.Uses[s])
                .Where(u => u >= 0)
                .Select(u => Array.FindIndex(cell.Ways, w => w.Uses.Any(x => x.Index == u))),
        ];
        return there.Length != cell.Offers || there.Contains(-1) ? null : cell.Make(there);
    }

    /// <summary>What lies in a cell of a plan, where the plan fills it, under every choice of what stays that it
    /// holds.</summary>
    private void Begin(CellOfWays cell, PlanState plan)
    {
        if (ColumnOf(cell, plan) is not { } column)
        {
            return;
        }

        if (staying.FirstOrDefault(s => s.Block == cell.Block) is not { } stay)
        {
            master.Add(column, -1);
            return;
        }

        foreach (
            var choice in Enumerable.Range(0, stay.Choices.Count).Where(k => stay.Choices[k].All(column.Ways.Contains))
        )
        {
            master.Add(column, choice);
        }
    }
}
