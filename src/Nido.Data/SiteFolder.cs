namespace Nido.Data;

/// <summary>
/// The folder of a house while it is open: readable by its owner only, and held so that a second process cannot open it
/// too. Two
/// would each keep what they have computed and show an allergy as it no longer is.
/// </summary>
public sealed class SiteFolder : IDisposable
{
    private const UnixFileMode OwnerOnly = UnixFileMode.UserRead | UnixFileMode.UserWrite;
    private readonly FileStream held;

    private SiteFolder(string path, FileStream held, bool begun) => (Path, this.held, IsBegun) = (path, held, begun);

    /// <summary>A house was begun here and never opened: its making was cut off, so an empty file is no loss.</summary>
    public bool IsBegun { get; }

    /// <summary>The folder.</summary>
    public string Path { get; }

    /// <summary>The database file.</summary>
    public string File => System.IO.Path.Combine(Path, "nido.db");

    /// <summary>Where backups lie.</summary>
    public string Backups => System.IO.Path.Combine(Path, "backups");

    /// <summary>Where letters lie until a mail program sends them.</summary>
    public string Outbox => System.IO.Path.Combine(Path, "outbox");

    /// <summary>Takes every letter out of the outbox: what is erased must not lie there either.</summary>
    public void EmptyOutbox()
    {
        if (Directory.Exists(Outbox))
        {
            Directory.Delete(Outbox, recursive: true);
        }
    }

    /// <summary>Makes the folder where there is none, and holds it.</summary>
    /// <exception cref="SiteException">It cannot be written to, is a file, or is held by another process.</exception>
    public static SiteFolder Open(string path)
    {
        if (System.IO.File.Exists(path))
        {
            throw new SiteException(
                $"{path} is a file.",
                $"NIDO_DATA names a folder: choose another one, or move the file away."
            );
        }

        try
        {
            if (!Directory.Exists(path))
            {
                Directory.CreateDirectory(path);
                Restrict(path, OwnerOnly | UnixFileMode.UserExecute);
            }

            var lockFile = System.IO.Path.Combine(path, "nido.lock");
            var begun = System.IO.File.Exists(lockFile) && new FileInfo(lockFile).Length == 0;
            var held = new FileStream(lockFile, Fresh(FileMode.OpenOrCreate, FileShare.None));
            var folder = new SiteFolder(path, held, begun);
            Restrict(folder.File, OwnerOnly);
            return folder;
        }
        catch (UnauthorizedAccessException e)
        {
            throw new SiteException(
                $"The folder {path} cannot be written to.",
                $"Give its owner the right to write, or choose another folder with NIDO_DATA.",
                e
            );
        }
        catch (IOException e)
            when (Directory.Exists(path) && System.IO.File.Exists(System.IO.Path.Combine(path, "nido.lock")))
        {
            throw new SiteException(
                $"Another Nido has {path} open.",
                $"Use that one, or stop it first. A second beside it would show what is no longer so. (If no "
                    + $"Nido runs: is the disk full or read-only?)",
                e
            );
        }
        catch (IOException e)
        {
            throw new SiteException(
                $"The folder {path} cannot be used: {e.Message}.",
                $"Is the disk full or read-only? Make room, or choose another folder with NIDO_DATA.",
                e
            );
        }
    }

    /// <summary>How a file of the house is opened, made for its owner only.</summary>
    public static FileStreamOptions Fresh(FileMode mode, FileShare share)
    {
        var options = new FileStreamOptions
        {
            Mode = mode,
            Access = FileAccess.ReadWrite,
            Share = share,
        };
        if (!OperatingSystem.IsWindows())
        {
            options.UnixCreateMode = OwnerOnly;
        }

        return options;
    }

    /// <summary>Marks that a house is here: from now on an empty file is a loss.</summary>
    public void Opened()
    {
        if (held.Length == 0)
        {
            held.Write("opened"u8);
            held.Flush(flushToDisk: true);
        }
    }

    /// <summary>Writes a page to the disk and takes it away again.</summary>
    /// <exception cref="IOException">The disk is full or read-only.</exception>
    public void TryWriting()
    {
        var probe = System.IO.Path.Combine(Path, "probe.tmp");
        lock (held)
        {
            try
            {
                System.IO.File.WriteAllBytes(probe, new byte[4096]);
            }
            finally
            {
                System.IO.File.Delete(probe);
            }
        }
    }

    /// <inheritdoc />
    public void Dispose() => held.Dispose();

    private static void Restrict(string path, UnixFileMode mode)
    {
        if (!OperatingSystem.IsWindows() && (System.IO.File.Exists(path) || Directory.Exists(path)))
        {
            System.IO.File.SetUnixFileMode(path, mode);
        }
    }
}
