namespace Nido.Core.Group;

/// <summary>What a part of the day is like, which decides how minutes reach a child.</summary>
public enum BlockKind
{
    /// <summary>Trays on a shelf, free choice: minutes divide by the offers in reach.</summary>
    Shelf,

    /// <summary>Whole group together, led by an adult.</summary>
    Circle,

    /// <summary>Several tables at once; groups rotate so that each meets each.</summary>
    Stations,

    /// <summary>Whole group outdoors.</summary>
    Outdoors,

    /// <summary>Free choice at tables.</summary>
    Table,
}
