using System.Globalization;
using Microsoft.EntityFrameworkCore;
using Nido.Core;
using Nido.Data.Rows;

namespace Nido.Data.TakenAway;

/// <summary>What was taken away: kept for 30 days, brought back by one press, then erased.</summary>
public static class TheBin
{
    /// <summary>Days something stays in the bin.</summary>
    public const int Days = 30;

    /// <summary>Takes a group away with its weeks. Rows are marked, the caller saves.</summary>
    public static async Task PutAsync(NidoDb db, GroupRow group, DateTimeOffset at, CancellationToken stop)
    {
        ArgumentNullException.ThrowIfNull(db);
        ArgumentNullException.ThrowIfNull(group);
        group.BinnedAt = at;
        // The same moment marks what went together and comes back together.
        foreach (var week in await db.Weeks.Where(w => w.GroupId == group.Id).ToListAsync(stop))
        {
            week.BinnedAt = at;
        }
    }

    /// <summary>Everything in the bin, newest first. What lies in a group that is in the bin itself is not named
    /// again.</summary>
    public static async Task<IReadOnlyList<InBin>> AllAsync(NidoDb db, CancellationToken stop)
    {
        ArgumentNullException.ThrowIfNull(db);
        var groups = await db.Groups.IgnoreQueryFilters().AsNoTracking().ToDictionaryAsync(g => g.Id, stop);
        var children = await db
            .Children.IgnoreQueryFilters()
            .AsNoTracking()
            .Where(c => c.BinnedAt != null)
            .ToListAsync(stop);
        var weeks = await db
            .Weeks.IgnoreQueryFilters()
            .AsNoTracking()
            .Where(w => w.BinnedAt != null)
            .Select(w => new
            {
                w.Id,
                w.GroupId,
                w.Monday,
                w.BinnedAt,
            })
            .ToListAsync(stop);
        var themes = await db
            .Themes.IgnoreQueryFilters()
            .AsNoTracking()
            .Where(t => t.BinnedAt != null)
            .ToListAsync(stop);
        var own = await db.Own.IgnoreQueryFilters().AsNoTracking().Where(o => o.BinnedAt != null).ToListAsync(stop);
        bool IsHere(string group) => groups[group].BinnedAt is null;
        InBin[] all =
        [
            .. groups
                .Values.Where(g => g.BinnedAt is not null)
                .Select(g => In(BinKind.Group, g.Id, g.Name, "", g.BinnedAt!.Value)),
            .. children
                .Where(c => IsHere(c.GroupId))
                .Select(c => In(BinKind.Child, c.Id, c.Name, groups[c.GroupId].Name, c.BinnedAt!.Value)),
            .. weeks
                .Where(w => IsHere(w.GroupId))
                .Select(w =>
                    In(
                        BinKind.Week,
                        w.Id,
                        w.Monday.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture),
                        groups[w.GroupId].Name,
                        w.BinnedAt!.Value
                    )
                ),
            .. themes.Select(t => In(BinKind.Theme, t.Id, t.Theme.Name.En, "", t.BinnedAt!.Value)),
            .. own.Select(o => In(BinKind.Own, o.Id, o.Name, "", o.BinnedAt!.Value)),
        ];
        return [.. all.OrderByDescending(b => b.At).ThenBy(b => b.Id, StringComparer.Ordinal)];
    }

    /// <summary>Brings something back; what stands against it, or null. The caller saves.</summary>
    public static async Task<Said?> BringBackAsync(NidoDb db, InBin thing, CancellationToken stop)
    {
        ArgumentNullException.ThrowIfNull(db);
        ArgumentNullException.ThrowIfNull(thing);
        if (thing.Kind == BinKind.Child)
        {
            var child = await db.Children.IgnoreQueryFilters().SingleAsync(c => c.Id == thing.Id, stop);
            if (await db.Children.AnyAsync(c => c.GroupId == child.GroupId && c.Name == child.Name, stop))
            {
                return $"Another {child.Name} is in {thing.Of} by now. Give that one a letter of the family name, "
                    + $"then bring this one back.";
            }

            child.BinnedAt = null;
        }
        else if (thing.Kind == BinKind.Group)
        {
            var group = await db.Groups.IgnoreQueryFilters().SingleAsync(g => g.Id == thing.Id, stop);
            foreach (
                var week in await db
                    .Weeks.IgnoreQueryFilters()
                    .Where(w => w.GroupId == group.Id && w.BinnedAt == group.BinnedAt)
                    .ToListAsync(stop)
            )
            {
                week.BinnedAt = null;
            }

            group.BinnedAt = null;
        }
        else if (thing.Kind == BinKind.Week)
        {
            (await db.Weeks.IgnoreQueryFilters().SingleAsync(w => w.Id == thing.Id, stop)).BinnedAt = null;
        }
        else if (thing.Kind == BinKind.Own)
        {
            (await db.Own.IgnoreQueryFilters().SingleAsync(o => o.Id == thing.Id, stop)).BinnedAt = null;
        }
        else
        {
            (await db.Themes.IgnoreQueryFilters().SingleAsync(t => t.Id == thing.Id, stop)).BinnedAt = null;
        }

        return null;
    }

    private static InBin In(BinKind kind, string id, string name, string of, DateTimeOffset at) =>
        new(kind, id, name, of, at, DateOnly.FromDateTime(at.UtcDateTime).AddDays(Days));
}
