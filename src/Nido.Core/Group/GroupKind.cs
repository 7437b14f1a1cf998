namespace Nido.Core.Group;

/// <summary>Whether the children of a group are known.</summary>
public enum GroupKind
{
    /// <summary>Named children.</summary>
    Class,

    /// <summary>Whoever comes: only headcounts by age are expected, and kits are handed out.</summary>
    DropIn,
}
