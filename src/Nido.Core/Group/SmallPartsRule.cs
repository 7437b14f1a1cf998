namespace Nido.Core.Group;

/// <summary>What the group does about small parts while a child who could choke on them is in the room.</summary>
public enum SmallPartsRule
{
    /// <summary>Not in that block at all.</summary>
    Never,

    /// <summary>Only at a separate table with an adult counted to it.</summary>
    WatchedTable,
}
