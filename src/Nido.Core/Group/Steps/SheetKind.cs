namespace Nido.Core.Group.Steps;

/// <summary>What is drawn on or cut.</summary>
public enum SheetKind
{
    /// <summary>Paper.</summary>
    Paper,

    /// <summary>Light fabric or a leaf.</summary>
    Fabric,

    /// <summary>Card.</summary>
    Card,

    /// <summary>Folded paper or a paper plate.</summary>
    Folded,
}
