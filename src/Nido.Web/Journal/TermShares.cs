using Microsoft.EntityFrameworkCore;
using Nido.Core.Journal;
using Nido.Core.Week.Reading;
using Nido.Data;
using Nido.Data.Rows;
using Nido.Web.Week;

namespace Nido.Web.Journal;

/// <summary>
/// What the weeks of a term planned and met. It is worked out once for each version of a week and day that is over, and
/// kept: what was met in September is not worked out again from the cupboard of December.
/// </summary>
/// <param name="db">The site.</param>
/// <param name="problems">Numbers of weeks.</param>
/// <param name="time">Today.</param>
public sealed class TermShares(NidoDb db, WeekProblems problems, TimeProvider time)
{
    /// <summary>Weeks of a group that have begun, oldest first, with everyone's shares in them.</summary>
    public async Task<IReadOnlyList<SharesOfWeek>> OfAsync(
        string groupId,
        DateOnly from,
        DateOnly to,
        CancellationToken stop
    )
    {
        var now = time.GetLocalNow().DateTime;
        var today = DateOnly.FromDateTime(now);
        var last = to < today ? to : today;
        var rows = await db
            .Weeks.AsNoTracking()
            .Where(w => w.GroupId == groupId && w.Monday > from.AddDays(-7) && w.Monday <= last)
            .OrderBy(w => w.Monday)
            .ToListAsync(stop);
        string[] ids = [.. rows.Select(r => r.Id)];
        var kept = await db.Shares.Where(s => ids.Contains(s.WeekId)).ToDictionaryAsync(s => s.WeekId, stop);
        var weeks = new List<SharesOfWeek>();
        foreach (var row in rows.Where(r => r.Plan.Count > 0))
        {
            weeks.Add(new(row.Id, row.Monday, await OfWeekAsync(row, kept.GetValueOrDefault(row.Id), now, stop)));
        }

        await db.SaveChangesAsync(stop);
        return weeks;
    }

    private async Task<IReadOnlyList<SharesOfChild>> OfWeekAsync(
        WeekRow week,
        SharesRow? kept,
        DateTime now,
        CancellationToken stop
    )
    {
        // A week that is over stays as it was; one that goes on is read anew.
        var isOver = DateOnly.FromDateTime(now) > week.Monday.AddDays(6);
        if (kept is not null && kept.Version == week.Version && kept.IsOver)
        {
            return kept.Shares;
        }

        var plan = new WeekPlan((await problems.OfAsync(week, db, stop)).Problem, week.Plan);
        if (kept is null)
        {
            db.Shares.Add(kept = new() { WeekId = week.Id });
        }

        (kept.Version, kept.IsOver, kept.Shares) = (week.Version, isOver, SharesOfChild.Of(plan, week.Otherwise, now));
        return kept.Shares;
    }
}

/// <summary>A week of a term.</summary>
/// <param name="WeekId">The week.</param>
/// <param name="Monday">Its Monday.</param>
/// <param name="Shares">Everyone's shares.</param>
public sealed record SharesOfWeek(string WeekId, DateOnly Monday, IReadOnlyList<SharesOfChild> Shares);
