using Nido.Core.Cupboard;

namespace Nido.Catalog;

/// <summary>Reads what goes with what: the tables, and the pairs of a technique.</summary>
internal static class PairReader
{
    private static readonly HashSet<string> Words = ["yes", "barely", "no"];

    /// <summary>A table: a row for each joiner or marker, a cell for each surface.</summary>
    public static PairTable Table(ContentFile f)
    {
        var surfaces = f.Texts("surfaces", new HashSet<string>([.. MaterialTags.All, "dark"]), least: 2);
        var rows = f.Map("rows", needed: true);
        var read = rows.Keys()
            .ToDictionary(
                row => row,
                row =>
                {
                    var cells = rows.Map(row, needed: true);
                    foreach (var missing in surfaces.Where(s => !cells.Has(s)))
                    {
                        cells.Refuse(row, $"the row `{row}` says nothing of `{missing}`");
                    }

                    var verdicts = surfaces.Where(cells.Has).ToDictionary(s => s, s => Verdict(cells.Choice(s, Words)));
                    cells.NothingElse();
                    return (IReadOnlyDictionary<string, Suits>)verdicts;
                }
            );
        return new(f.Text("id"), surfaces, read, f.Text("source"));
    }

    /// <summary>What a thing can do as a tool or a part.</summary>
    public static Fitting Fitting(ContentFile f, IReadOnlyCollection<PairTable> tables)
    {
        return new(
            Row("joins", "joiners"),
            Row("marks", "markers"),
            f.Number("cuts-up-to"),
            f.Number("reach"),
            f.Has("drive") ? f.Choice("drive", ["slot", "cross", "hand"]) : null,
            f.Has("holds-sticks") ? f.Whole("holds-sticks", 1, 50) : null
        );

        string? Row(string key, string table) =>
            f.Has(key) ? f.Choice(key, [.. tables.Where(t => t.Id == table).SelectMany(t => t.Rows.Keys)]) : null;
    }

    /// <summary>Pairs of a technique: `{holds: glue, on: base}`.</summary>
    public static IReadOnlyList<Pair> Pairs(ContentFile f, IReadOnlyCollection<string> roles) =>
        [
            .. f.Maps("pairs")
                .Select(p =>
                {
                    var kinds = Enum.GetValues<PairKind>().Where(k => p.Has(ContentFile.Kebab($"{k}"))).ToArray();
                    if (kinds.Length != 1)
                    {
                        p.Refuse(
                            "on",
                            $"a pair says one of "
                                + $"{string.Join(", ", Enum.GetValues<PairKind>().Select(k => ContentFile.Kebab($"{k}")))}, for "
                                + $"example `holds: glue, on: base`"
                        );
                    }

                    var kind = kinds.FirstOrDefault();
                    var pair = new Pair(kind, p.Choice(ContentFile.Kebab($"{kind}"), roles), p.Choice("on", roles));
                    p.NothingElse();
                    return pair;
                }),
        ];

    private static Suits Verdict(string word) =>
        word switch
        {
            "no" => Suits.No,
            "barely" => Suits.Barely,
            _ => Suits.Yes,
        };
}
