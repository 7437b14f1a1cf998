namespace Nido.Data.Backups;

/// <summary>What is in a house, so that a backup can be laid beside what is here.</summary>
/// <param name="Groups">Groups, those in the bin too.</param>
/// <param name="Children">Children.</param>
/// <param name="Weeks">Weeks.</param>
/// <param name="Observations">What was seen.</param>
/// <param name="Movements">Lines of the cupboard's ledger.</param>
/// <param name="LastChange">When a plan was last changed; null where none ever was.</param>
public sealed record BackupContents(
    int Groups,
    int Children,
    int Weeks,
    int Observations,
    int Movements,
    DateTimeOffset? LastChange
);
