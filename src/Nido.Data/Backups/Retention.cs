namespace Nido.Data.Backups;

/// <summary>Which nightly backups are kept: the newest of each of the last 7 days, 4 weeks and 12 months that have
/// one.</summary>
public static class Retention
{
    private const int Days = 7,
        Weeks = 4,
        Months = 12;

    /// <summary>Those that may go. Backups made by hand, brought, or before a restore stay until somebody takes them
    /// away.</summary>
    public static IReadOnlyList<BackupFile> MayGo(IReadOnlyList<BackupFile> all)
    {
        ArgumentNullException.ThrowIfNull(all);
        var nightly = all.Where(b => b.Manifest?.Why == BackupReason.Nightly)
            .OrderByDescending(b => b.Manifest!.MadeAt)
            .ToArray();
        var kept = NewestOf(nightly, Days, d => d.DayNumber)
            .Concat(NewestOf(nightly, Weeks, d => (d.DayNumber + 6) / 7))
            .Concat(NewestOf(nightly, Months, d => (d.Year * 12) + d.Month))
            .ToHashSet();
        return [.. nightly.Where(b => !kept.Contains(b))];
    }

    /// <summary>Until when a backup made on a day is kept at the longest.</summary>
    public static DateOnly KeptUntil(DateOnly madeOn) => madeOn.AddMonths(Months);

    private static IEnumerable<BackupFile> NewestOf(
        IEnumerable<BackupFile> newestFirst,
        int most,
        Func<DateOnly, int> span
    ) =>
        newestFirst
            .GroupBy(b => span(DateOnly.FromDateTime(b.Manifest!.MadeAt.UtcDateTime)))
            .OrderByDescending(g => g.Key)
            .Take(most)
            .Select(g => g.First());
}
