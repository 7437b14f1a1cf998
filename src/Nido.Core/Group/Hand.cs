namespace Nido.Core.Group;

/// <summary>The hand a child uses for doing.</summary>
public enum Hand
{
    /// <summary>Not settled yet.</summary>
    Undecided,

    /// <summary>Right.</summary>
    Right,

    /// <summary>Left: left-handed tools count in demand.</summary>
    Left,
}
