namespace Nido.Data.Backups;

/// <summary>What a backup says of itself.</summary>
/// <param name="Format">Always "nido-backup".</param>
/// <param name="FormatVersion">1.</param>
/// <param name="MadeAt">When.</param>
/// <param name="Why">By hand, by night, before something that cannot be taken back.</param>
/// <param name="Schema">Name of the newest change of the schema in it.</param>
/// <param name="Bytes">Size of the database in it.</param>
/// <param name="Sha256">Its checksum, in hexadecimal digits.</param>
/// <param name="Contents">What is in it.</param>
public sealed record BackupManifest(
    string Format,
    int FormatVersion,
    DateTimeOffset MadeAt,
    BackupReason Why,
    string Schema,
    long Bytes,
    string Sha256,
    BackupContents Contents
);
