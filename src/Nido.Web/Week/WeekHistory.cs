using Microsoft.EntityFrameworkCore;
using Nido.Core;
using Nido.Core.Week.Problem;
using Nido.Data;
using Nido.Data.Formats;
using Nido.Data.Rows;

namespace Nido.Web.Week;

/// <summary>The changes of a week: each is kept so that it can be undone and done again.</summary>
public sealed class WeekHistory(NidoDb db, TimeProvider time)
{
    /// <summary>The change that can be undone and the one that can be done again, by their numbers.</summary>
    public async Task<Dictionary<int, Said>> AroundAsync(WeekRow row, CancellationToken stop)
    {
        ArgumentNullException.ThrowIfNull(row);
        return await db
            .Changes.Where(c =>
                c.WeekId == row.Id && (c.Number == row.ChangesInForce || c.Number == row.ChangesInForce + 1)
            )
            .Select(c => new { c.Number, c.What })
            .ToDictionaryAsync(c => c.Number, c => KeptSaid.Read(c.What), stop);
    }

    /// <summary>Saves a new plan as a change; what had been undone before it can no longer be redone.</summary>
    /// <param name="row">The week.</param>
    /// <param name="what">In words.</param>
    /// <param name="after">The new plan.</param>
    /// <param name="stop">Gives up.</param>
    /// <param name="cameUp">What came up until then; null where that stays.</param>
    public async Task ChangeAsync(
        WeekRow row,
        Said what,
        IReadOnlyList<Placement> after,
        CancellationToken stop,
        IReadOnlyList<CameUp>? cameUp = null
    )
    {
        ArgumentNullException.ThrowIfNull(row);
        await using var transaction = await db.Database.BeginTransactionAsync(stop);
        await db.Changes.Where(c => c.WeekId == row.Id && c.Number > row.ChangesInForce).ExecuteDeleteAsync(stop);
        row.ChangesInForce++;
        row.Version++;
        db.Changes.Add(
            new ChangeRow
            {
                WeekId = row.Id,
                Number = row.ChangesInForce,
                What = KeptSaid.Write(what),
                At = time.GetUtcNow(),
                Before = row.Plan,
                After = [.. after],
                CameUpBefore = row.CameUp,
                CameUpAfter = [.. cameUp ?? row.CameUp],
            }
        );
        row.Plan = [.. after];
        row.CameUp = [.. cameUp ?? row.CameUp];
        await db.SaveChangesAsync(stop);
        await transaction.CommitAsync(stop);
    }

    /// <summary>Takes the last change back; false where there is none.</summary>
    public async Task<bool> UndoAsync(WeekRow row, CancellationToken stop)
    {
        ArgumentNullException.ThrowIfNull(row);
        if (
            await db.Changes.SingleOrDefaultAsync(c => c.WeekId == row.Id && c.Number == row.ChangesInForce, stop)
            is not { } change
        )
        {
            return false;
        }

        await GoToAsync(row, change.Before, change.CameUpBefore, row.ChangesInForce - 1, stop);
        return true;
    }

    /// <summary>Does the change that was undone last again; false where there is none.</summary>
    public async Task<bool> RedoAsync(WeekRow row, CancellationToken stop)
    {
        ArgumentNullException.ThrowIfNull(row);
        if (
            await db.Changes.SingleOrDefaultAsync(c => c.WeekId == row.Id && c.Number == row.ChangesInForce + 1, stop)
            is not { } change
        )
        {
            return false;
        }

        await GoToAsync(row, change.After, change.CameUpAfter, row.ChangesInForce + 1, stop);
        return true;
    }

    private async Task GoToAsync(
        WeekRow row,
        List<Placement> plan,
        List<CameUp> cameUp,
        int inForce,
        CancellationToken stop
    )
    {
        row.Plan = plan;
        row.CameUp = cameUp;
        row.ChangesInForce = inForce;
        row.Version++;
        await db.SaveChangesAsync(stop);
    }
}
