using System.Globalization;
using System.IO.Compression;
using System.Security.Cryptography;
using System.Text.Json;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Nido.Data.Formats;
using Nido.Data.TakenAway;

namespace Nido.Data.Backups;

/// <summary>
/// A house in one file: a zip with the database, copied by SQLite's own online backup while the house is in use, and a
/// manifest with
/// its checksum. A backup that was not opened and checked is not one.
/// </summary>
public static class Backup
{
    private const string Database = "nido.db",
        ManifestName = "manifest.json";
    private static readonly string[] Endings = ["", "-wal", "-shm"];
    private const long MostBytes = 4L * 1024 * 1024 * 1024;

    /// <summary>Makes a backup of the house as it is at this moment, and opens it to see that it is whole.</summary>
    /// <returns>The backup.</returns>
    public static async Task<BackupFile> MakeAsync(
        NidoDb db,
        SiteFolder folder,
        DateTimeOffset at,
        BackupReason why,
        CancellationToken stop
    )
    {
        ArgumentNullException.ThrowIfNull(db);
        ArgumentNullException.ThrowIfNull(folder);
        Directory.CreateDirectory(folder.Backups);
        var copy = Path.Combine(folder.Backups, $"{Guid.NewGuid():N}.part");
        try
        {
            Copy(db, copy);
            var manifest = new BackupManifest(
                "nido-backup",
                1,
                at,
                why,
                await WholeAsync(copy, stop),
                new FileInfo(copy).Length,
                await Sha256Async(copy, stop),
                await ContentsAsync(copy, stop)
            );
            var name = FreeName(folder, at);
            var zipped = Path.Combine(folder.Backups, $"{name}.part");
            using (var zip = ZipFile.Open(zipped, ZipArchiveMode.Create))
            {
                zip.CreateEntryFromFile(copy, Database);
                await using var text = await zip.CreateEntry(ManifestName).OpenAsync(stop);
                await JsonSerializer.SerializeAsync(text, manifest, Units.Json, stop);
            }

            // Only a whole file gets the name of a backup.
            File.Move(zipped, Path.Combine(folder.Backups, name));
            return new(name, new FileInfo(Path.Combine(folder.Backups, name)).Length, manifest);
        }
        finally
        {
            File.Delete(copy);
        }
    }

    /// <summary>Copies the database as it is at this moment to a file of its own.</summary>
    private static void Copy(NidoDb db, string to)
    {
        ArgumentNullException.ThrowIfNull(db);
        using var from = new SqliteConnection(db.Database.GetConnectionString());
        from.Open();
        using var target = new SqliteConnection(Plain(to));
        target.Open();
        from.BackupDatabase(target);
    }

    /// <summary>Backups in the folder, newest first; those that cannot be read stand last.</summary>
    public static IReadOnlyList<BackupFile> All(SiteFolder folder)
    {
        ArgumentNullException.ThrowIfNull(folder);
        return Directory.Exists(folder.Backups)
            ?
            [
                .. Directory
                    .GetFiles(folder.Backups, "*.zip")
                    .Select(f => new BackupFile(Path.GetFileName(f), new FileInfo(f).Length, ManifestOf(f)))
                    .OrderByDescending(b => b.Manifest?.MadeAt ?? DateTimeOffset.MinValue)
                    .ThenBy(b => b.Name, StringComparer.Ordinal),
            ]
            : [];
    }

    /// <summary>Name of the newest backup that can be read, or null.</summary>
    public static string? Newest(SiteFolder folder) => All(folder).FirstOrDefault(b => b.Manifest is not null)?.Name;

