namespace Nido.Core.Cupboard;

/// <summary>What one thing does to another in an idea.</summary>
public enum PairKind
{
    /// <summary>A joiner holds a thing on a surface.</summary>
    Holds,

    /// <summary>A marker shows on a surface.</summary>
    Shows,

    /// <summary>A cutter goes through.</summary>
    Cuts,

    /// <summary>A lace goes through a hole.</summary>
    Threads,

    /// <summary>A punch reaches where the hole is wanted.</summary>
    Punches,

    /// <summary>A driver fits the head of a screw.</summary>
    Drives,

    /// <summary>A screw stays inside a board.</summary>
    ScrewsInto,

    /// <summary>A joint holds the sticks that meet in it.</summary>
    JoinsSticks,
}
