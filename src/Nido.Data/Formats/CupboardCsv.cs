using System.Globalization;
using Nido.Catalog;
using Nido.Core;
using Nido.Core.Cupboard;

namespace Nido.Data.Formats;

/// <summary>The cupboard as a table, both ways.</summary>
public static class CupboardCsv
{
    private static readonly string[] Needed = ["material", "amount"];
    private static readonly string[] Known = ["material", "amount", "unit", "note"];
    private static readonly Dictionary<string, (MaterialUnit Unit, double Factor)> Units = new(
        StringComparer.OrdinalIgnoreCase
    )
    {
        ["piece"] = (MaterialUnit.Piece, 1),
        ["pieces"] = (MaterialUnit.Piece, 1),
        ["pc"] = (MaterialUnit.Piece, 1),
        ["sheet"] = (MaterialUnit.Sheet, 1),
        ["sheets"] = (MaterialUnit.Sheet, 1),
        ["g"] = (MaterialUnit.Gram, 1),
        ["kg"] = (MaterialUnit.Gram, 1000),
        ["oz"] = (MaterialUnit.Gram, 28.349523125),
        ["ml"] = (MaterialUnit.Millilitre, 1),
        ["l"] = (MaterialUnit.Millilitre, 1000),
        ["m"] = (MaterialUnit.Metre, 1),
        ["cm"] = (MaterialUnit.Metre, 0.01),
        ["mm"] = (MaterialUnit.Metre, 0.001),
    };

    /// <summary>Reads counts of materials, by id or name.</summary>
    public static ListReading<CupboardCount> Read(byte[] bytes, Content content)
    {
        ArgumentNullException.ThrowIfNull(content);
        var table = TableText.Read(bytes, Needed, Known);
        var problems = table.Problems.ToList();
        var good = new List<CupboardCount>();
        var seen = new Dictionary<string, int>();
        foreach (var (row, cells) in table.Rows)
        {
            var before = problems.Count;
            string Cell(string column) => cells.GetValueOrDefault(column, "");
            void Refuse(string column, Said message) => problems.Add(new(row, column, Cell(column), message));

            var named = Cell("material");
            var material = content.Materials.FirstOrDefault(m =>
                m.Id.Equals(named, StringComparison.OrdinalIgnoreCase) || m.Name.Is(named)
            );
            if (material is null)
            {
                Refuse("material", $"\"{named}\" is not among the materials. {Nearest(named, content)}");
            }
            else if (!seen.TryAdd(material.Id, row))
            {
                Refuse(
                    "material",
                    $"{material.Name} stands twice, first in row {seen[material.Id]}. Add the amounts up in one row."
                );
            }

            if (
                !double.TryParse(Cell("amount"), NumberStyles.Float, CultureInfo.InvariantCulture, out var amount)
                || !double.IsFinite(amount)
                || amount is < 0 or > 1_000_000
            )
            {
                Refuse(
                    "amount",
                    $"\"{Cell("amount")}\" is not an amount from 0 to 1,000,000. Write a number with a point for decimals."
                );
            }

            var factor = 1.0;
            if (material is not null && Cell("unit").Length > 0)
            {
                if (!Units.TryGetValue(Cell("unit"), out var unit) || unit.Unit != material.Unit)
                {
                    Refuse(
                        "unit",
                        $"\"{Cell("unit")}\" does not fit: {material.Name} are counted in "
                            + $"{Said.Word(UnitName(material.Unit))}. Write {Said.Word(UnitName(material.Unit))} or leave "
                            + $"the unit out."
                    );
                }

                factor = unit.Factor;
            }

            if (problems.Count == before)
            {
                good.Add(new(material!.Id, material.Name, amount * factor, Cell("note")));
            }
        }

        return new(good, [.. problems.OrderBy(p => p.Row)], table.Encoding);
    }

    /// <summary>Writes what is on hand.</summary>
    public static string Write(Content content, IReadOnlyDictionary<string, double> onHand) =>
        TableWriter.Write(
            Known,
            content
                .Materials.Where(m => onHand.ContainsKey(m.Id))
                .Select(m =>
                    (string[])
                        [m.Name.En, onHand[m.Id].ToString("0.###", CultureInfo.InvariantCulture), UnitName(m.Unit), ""]
                )
        );

    /// <summary>Short name of a unit, as the table writes it.</summary>
    public static string UnitName(MaterialUnit unit) =>
        unit switch
        {
            MaterialUnit.Gram => "g",
            MaterialUnit.Millilitre => "ml",
            MaterialUnit.Metre => "m",
            MaterialUnit.Sheet => "sheet",
            _ => "piece",
        };

    private static Said Nearest(string named, Content content)
    {
        // A list of 150 names is too long to be a way out: the three most alike are enough.
        InBoth[] near =
        [
            .. content
                .Materials.Select(m =>
                    (m.Name, Likeness: Math.Max(Likeness(named, m.Name.En), Likeness(named, m.Name.Es)))
                )
                .Where(x => x.Likeness > 0.3)
                .OrderByDescending(x => x.Likeness)
                .Take(3)
                .Select(x => x.Name),
        ];
        return near.Length > 0 ? (Said)$"Near it: {near:;}." : $"Find its name in Cupboard, under all known materials.";
    }

    /// <summary>Share of letter pairs two names have in common (Dice 1945), 0–1.</summary>
    private static double Likeness(string a, string b)
    {
        static HashSet<string> Pairs(string text) =>
            [.. Enumerable.Range(0, Math.Max(0, text.Length - 1)).Select(i => text.ToUpperInvariant().Substring(i, 2))];
        var (one, other) = (Pairs(a), Pairs(b));
        return one.Count + other.Count == 0 ? 0 : 2.0 * one.Intersect(other).Count() / (one.Count + other.Count);
    }
}
