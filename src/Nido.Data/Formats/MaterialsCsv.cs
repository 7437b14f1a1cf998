using System.Globalization;
using Nido.Core.Week.Reading;

namespace Nido.Data.Formats;

/// <summary>The materials list of a week as a table.</summary>
public static class MaterialsCsv
{
    /// <summary>Have, used, short and to buy, a row a material.</summary>
    public static string Write(WeekPlan plan) =>
        TableWriter.Write(
            ["shelf", "material", "unit", "have", "used", "short", "packs to buy", "price", "where"],
            plan.Materials()
                .Select(l =>
                    (string[])
                        [
                            l.Material.Shelf,
                            l.Material.Name.En,
                            CupboardCsv.UnitName(l.Material.Unit),
                            Number(l.Have),
                            Number(l.Used),
                            Number(l.Lacking),
                            Number(l.Packs),
                            (l.Cents / 100.0).ToString("0.00", CultureInfo.InvariantCulture),
                            string.Join(" | ", l.Trace),
                        ]
                )
        );

    private static string Number(double value) => value.ToString("0.##", CultureInfo.InvariantCulture);
}
