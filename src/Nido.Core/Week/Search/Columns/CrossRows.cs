using Nido.Core.Week.Problem;
using Nido.Core.Week.Rules;

namespace Nido.Core.Week.Search.Columns;

/// <summary>
/// The rows of the hard rules that reach over several cells, as the models of columns need them; those within one cell
/// each column keeps by itself. With them, where money is counted, the rows of what must be bought.
/// </summary>
internal sealed class CrossRows
{
    private static readonly (int Row, double Times)[] None = [];
    private readonly Dictionary<(int Cell, int Way), (int Row, double Times)[]> ofWay;
    private readonly Dictionary<int, int[]> ofHeavy;

    /// <summary>Those that some columns together could break.</summary>
    /// <param name="rows">Every row.</param>
    /// <param name="cells">The cells with the ways that may lie there.</param>
    /// <param name="money">What must be bought; null where money is not counted.</param>
    public CrossRows(IReadOnlyList<RuleRow> rows, IReadOnlyList<CellOfWays> cells, MoneyRows? money)
    {
        var may = cells.SelectMany(c => c.Ways.Select(w => (c.Index, w.Index))).ToHashSet();
        (RuleRow Row, RowTerm[] Terms)[] across =
        [
            .. rows.Select(row => (row, Terms: row.Terms.Where(t => may.Contains((t.Cell, t.Way))).ToArray()))
                .Where(x => CouldBreak(x.row, x.Terms)),
        ];
        MoneyRows.Row[] bought =
        [
            .. money?.Over([.. cells.Select(c => (c.Index, c.Day, (IReadOnlyList<Way>)c.Ways))]) ?? [],
        ];
        AtMost = [.. across.Select(x => (double)x.Row.AtMost), .. bought.Select(b => b.There)];
        Packs = [.. bought.Select((b, i) => (across.Length + i, b.Material, b.Pack))];
        ofWay = across
            .SelectMany((x, row) => x.Terms.Select(t => (t.Cell, t.Way, Row: row, Times: (double)t.Times)))
            .Concat(
                bought.SelectMany(
                    (b, i) => b.Terms.Select(t => (t.Cell, t.Way, Row: across.Length + i, Times: t.Units))
                )
            )
            .GroupBy(t => (t.Cell, t.Way))
            .ToDictionary(g => g.Key, g => g.Select(t => (t.Row, t.Times)).ToArray());
        ofHeavy = across
            .SelectMany((x, row) => x.Row.HeavyCells.Select(cell => (Cell: cell, Row: row)))
            .GroupBy(t => t.Cell)
            .ToDictionary(g => g.Key, g => g.Select(t => t.Row).ToArray());
    }

    /// <summary>What each row may come to at most.</summary>
    public double[] AtMost { get; }

    /// <summary>Rows of what must be bought: of which material, and how much more a pack of it allows.</summary>
    public IReadOnlyList<(int Row, int Material, double Pack)> Packs { get; }

    /// <summary>The rows a way counts in when it lies in a cell.</summary>
    public IReadOnlyList<(int Row, double Times)> Of(int cell, int way) => ofWay.GetValueOrDefault((cell, way), None);

    /// <summary>The rows in which a cell counts that cannot but be heavy.</summary>
    public IReadOnlyList<int> OfHeavy(int cell) => ofHeavy.GetValueOrDefault(cell, []);

    /// <summary>How often a column counts in each row it counts in.</summary>
    public IEnumerable<(int Row, double Times)> Of(Column column) =>
        column
            .Ways.SelectMany(w => Of(column.Cell, w))
            .Concat(column.MustBeHeavy ? OfHeavy(column.Cell).Select(row => (Row: row, Times: 1.0)) : [])
            .GroupBy(x => x.Row)
            .Select(g => (g.Key, g.Sum(x => x.Times)));

    private static bool CouldBreak(RuleRow row, RowTerm[] terms) =>
        row.HeavyCells.Count > 1
        || row.AtMost < RuleRow.Most
            && terms.Select(t => t.Cell).Distinct().Count() > 1
            && terms.GroupBy(t => t.Cell).Sum(cell => Math.Clamp(cell.Sum(t => Math.Max(0, t.Times)), 0, row.AtMost))
                > (terms.Any(t => t.Times < 0) ? -1 : row.AtMost);
}
