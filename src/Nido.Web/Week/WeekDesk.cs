using Microsoft.EntityFrameworkCore;
using Nido.Catalog;
using Nido.Core.Journal;
using Nido.Core.Week.Reading;
using Nido.Data;
using Nido.Data.Rows;
using Nido.Web.Common;

namespace Nido.Web.Week;

/// <summary>Reads a week and saves its changes; every change can be undone and redone.</summary>
/// <param name="db">The site.</param>
/// <param name="content">The catalogue.</param>
/// <param name="problems">Numbers of weeks.</param>
/// <param name="compositions">What is composing now.</param>
/// <param name="history">Its changes.</param>
/// <param name="time">Today.</param>
public sealed class WeekDesk(
    NidoDb db,
    Content content,
    WeekProblems problems,
    Compositions compositions,
    WeekHistory history,
    TimeProvider time
)
{
    /// <summary>Its changes.</summary>
    public WeekHistory History => history;

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
        var near = await history.AroundAsync(row, stop);
        var composing = compositions.IsComposing(row.Id);
        var theme = (await db.ThemeOfAsync(content, row, stop))!;
        var now = time.GetLocalNow().DateTime;
        return problems.View(
            row,
            plan.Problem,
            composing,
            WhatWasMet.Over(plan.Problem, now),
            () =>
                WeekReading.View(
                    row,
                    plan,
                    theme,
                    composing,
                    near,
                    [.. row.CameUp.Select((h, i) => new CameUpView(i, ReplanEndpoints.Sentence(h, plan, content)))],
                    now
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
}
