namespace Nido.Core.Week.Problem;

/// <summary>What can come up in the middle of a week.</summary>
public enum CameUpKind
{
    /// <summary>A child stays away.</summary>
    ChildAway,

    /// <summary>A child comes late, from a time of day on.</summary>
    ChildLate,

    /// <summary>A child goes early, at a time of day.</summary>
    ChildLeaves,

    /// <summary>An adult stays away.</summary>
    AdultAway,

    /// <summary>It rains.</summary>
    Rain,

    /// <summary>A material is gone.</summary>
    MaterialGone,

    /// <summary>The house is closed, for the day or from a time of day on.</summary>
    Closed,
}
