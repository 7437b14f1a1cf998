using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Search.Columns;

/// <summary>
/// What must be bought for what lies out, as rows of a model: of each thing that could run short no more is taken than
/// is there and is bought. Packs are whole and one pack serves all days, so a row is written for the week and for each
/// cell, each with as much of a pack as can be wanted there: the less of it is wanted, the dearer a part of it. What
/// can be made, goes off or dries costs at least this, so a bound stays one.
/// </summary>
internal sealed class MoneyRows
{
    /// <summary>The rows of a week.</summary>
    /// <param name="problem">The week.</param>
    public MoneyRows(WeekProblem problem)
    {
        Problem = problem;
        var most = problem.Cells.Select((_, c) => MostOf(problem, c)).ToArray();
        double InWeek(int m) =>
            problem.Materials[m].Consumable
                ? most.Sum(cell => cell.GetValueOrDefault(m))
                : most.Max(cell => cell.GetValueOrDefault(m));
        Scarce =
        [
            .. Enumerable
                .Range(0, problem.Materials.Count)
                .Where(m =>
                    problem.Materials[m] is { PackSize: > 0, PackCents: > 0 } && InWeek(m) > There(problem, m) + 1e-9
                ),
        ];
        Most = most;
        Week = Scarce.ToDictionary(m => m, InWeek);
    }

    /// <summary>The week.</summary>
    public WeekProblem Problem { get; }

    /// <summary>Materials by index that are sold and could run short.</summary>
    public IReadOnlyList<int> Scarce { get; }

    /// <summary>By cell, the most that can be wanted of a material there.</summary>
    private Dictionary<int, double>[] Most { get; }

    /// <summary>The most that can be wanted of a scarce material in the week.</summary>
    private Dictionary<int, double> Week { get; }

    /// <summary>A row: what is taken of a material is no more than is there and what packs add.</summary>
    /// <param name="Material">Index of the material.</param>
    /// <param name="There">Units that are there.</param>
    /// <param name="Pack">Units that a pack adds, as far as they can be wanted.</param>
    /// <param name="Terms">Cell, way and units taken.</param>
    internal sealed record Row(int Material, double There, double Pack, (int Cell, int Way, double Units)[] Terms);

    /// <summary>The rows over some cells and the ways that may lie there.</summary>
    public IEnumerable<Row> Over(IReadOnlyList<(int Index, int Day, IReadOnlyList<Way> Ways)> cells)
    {
        foreach (var m in Scarce)
        {
            var (there, pack) = (There(Problem, m), Problem.Materials[m].PackSize!.Value);
            var all = new List<(int Cell, int Way, double Units)>();
            foreach (var cell in cells)
            {
                (int Cell, int Way, double Units)[] here =
                [
                    .. cell
                        .Ways.Select(w => (cell.Index, w.Index, Units: Units(w.Any, cell.Day, m)))
                        .Where(t => t.Units > 0),
                ];
                all.AddRange(here);
                if (Most[cell.Index].GetValueOrDefault(m) > there + 1e-9)
                {
                    yield return new(m, there, Math.Min(pack, Most[cell.Index][m] - there), here);
                }
            }

            if (Problem.Materials[m].Consumable && all.Count > 0)
            {
                yield return new(m, there, Math.Min(pack, Week[m] - there), [.. all]);
            }
        }
    }

    private static double Units(Use use, int day, int material) =>
        use.On(day).Takes.Where(t => t.Material == material).Sum(t => t.Amount);

    /// <summary>Units that are there, or could be made or mixed in any way if nothing else were made or taken.</summary>
    private static double There(WeekProblem problem, int m)
    {
        var id = problem.Materials[m].Id;
        var direct = problem.Makes[m]?.Takes.Select(t => t.OnHand / t.Each).DefaultIfEmpty(0).Min() ?? 0;
        return problem.Input.Recipes.Any(r => r.Makes == id)
            ? double.PositiveInfinity
            : problem.OnHand[m] + Math.Max(direct, problem.Input.Chains.Most(id, problem.Input.OnHand));
    }

    private static Dictionary<int, double> MostOf(WeekProblem problem, int cell)
    {
        var (day, block, offers) = (problem.Cells[cell].Day, problem.Cells[cell].Block, problem.Cells[cell].Offers);
        return problem
            .UsesOfBlock[block]
            .Where(u => u.OnDay[day])
            .SelectMany(u => u.On(day).Takes.Select(t => (t.Material, u.TechniqueIndex, t.Amount)))
            .GroupBy(t => t.Material)
            .ToDictionary(
                g => g.Key,
                // No two offers of a cell are of the same way of working.
                g =>
                    g.GroupBy(t => t.TechniqueIndex)
                        .Select(t => t.Max(x => x.Amount))
                        .OrderDescending()
                        .Take(offers)
                        .Sum()
            );
    }
}
