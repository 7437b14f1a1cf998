using System.Text.RegularExpressions;
using Nido.Data;
using Nido.Data.Backups;
using Nido.Data.TakenAway;

namespace Nido.Web.House;

/// <summary>Reads what the house says of itself.</summary>
internal static partial class HouseReading
{
    /// <summary>The house at a look; counted as a backup of it is, so that the two can be laid side by side.</summary>
    public static async Task<HouseView> ViewAsync(SiteFolder folder, DateTimeOffset now, CancellationToken stop)
    {
        var all = Backup.All(folder);
        double? age = all.FirstOrDefault(b => b.Manifest is not null)?.Manifest is { } newest
            ? Math.Round((now - newest.MadeAt).TotalHours, 1)
            : null;
        return new(
            folder.Path,
            await Backup.ContentsAsync(folder.File, stop),
            new FileInfo(folder.File).Length,
            all,
            age
        );
    }

    /// <summary>The file of a backup, or null: only names that Nido gives are looked for.</summary>
    public static string? PathOf(SiteFolder folder, string name) =>
        OwnName().IsMatch(name) && Path.Combine(folder.Backups, name) is var file && File.Exists(file) ? file : null;

    /// <summary>What still holds something that was erased, and when it goes.</summary>
    public static async Task<IReadOnlyList<StillHeld>> StillInAsync(
        SiteFolder folder,
        InBin thing,
        CancellationToken stop
    ) =>
        [
            .. (await Backup.HoldingAsync(folder, thing.Kind, thing.Id, stop)).Select(h => new StillHeld(
                h.Name,
                h.Manifest is { Why: BackupReason.Nightly, MadeAt: var made }
                    ? Retention.KeptUntil(DateOnly.FromDateTime(made.UtcDateTime))
                    : null
            )),
        ];

    [GeneratedRegex(@"^nido-[0-9TZ-]{10,40}\.zip$")]
    private static partial Regex OwnName();
}
