namespace Nido.Data.Backups;

/// <summary>A backup as it lies in the folder.</summary>
/// <param name="Name">Name of the file.</param>
/// <param name="FileBytes">Size of the file.</param>
/// <param name="Manifest">What it says of itself; null where it cannot be read.</param>
public sealed record BackupFile(string Name, long FileBytes, BackupManifest? Manifest);
