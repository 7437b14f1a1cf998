using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Nido.Core.Allergens;
using Nido.Data.Demo;
using Nido.Data.Rows;

namespace Nido.Data;

/// <summary>Opens the database file of a site.</summary>
public static class Site
{
    /// <summary>Connection string of a site's file: foreign keys on, waits for a busy writer.</summary>
    public static string Connection(string file) => new SqliteConnectionStringBuilder
    {
        DataSource = file,
        ForeignKeys = true,
        DefaultTimeout = 30,
    }.ToString();

    /// <summary>Copies the file aside where the schema will change, brings the schema up to date, switches on the write-ahead log.</summary>
    public static async Task OpenAsync(NidoDb db, string file, CancellationToken stop)
    {
        ArgumentNullException.ThrowIfNull(db);
        var pending = await db.Database.GetPendingMigrationsAsync(stop);
        if (File.Exists(file) && new FileInfo(file).Length > 0 && pending.Any())
        {
            File.Copy(file, $"{file}.before-{pending.Last()}", overwrite: true);
        }

        await db.Database.MigrateAsync(stop);
        await db.Database.ExecuteSqlRawAsync("PRAGMA journal_mode=WAL;", stop);
    }

    /// <summary>
    /// Reads the words a site holds for allergies with the vocabulary: what maps to an allergen becomes it, what does not is kept
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
        db.Weeks.Add(new WeekRow
        {
            Id = newId(),
            GroupId = group.Id,
            ThemeId = DemoScenario.ThemeId,
            Monday = DemoScenario.Monday,
            Sliders = Core.Planning.Sliders.Middle,
        });
        db.Weeks.Add(new WeekRow
        {
            Id = newId(),
            GroupId = nestlings.Id,
            ThemeId = DemoScenario.ThemeId,
            Monday = DemoScenario.Monday,
            Sliders = Core.Planning.Sliders.Middle,
        });
        await db.SaveChangesAsync(stop);
    }
}
