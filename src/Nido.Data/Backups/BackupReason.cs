namespace Nido.Data.Backups;

/// <summary>Why a backup was made.</summary>
public enum BackupReason
{
    /// <summary>Somebody asked for it.</summary>
    ByHand,

    /// <summary>Each night.</summary>
    Nightly,

    /// <summary>Before a newer Nido changed how things are kept.</summary>
    BeforeUpdate,

    /// <summary>What was here when another was brought back.</summary>
    BeforeRestore,

    /// <summary>Brought from elsewhere.</summary>
    Brought,
}
