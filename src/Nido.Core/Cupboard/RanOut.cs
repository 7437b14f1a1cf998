namespace Nido.Core.Cupboard;

/// <summary>A material that was used up to the last.</summary>
/// <param name="MaterialId">What.</param>
/// <param name="On">The last day on which nothing was left.</param>
/// <param name="Times">How often in these days.</param>
/// <param name="IsBack">There is some again.</param>
public sealed record RanOut(string MaterialId, DateOnly On, int Times, bool IsBack)
{
    private const double Nothing = 1e-9;

    /// <summary>What ran out between two days, the latest first. What a count takes away was used by somebody, too.</summary>
    /// <param name="ledger">The whole ledger: what lay there before counts.</param>
    /// <param name="from">First day looked at.</param>
    /// <param name="to">Last day looked at.</param>
    public static IReadOnlyList<RanOut> Of(IEnumerable<Movement> ledger, DateOnly from, DateOnly to) =>
        [
            .. ledger
                .GroupBy(m => m.MaterialId)
                .Select(g => Of(g.Key, [.. g.GroupBy(m => m.On).OrderBy(d => d.Key)], from, to))
                .OfType<RanOut>()
                .OrderByDescending(r => r.On)
                .ThenBy(r => r.MaterialId, StringComparer.Ordinal),
        ];

    private static RanOut? Of(
        string material,
        IReadOnlyList<IGrouping<DateOnly, Movement>> days,
        DateOnly from,
        DateOnly to
    )
    {
        var (left, times, last) = (0.0, 0, default(DateOnly));
        foreach (var day in days)
        {
            var before = left;
            left += day.Sum(m => m.Amount);
            // What came and went on one day was there, too.
            var had = before > Nothing || day.Any(m => m.Amount > 0);
            if (had && left <= Nothing && day.Any(m => m.Amount < 0) && day.Key >= from && day.Key <= to)
            {
                (times, last) = (times + 1, day.Key);
            }
        }

        return times == 0 ? null : new(material, last, times, left > Nothing);
    }
}
