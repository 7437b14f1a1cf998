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

    /// <summary>A vessel holds a liquid: nothing soaks through, and it is deep enough.</summary>
    HoldsWater,

    /// <summary>One thing is another kind than the other, or of another colour, so that they can be sorted, laid in a
    /// pattern, told apart.</summary>
    UnlikeInLook,

    /// <summary>One thing weighs plainly more than the other.</summary>
    UnlikeInWeight,

    /// <summary>One thing sounds plainly louder than the other.</summary>
    UnlikeInSound,

    /// <summary>One thing feels plainly other than the other.</summary>
    UnlikeToTouch,

    /// <summary>One thing is another kind than the other: two scents, one that floats and one that may not.</summary>
    UnlikeInKind,
}
