namespace Nido.Core.Safety.Conditions;

/// <summary>Which things a rule about small parts looks at.</summary>
public enum SmallPartKind
{
    /// <summary>All but thin paper and what only comes off by biting.</summary>
    True,

    /// <summary>Paper and card under 1 mm.</summary>
    ThinPaper,

    /// <summary>What only comes off by biting.</summary>
    BittenOff,
}
