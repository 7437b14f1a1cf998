using Nido.Data;
using Nido.Data.Backups;
using Nido.Data.TakenAway;
using Nido.Web.Common;

namespace Nido.Web.House;

/// <summary>
/// What is done once a day while the house is open, at night or as soon as it is opened after one: a backup, old
/// backups away, and
/// what was long enough in the bin.
/// </summary>
/// <param name="scopes">For a database of its own.</param>
/// <param name="folder">Where the house lies.</param>
/// <param name="writer">Waits for its turn.</param>
/// <param name="stamp">Told when something is gone.</param>
/// <param name="time">The clock.</param>
/// <param name="log">Says how it went, without anything about children.</param>
public sealed partial class NightWatch(
    IServiceScopeFactory scopes,
    SiteFolder folder,
    OneWriter writer,
    SiteStamp stamp,
    TimeProvider time,
    ILogger<NightWatch> log
) : BackgroundService
{
    private static readonly TimeSpan Look = TimeSpan.FromMinutes(10);

    /// <summary>Does what is due; whether a backup was.</summary>
    public async Task<bool> RoundAsync(CancellationToken stop)
    {
        var now = time.GetUtcNow();
        var newest = Backup.All(folder).FirstOrDefault(b => b.Manifest?.Why == BackupReason.Nightly)?.Manifest?.MadeAt;
        // A clock that was set back must not keep the next backup away.
        if (newest is { } then && then <= now && now - then < TimeSpan.FromHours(24))
        {
            return false;
        }

        await using var scope = scopes.CreateAsyncScope();
        var db = scope.ServiceProvider.GetRequiredService<NidoDb>();
        await Backup.MakeAsync(db, folder, now, BackupReason.Nightly, stop);
        foreach (var old in Retention.MayGo(Backup.All(folder)))
        {
            File.Delete(Path.Combine(folder.Backups, old.Name));
        }

        using var turn = await writer.TurnAsync(stop);
        if (await Erasing.EraseOldAsync(db, now, stop) > 0)
        {
            folder.EmptyOutbox();
            stamp.AllIsNew();
        }

        return true;
    }

    /// <inheritdoc />
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        using var timer = new PeriodicTimer(Look, time);
        do
        {
            try
            {
                await RoundAsync(stoppingToken);
            }
#pragma warning disable CA1031 // A night without a backup must not end the house; the page shows the age of the newest.
            catch (Exception e) when (e is not OperationCanceledException)
#pragma warning restore CA1031
            {
                Failed(log, e);
            }
        } while (await timer.WaitForNextTickAsync(stoppingToken));
    }

    [LoggerMessage(Level = LogLevel.Error, Message = "The backup of the night failed")]
    private static partial void Failed(ILogger log, Exception e);
}
