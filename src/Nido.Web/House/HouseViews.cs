using Nido.Data.Backups;

namespace Nido.Web.House;

/// <summary>The house at a look.</summary>
/// <param name="Folder">Where it lies.</param>
/// <param name="Here">What is in it now.</param>
/// <param name="Bytes">Size of its file.</param>
/// <param name="Backups">Newest first.</param>
/// <param name="NewestHoursAgo">Age of the newest backup in hours; null where there is none.</param>
public sealed record HouseView(
    string Folder,
    BackupContents Here,
    long Bytes,
    IReadOnlyList<BackupFile> Backups,
    double? NewestHoursAgo
);

/// <summary>What is left of something that was erased.</summary>
/// <param name="StillIn">Backups that hold it still.</param>
public sealed record ErasedView(IReadOnlyList<StillHeld> StillIn);

/// <summary>A backup that still holds something.</summary>
/// <param name="Name">Name of the file.</param>
/// <param name="Until">When it is taken away by itself at the latest; null where somebody must.</param>
public sealed record StillHeld(string Name, DateOnly? Until);
