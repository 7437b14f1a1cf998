using Microsoft.EntityFrameworkCore;
using Nido.Core;
using Nido.Core.Week.Problem;
using Nido.Data.Formats;
using Nido.Data.Rows;

namespace Nido.Data.TakenAway;

/// <summary>
/// Erases something for good: its rows, what speaks of it elsewhere, and the pages of the file that held it. Backups
/// made before
/// still hold it, which is said where it is erased.
/// </summary>
public static class Erasing
{
    // What stands in the history of a week where a sentence with the name stood.
    private static readonly Said Nameless = $"Something came up";

    /// <summary>Erases something that lies in the bin, in one transaction, then cleans the file.</summary>
    public static async Task EraseAsync(NidoDb db, InBin thing, CancellationToken stop)
    {
        ArgumentNullException.ThrowIfNull(db);
        ArgumentNullException.ThrowIfNull(thing);
        // The pragma holds for the connection it is given on.
        await db.Database.OpenConnectionAsync(stop);
        try
        {
            await db.Database.ExecuteSqlRawAsync("PRAGMA secure_delete=ON;", stop);
            await using (var transaction = await db.Database.BeginTransactionAsync(stop))
            {
                await (
                    thing.Kind switch
                    {
                        BinKind.Child => ChildAsync(db, thing.Id, stop),
                        BinKind.Group => GroupAsync(db, thing.Id, stop),
                        BinKind.Week => WeekAsync(db, thing.Id, stop),
                        BinKind.Own => db
                            .Own.IgnoreQueryFilters()
                            .Where(o => o.Id == thing.Id)
                            .ExecuteDeleteAsync(stop),
                        _ => db.Themes.IgnoreQueryFilters().Where(t => t.Id == thing.Id).ExecuteDeleteAsync(stop),
                    }
                );
                await db.SaveChangesAsync(stop);
                await transaction.CommitAsync(stop);
            }

            await CleanAsync(db, stop);
        }
        finally
        {
            await db.Database.CloseConnectionAsync();
        }
    }

    /// <summary>Erases what has been in the bin for longer than it stays; how many things.</summary>
    public static async Task<int> EraseOldAsync(NidoDb db, DateTimeOffset now, CancellationToken stop)
    {
        InBin[] old =
        [
            .. (await TheBin.AllAsync(db, stop)).Where(b => b.Until < DateOnly.FromDateTime(now.UtcDateTime)),
        ];
        foreach (var thing in old)
        {
            await EraseAsync(db, thing, stop);
        }

        return old.Length;
    }

    /// <summary>Writes the file anew without what was deleted, and empties its log.</summary>
    public static async Task CleanAsync(NidoDb db, CancellationToken stop)
    {
        ArgumentNullException.ThrowIfNull(db);
        await db.Database.ExecuteSqlRawAsync("VACUUM;", stop);
        await db.Database.ExecuteSqlRawAsync("PRAGMA wal_checkpoint(TRUNCATE);", stop);
    }

    private static async Task ChildAsync(NidoDb db, string id, CancellationToken stop)
    {
        var child = await db.Children.IgnoreQueryFilters().AsNoTracking().SingleAsync(c => c.Id == id, stop);
        await RowsOfChildAsync(db, id, stop);
        await PicturesOfChildAsync(db, child, stop);
        await db.Children.IgnoreQueryFilters().Where(c => c.Id == id).ExecuteDeleteAsync(stop);
        var group = await db.Groups.IgnoreQueryFilters().SingleAsync(g => g.Id == child.GroupId, stop);
        group.Wishes = [.. group.Wishes.Where(w => w.ChildId != id && w.OtherId != id)];
        var weeks = await db
            .Weeks.IgnoreQueryFilters()
            .Include(w => w.Changes)
            .Where(w => w.GroupId == child.GroupId)
            .ToListAsync(stop);
        foreach (var week in weeks)
        {
            week.CameUp = Without(week.CameUp, id);
            week.Otherwise =
            [
                .. week.Otherwise.Select(o => Naming.Names(o.Words, child.Name) ? o with { Words = "" } : o),
            ];
            week.Plan = Nowhere(week.Plan, child.Name);
            foreach (var change in week.Changes)
            {
                (change.Before, change.After) = (Nowhere(change.Before, child.Name), Nowhere(change.After, child.Name));
                (change.CameUpBefore, change.CameUpAfter) = (
                    Without(change.CameUpBefore, id),
                    Without(change.CameUpAfter, id)
                );
                change.What = Naming.Names(change.What, child.Name) ? KeptSaid.Write(Nameless) : change.What;
            }
        }

        string[] weekIds = [.. weeks.Select(w => w.Id)];
        foreach (var shares in await db.Shares.Where(s => weekIds.Contains(s.WeekId)).ToListAsync(stop))
        {
            shares.Shares = [.. shares.Shares.Where(s => s.ChildId != id)];
        }

        foreach (var went in await db.Went.Where(w => weekIds.Contains(w.WeekId)).ToListAsync(stop))
        {
            went.Line = Naming.Names(went.Line, child.Name) ? "" : went.Line;
        }

        foreach (
            var note in await db.Notes.Where(n => n.GroupId == child.GroupId && n.ChildId == null).ToListAsync(stop)
        )
        {
            note.Text = Naming.Names(note.Text, child.Name) ? "…" : note.Text;
        }

        foreach (var rota in await db.Rotas.Where(r => weekIds.Contains(r.WeekId)).ToListAsync(stop))
        {
            rota.Groups = [.. rota.Groups.Select(g => g.Where(c => c != id).ToList())];
        }
    }

