using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Nido.Core;
using Nido.Core.Allergens;
using Nido.Data.Backups;
using Nido.Data.Demo;
using Nido.Data.Rows;

namespace Nido.Data;

/// <summary>Opens the database file of a site.</summary>
public static class Site
{
    /// <summary>Connection string of a site's file: foreign keys on, waits for a busy writer.</summary>
    public static string Connection(string file) =>
        new SqliteConnectionStringBuilder
        {
            DataSource = file,
            ForeignKeys = true,
            DefaultTimeout = 15,
        }.ToString();

    /// <summary>
    /// Looks whether the file is whole and of a version this one knows, makes a backup where the schema will change,
    /// brings the
    /// schema up to date, switches on the write-ahead log.
    /// </summary>
    /// <exception cref="SiteException">The file is empty, damaged, or of a newer version.</exception>
    public static async Task OpenAsync(NidoDb db, SiteFolder folder, DateTimeOffset at, CancellationToken stop)
    {
        ArgumentNullException.ThrowIfNull(db);
        ArgumentNullException.ThrowIfNull(folder);
        try
        {
            await LookAsync(db, folder, stop);
            var pending = await db.Database.GetPendingMigrationsAsync(stop);
            if (new FileInfo(folder.File) is { Exists: true, Length: > 0 } && pending.Any())
            {
                await Backup.MakeAsync(db, folder, at, BackupReason.BeforeUpdate, stop);
            }

            await db.Database.MigrateAsync(stop);
            await db.Database.ExecuteSqlRawAsync("PRAGMA journal_mode=WAL;", stop);
            folder.Opened();
        }
        catch (SqliteException e)
        {
            throw FaultOf(e, folder);
        }
    }

    /// <summary>What an error of the database means for the house.</summary>
    public static SiteException FaultOf(SqliteException error, SiteFolder folder)
    {
        ArgumentNullException.ThrowIfNull(error);
        ArgumentNullException.ThrowIfNull(folder);
        return error.SqliteErrorCode switch
        {
            SQLitePCL.raw.SQLITE_FULL => new(
                $"The disk is full.",
                $"Nothing was changed. Make room on the disk, then do it again.",
                error
            ),
            SQLitePCL.raw.SQLITE_READONLY or SQLitePCL.raw.SQLITE_CANTOPEN or SQLitePCL.raw.SQLITE_PERM => new(
                $"The file {folder.File} cannot be written to.",
                $"Nothing was changed. Give its owner the right to write to it and to its folder.",
                error
            ),
            SQLitePCL.raw.SQLITE_BUSY or SQLitePCL.raw.SQLITE_LOCKED => new(
                $"Another program holds the file of the house.",
                $"Nothing was changed. Close that program, then do it again.",
                error
            ),
            SQLitePCL.raw.SQLITE_IOERR => new(
                $"The disk did not take it.",
                $"Nothing was changed. Look whether the disk is full or failing, then do it again.",
                error
            ),
            SQLitePCL.raw.SQLITE_CORRUPT or SQLitePCL.raw.SQLITE_NOTADB => new(
                $"The file {folder.File} is damaged.",
                NewestBackup(folder),
                error
            ),
            _ => new(
                $"The file of the house could not be used.",
                $"Nothing was changed. Try again; if it stays, the log of the house says more.",
                error
            ),
        };
    }

    private static async Task LookAsync(NidoDb db, SiteFolder folder, CancellationToken stop)
    {
        if (!File.Exists(folder.File))
        {
            return;
        }

        if (
            new FileInfo(folder.File).Length == 0
            && new FileInfo($"{folder.File}-wal") is not { Exists: true, Length: > 0 }
        )
        {
            if (folder.IsBegun)
            {
                return;
            }

            throw new SiteException(
                $"The file {folder.File} is empty, which a house of Nido never is.",
                NewestBackup(folder)
            );
        }

        string[] known = [.. db.Database.GetMigrations()];
        string[] applied = [.. await db.Database.GetAppliedMigrationsAsync(stop)];
        if (applied.FirstOrDefault(a => !known.Contains(a)) is { } newer)
        {
            throw new SiteException(
                $"The file {folder.File} was written by a newer Nido ({newer}).",
                $"Open it with that version; this one would not understand all of it. Nothing was changed."
            );
        }

        await db.Database.OpenConnectionAsync(stop);
        try
        {
            await using var command = db.Database.GetDbConnection().CreateCommand();
            command.CommandText = "PRAGMA quick_check(1)";
            if (await command.ExecuteScalarAsync(stop) is string said && said != "ok")
            {
                throw new SiteException($"The file {folder.File} is damaged ({said}).", NewestBackup(folder));
            }
        }
        finally
        {
            await db.Database.CloseConnectionAsync();
        }
    }

    private static Said NewestBackup(SiteFolder folder) =>
        Backup.Newest(folder) is { } newest
            ? (Said)
                $"The newest backup is {newest}. Bring it back with: ./nido restore {newest}. What is here now is kept aside."
            : $"There is no backup beside it. Move it away to begin a new house, or put back a copy of your own.";

    /// <summary>
    /// Reads the words a site holds for allergies with the vocabulary: what maps to an allergen becomes it, what does
    /// not is kept
    /// and loud. Done each time a site is opened, so that a word the vocabulary has learnt since is watched for.
    /// </summary>
    public static async Task ReadAllergiesAsync(NidoDb db, AllergenBook book, CancellationToken stop)
    {
        ArgumentNullException.ThrowIfNull(db);
        foreach (var child in await db.Children.ToListAsync(stop))
        {
            var (allergens, unknown) = AllergyEntry.Kept(book, child.Allergies, child.UnknownAllergies);
            if (!allergens.SequenceEqual(child.Allergies) || !unknown.SequenceEqual(child.UnknownAllergies))
            {
                (child.Allergies, child.UnknownAllergies) = ([.. allergens], unknown);
            }
        }

        await db.SaveChangesAsync(stop);
    }

    /// <summary>Puts the invented demo house into an empty site.</summary>
    public static async Task SeedDemoAsync(NidoDb db, Func<string> newId, CancellationToken stop)
    {
        ArgumentNullException.ThrowIfNull(db);
        var group = DemoScenario.WrenRoom(newId);
        var nestlings = DemoScenario.SaturdayNestlings(newId);
        db.Groups.AddRange(GroupRow.Of(group), GroupRow.Of(nestlings));
        db.Movements.AddRange(DemoScenario.Cupboard().Select(MovementRow.Of));
        db.Weeks.Add(
            new WeekRow
            {
                Id = newId(),
                GroupId = group.Id,
                ThemeId = DemoScenario.ThemeId,
                Monday = DemoScenario.Monday,
                Sliders = Core.Week.Problem.Sliders.Middle,
            }
        );
        db.Weeks.Add(
            new WeekRow
            {
                Id = newId(),
                GroupId = nestlings.Id,
                ThemeId = DemoScenario.ThemeId,
                Monday = DemoScenario.Monday,
                Sliders = Core.Week.Problem.Sliders.Middle,
            }
        );
        await db.SaveChangesAsync(stop);
    }
}