    /// <summary>Takes the database out of a backup, checks it against its manifest and opens it.</summary>
    /// <param name="file">The zip.</param>
    /// <param name="to">Where the database is laid; the caller takes it away.</param>
    /// <param name="stop">Gives up.</param>
    /// <exception cref="SiteException">It is no backup, or is damaged.</exception>
    public static async Task<BackupManifest> TakeOutAsync(string file, string to, CancellationToken stop)
    {
        if (ManifestOf(file) is not { } manifest)
        {
            throw new SiteException(
                $"This is not a backup of Nido, or it is damaged.",
                $"Choose another one: a backup is a zip that Nido wrote."
            );
        }

        try
        {
            using (var zip = ZipFile.OpenRead(file))
            {
                await using var from = await zip.GetEntry(Database)!.OpenAsync(stop);
                await using var target = new FileStream(to, SiteFolder.Fresh(FileMode.Create, FileShare.None));
                await CopyUpToAsync(from, target, manifest.Bytes, stop);
            }

            if (new FileInfo(to).Length != manifest.Bytes || await Sha256Async(to, stop) != manifest.Sha256)
            {
                throw new SiteException($"This backup is damaged: its checksum is another.", $"Choose an older one.");
            }

            await WholeAsync(to, stop);
            return manifest;
        }
        catch (Exception e) when (e is InvalidDataException or SqliteException)
        {
            throw new SiteException($"This backup is damaged.", $"Choose an older one.", e);
        }
    }

    /// <summary>Takes in a backup that was kept elsewhere, checked as if it were to be restored.</summary>
    /// <exception cref="SiteException">It is no backup, or damaged.</exception>
    public static async Task<BackupFile> BringAsync(
        SiteFolder folder,
        Stream file,
        DateTimeOffset at,
        CancellationToken stop
    )
    {
        ArgumentNullException.ThrowIfNull(folder);
        ArgumentNullException.ThrowIfNull(file);
        Directory.CreateDirectory(folder.Backups);
        string zipped = Path.Combine(folder.Backups, $"{Guid.NewGuid():N}.part"),
            taken = $"{zipped}.db";
        try
        {
            await using (var target = new FileStream(zipped, SiteFolder.Fresh(FileMode.CreateNew, FileShare.None)))
            {
                await CopyUpToAsync(file, target, MostBytes, stop);
            }

            var manifest = await TakeOutAsync(zipped, taken, stop);
            var name = FreeName(folder, at);
            File.Move(zipped, Path.Combine(folder.Backups, name));
            return new(name, new FileInfo(Path.Combine(folder.Backups, name)).Length, manifest);
        }
        finally
        {
            File.Delete(zipped);
            File.Delete(taken);
        }
    }

    /// <summary>Names of backups, and of copies of the database that lie beside it, that hold something.</summary>
    /// <param name="folder">Where they lie.</param>
    /// <param name="kind">What it is.</param>
    /// <param name="id">Its id.</param>
    /// <param name="stop">Gives up.</param>
    public static async Task<IReadOnlyList<(string Name, BackupManifest? Manifest)>> HoldingAsync(
        SiteFolder folder,
        BinKind kind,
        string id,
        CancellationToken stop
    )
    {
        var holding = new List<(string, BackupManifest?)>();
        foreach (var backup in All(folder))
        {
            if (await HoldsAsync(Path.Combine(folder.Backups, backup.Name), kind, id, stop))
            {
                holding.Add((backup.Name, backup.Manifest));
            }
        }

        foreach (
            var copy in Directory
                .GetFiles(folder.Path, $"{Database}.*")
                .Where(f =>
                    !f.EndsWith("-wal", StringComparison.Ordinal) && !f.EndsWith("-shm", StringComparison.Ordinal)
                )
        )
        {
            if (await HoldsInDatabaseAsync(copy, kind, id, stop))
            {
                holding.Add((Path.GetFileName(copy), null));
            }
        }

        return holding;
    }

    private static async Task<bool> HoldsAsync(string zip, BinKind kind, string id, CancellationToken stop)
    {
        var taken = $"{zip}.part";
        try
        {
            await TakeOutAsync(zip, taken, stop);
            return await HoldsInDatabaseAsync(taken, kind, id, stop);
        }
        catch (SiteException)
        {
            // What cannot be opened may hold it: better named than kept quiet.
            return true;
        }
        finally
        {
            File.Delete(taken);
        }
    }

