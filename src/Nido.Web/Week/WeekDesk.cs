using Microsoft.EntityFrameworkCore;
using Nido.Catalog;
using Nido.Core;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Data;
using Nido.Data.Formats;
using Nido.Data.Rows;
using Nido.Web.Common;

namespace Nido.Web.Week;

/// <summary>Reads a week and saves its changes; every change can be undone and redone.</summary>
/// <param name="db">The site.</param>
/// <param name="content">The catalogue.</param>
/// <param name="problems">Numbers of weeks.</param>
/// <param name="compositions">What is composing now.</param>
/// <param name="time">The clock.</param>
public sealed class WeekDesk(
    NidoDb db,
    Content content,
    WeekProblems problems,
    Compositions compositions,
    TimeProvider time
)
{
    /// <summary>The row of a week; not here ends the request.</summary>
    public async Task<WeekRow> RowAsync(string weekId, CancellationToken stop) =>
        (await db.Weeks.SingleOrDefaultAsync(w => w.Id == weekId, stop)).Found(NotHere.Week);

    /// <summary>The plan of a week; not here ends the request.</summary>
    public async Task<WeekPlan> PlanAsync(string weekId, CancellationToken stop) =>
        await PlanAsync(await RowAsync(weekId, stop), stop);

    /// <summary>The plan of a week.</summary>
    public async Task<WeekPlan> PlanAsync(WeekRow row, CancellationToken stop)
    {
        ArgumentNullException.ThrowIfNull(row);
        var (problem, _) = await problems.OfAsync(row, db, stop);
        return new WeekPlan(problem, row.Plan);
    }

    /// <summary>The Week screen.</summary>
    public async Task<WeekView> ViewAsync(WeekRow row, CancellationToken stop)
    {
        ArgumentNullException.ThrowIfNull(row);
        var plan = await PlanAsync(row, stop);
        var near = await db
            .Changes.Where(c =>
                c.WeekId == row.Id && (c.Number == row.ChangesInForce || c.Number == row.ChangesInForce + 1)
            )
            .Select(c => new { c.Number, c.What })
            .ToDictionaryAsync(c => c.Number, c => KeptSaid.Read(c.What), stop);
        var composing = compositions.IsComposing(row.Id);
        var theme = (await db.ThemeOfAsync(content, row, stop))!;
        return problems.View(
            row,
            plan.Problem,
            composing,
            () =>
                WeekReading.View(
                    row,
                    plan,
                    theme,
                    composing,
                    near,
                    [.. row.CameUp.Select((h, i) => new CameUpView(i, ReplanEndpoints.Sentence(h, plan, content)))]
                )
        );
    }

    /// <summary>Saves what was changed beside the plan, and shows the week as it is then.</summary>
    public async Task<WeekView> SavedViewAsync(WeekRow row, CancellationToken stop)
    {
        ArgumentNullException.ThrowIfNull(row);
        row.Version++;
        await db.SaveChangesAsync(stop);
        return await ViewAsync(row, stop);
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