    /// <summary>A plan whose own words name a child no more.</summary>
    private static List<Placement> Nowhere(List<Placement> plan, string name) =>
        [
            .. plan.Select(p =>
                p.Words is { } own && Naming.Names(own, name) ? p with { Words = p.IsPencilled ? "…" : null } : p
            ),
        ];

    private static async Task GroupAsync(NidoDb db, string id, CancellationToken stop)
    {
        foreach (
            var week in await db
                .Weeks.IgnoreQueryFilters()
                .Where(w => w.GroupId == id)
                .Select(w => w.Id)
                .ToListAsync(stop)
        )
        {
            await WeekAsync(db, week, stop);
        }

        foreach (
            var child in await db
                .Children.IgnoreQueryFilters()
                .Where(c => c.GroupId == id)
                .Select(c => c.Id)
                .ToListAsync(stop)
        )
        {
            await RowsOfChildAsync(db, child, stop);
        }

        await db.Notes.Where(n => n.GroupId == id).ExecuteDeleteAsync(stop);
        await db
            .PictureFiles.Where(f => db.Pictures.Any(p => p.GroupId == id && p.Id == f.PictureId))
            .ExecuteDeleteAsync(stop);
        await db.Pictures.Where(p => p.GroupId == id).ExecuteDeleteAsync(stop);
        await db.Children.IgnoreQueryFilters().Where(c => c.GroupId == id).ExecuteDeleteAsync(stop);
        await db.Set<AdultRow>().Where(a => a.GroupId == id).ExecuteDeleteAsync(stop);
        await db.Set<BlockRow>().Where(b => b.GroupId == id).ExecuteDeleteAsync(stop);
        await db.DoorCounts.Where(b => b.GroupId == id).ExecuteDeleteAsync(stop);
        await db.Groups.IgnoreQueryFilters().Where(g => g.Id == id).ExecuteDeleteAsync(stop);
    }

    private static async Task WeekAsync(NidoDb db, string id, CancellationToken stop)
    {
        await db.Overrides.Where(o => o.WeekId == id).ExecuteDeleteAsync(stop);
        await db.Rotas.Where(r => r.WeekId == id).ExecuteDeleteAsync(stop);
        await db.Went.Where(c => c.WeekId == id).ExecuteDeleteAsync(stop);
        await db.Shares.Where(c => c.WeekId == id).ExecuteDeleteAsync(stop);
        await db.Asked.Where(c => c.WeekId == id).ExecuteDeleteAsync(stop);
        await db.Changes.Where(c => c.WeekId == id).ExecuteDeleteAsync(stop);
        await db.Weeks.IgnoreQueryFilters().Where(w => w.Id == id).ExecuteDeleteAsync(stop);
    }

    private static async Task RowsOfChildAsync(NidoDb db, string id, CancellationToken stop)
    {
        await db.Observations.Where(o => o.ChildId == id).ExecuteDeleteAsync(stop);
        await db.ChosenSteps.Where(o => o.ChildId == id).ExecuteDeleteAsync(stop);
        await db.Objectives.Where(o => o.ChildId == id).ExecuteDeleteAsync(stop);
        await db.Shown.Where(o => o.ChildId == id).ExecuteDeleteAsync(stop);
        await db.Tallies.Where(o => o.ChildId == id).ExecuteDeleteAsync(stop);
        await db.FollowUps.Where(o => o.ChildId == id).ExecuteDeleteAsync(stop);
        await db.Notes.Where(o => o.ChildId == id).ExecuteDeleteAsync(stop);
        await db.Asked.Where(o => o.ChildId == id).ExecuteDeleteAsync(stop);
        await db.Bags.Where(o => o.ChildId == id).ExecuteDeleteAsync(stop);
    }

    /// <summary>Pictures that show a child go; of those of its work together with others only its name goes.</summary>
    private static async Task PicturesOfChildAsync(NidoDb db, ChildRow child, CancellationToken stop)
    {
        var pictures = await db.Pictures.Where(p => p.GroupId == child.GroupId).ToListAsync(stop);
        foreach (var picture in pictures.Where(p => p.Of.Contains(child.Id) || p.Shows.Contains(child.Id)))
        {
            picture.Of = [.. picture.Of.Where(c => c != child.Id)];
            if (picture.Shows.Contains(child.Id) || picture.Of.Count == 0)
            {
                await db.PictureFiles.Where(f => f.PictureId == picture.Id).ExecuteDeleteAsync(stop);
                db.Pictures.Remove(picture);
            }
        }
    }

    private static List<CameUp> Without(List<CameUp> all, string child) => [.. all.Where(c => c.Subject != child)];
}