    private static async Task<bool> HoldsInDatabaseAsync(string file, BinKind kind, string id, CancellationToken stop)
    {
        try
        {
            using var connection = new SqliteConnection(Plain(file));
            await connection.OpenAsync(stop);
            await using var command = connection.CreateCommand();
            command.CommandText = kind switch
            {
                BinKind.Child => "SELECT COUNT(*) FROM children WHERE Id = $id",
                BinKind.Group => "SELECT COUNT(*) FROM groups WHERE Id = $id",
                BinKind.Week => "SELECT COUNT(*) FROM weeks WHERE Id = $id",
                BinKind.Own => "SELECT COUNT(*) FROM own WHERE Id = $id",
                _ => "SELECT COUNT(*) FROM themes WHERE Id = $id",
            };
            command.Parameters.AddWithValue("$id", id);
            return Convert.ToInt32(await command.ExecuteScalarAsync(stop), CultureInfo.InvariantCulture) > 0;
        }
        catch (SqliteException)
        {
            return true;
        }
    }

    /// <summary>Brings a backup back into the house that is open. What is here now is kept aside as a backup
    /// first.</summary>
    /// <returns>The backup of what was here.</returns>
    /// <exception cref="SiteException">It is no backup, damaged, or of a newer version.</exception>
    public static async Task<BackupFile> RestoreAsync(
        NidoDb db,
        SiteFolder folder,
        string name,
        DateTimeOffset at,
        CancellationToken stop
    )
    {
        ArgumentNullException.ThrowIfNull(db);
        ArgumentNullException.ThrowIfNull(folder);
        var taken = Path.Combine(folder.Backups, $"{Guid.NewGuid():N}.part");
        try
        {
            var manifest = await TakeOutAsync(Path.Combine(folder.Backups, name), taken, stop);
            if (!db.Database.GetMigrations().Contains(manifest.Schema))
            {
                throw new SiteException(
                    $"This backup was made by a newer Nido ({manifest.Schema}).",
                    $"Bring it back with that version."
                );
            }

            var aside = await MakeAsync(db, folder, at, BackupReason.BeforeRestore, stop);
            using (var from = new SqliteConnection(Plain(taken)))
            {
                await from.OpenAsync(stop);
                using var live = new SqliteConnection(db.Database.GetConnectionString());
                await live.OpenAsync(stop);
                from.BackupDatabase(live);
            }

            SqliteConnection.ClearAllPools();
            await db.Database.MigrateAsync(stop);
            await db.Database.ExecuteSqlRawAsync("PRAGMA journal_mode=WAL;", stop);
            return aside;
        }
        finally
        {
            SqliteConnection.ClearAllPools();
            File.Delete(taken);
        }
    }

    /// <summary>Puts a backup in the place of a file that cannot be opened; the damaged file stays beside it under
    /// another name.</summary>
    /// <returns>Where what was there is now; null where nothing was.</returns>
    /// <exception cref="SiteException">It is no backup, or damaged.</exception>
    public static async Task<string?> PutInPlaceAsync(
        SiteFolder folder,
        string name,
        DateTimeOffset at,
        CancellationToken stop
    )
    {
        ArgumentNullException.ThrowIfNull(folder);
        var taken = Path.Combine(folder.Path, $"{Guid.NewGuid():N}.part");
        try
        {
            await TakeOutAsync(Path.Combine(folder.Backups, Path.GetFileName(name)), taken, stop);
            SqliteConnection.ClearAllPools();
            var aside = $"{folder.File}.aside-{Stamp(at)}";
            foreach (var ending in Endings.Where(e => File.Exists(folder.File + e)))
            {
                File.Move(folder.File + ending, aside + ending);
            }

            File.Move(taken, folder.File);
            return File.Exists(aside) ? aside : null;
        }
        finally
        {
            SqliteConnection.ClearAllPools();
            File.Delete(taken);
        }
    }

