namespace Nido.Core.Group.Steps;

/// <summary>What a piece is carried with.</summary>
public enum CarryTool
{
    /// <summary>Bare fingers.</summary>
    Fingers,

    /// <summary>A spoon.</summary>
    Spoon,

    /// <summary>Big tongs.</summary>
    BigTongs,

    /// <summary>A clothes peg.</summary>
    Peg,

    /// <summary>Tweezers.</summary>
    Tweezers,
}