    /// <summary>What is in a database file.</summary>
    public static async Task<BackupContents> ContentsAsync(string file, CancellationToken stop)
    {
        using var connection = new SqliteConnection(Plain(file));
        await connection.OpenAsync(stop);
        // A copy made before the schema was brought up to date may lack what has come since.
        async Task<bool> Has(string table) =>
            await OneAsync(
                connection,
                $"SELECT name FROM sqlite_master WHERE type = 'table' AND name = '{table}'",
                stop
            )
                is not null;
        async Task<int> Count(string table) =>
            await Has(table)
                ? Convert.ToInt32(
                    await OneAsync(connection, $"SELECT COUNT(*) FROM {table}", stop),
                    CultureInfo.InvariantCulture
                )
                : 0;
        var last = await Has("changes")
            ? await OneAsync(connection, "SELECT MAX(At) FROM changes", stop) as string
            : null;
        return new(
            await Count("groups"),
            await Count("children"),
            await Count("weeks"),
            await Count("observations"),
            await Count("movements"),
            last is null ? null : DateTimeOffset.Parse(last, CultureInfo.InvariantCulture)
        );
    }

    /// <summary>Name of the newest change of the schema in a database file, which is looked through for
    /// damage.</summary>
    /// <exception cref="SiteException">It is damaged.</exception>
    private static async Task<string> WholeAsync(string file, CancellationToken stop)
    {
        using var connection = new SqliteConnection(Plain(file));
        await connection.OpenAsync(stop);
        return await OneAsync(connection, "PRAGMA integrity_check(1)", stop) is "ok"
            ? (string)(await OneAsync(connection, "SELECT MAX(MigrationId) FROM __EFMigrationsHistory", stop))!
            : throw new SiteException($"This backup is damaged.", $"Choose an older one.");
    }

    private static async Task<object?> OneAsync(SqliteConnection connection, string sql, CancellationToken stop)
    {
        await using var command = connection.CreateCommand();
        command.CommandText = sql;
        return await command.ExecuteScalarAsync(stop) is var value && value is DBNull ? null : value;
    }

    private static BackupManifest? ManifestOf(string file)
    {
        try
        {
            using var zip = ZipFile.OpenRead(file);
            if (zip.GetEntry(ManifestName) is not { Length: < 1_000_000 } entry || zip.GetEntry(Database) is null)
            {
                return null;
            }

            using var text = entry.Open();
            return
                JsonSerializer.Deserialize<BackupManifest>(text, Units.Json)
                    is {
                        Format: "nido-backup",
                        FormatVersion: 1,
                        Bytes: > 0 and <= MostBytes,
                        Contents: not null
                    } manifest
                ? manifest
                : null;
        }
        catch (Exception e) when (e is InvalidDataException or IOException or JsonException)
        {
            return null;
        }
    }

    /// <summary>Copies what a manifest promises and one byte more at most, whatever a zip says of itself.</summary>
    private static async Task CopyUpToAsync(Stream from, Stream to, long most, CancellationToken stop)
    {
        var buffer = new byte[81920];
        long copied = 0;
        for (int read; copied <= most && (read = await from.ReadAsync(buffer, stop)) > 0; copied += read)
        {
            await to.WriteAsync(buffer.AsMemory(0, read), stop);
        }
    }

    private static async Task<string> Sha256Async(string file, CancellationToken stop)
    {
        await using var stream = File.OpenRead(file);
        return Convert.ToHexStringLower(await SHA256.HashDataAsync(stream, stop));
    }

    private static string FreeName(SiteFolder folder, DateTimeOffset at) =>
        Enumerable
            .Range(0, int.MaxValue)
            .Select(k => $"nido-{Stamp(at)}{(k == 0 ? "" : $"-{k}")}.zip")
            .First(n => !File.Exists(Path.Combine(folder.Backups, n)));

    private static string Stamp(DateTimeOffset at) =>
        at.UtcDateTime.ToString("yyyy-MM-dd'T'HH-mm-ss'Z'", CultureInfo.InvariantCulture);

    private static string Plain(string file) =>
        new SqliteConnectionStringBuilder { DataSource = file, Pooling = false }.ToString();
}
