using Nido.Core.Cupboard;

namespace Nido.Core.Ideas;

/// <summary>A part a material plays in a technique.</summary>
/// <param name="Name">piece, tool, dish, base, line…</param>
/// <param name="Needs">What it asks.</param>
/// <param name="Per">For whom it counts.</param>
/// <param name="Quantity">How many.</param>
/// <param name="SparePercent">Added on top, 0–100.</param>
/// <param name="Optional">The idea can do without it.</param>
public sealed record Role(
    string Name,
    RoleNeeds Needs,
    Per Per,
    QuantityRule Quantity,
    double SparePercent,
    bool Optional
)
{
    /// <summary>How much instead where the material is measured in grams or mL, not counted; null where it makes no
    /// difference.</summary>
    public double? Loose { get; init; }

    /// <summary>It is fastened where it stays, so that a cord in this role is not free: a line along a wall.</summary>
    public bool Fixed { get; init; }

    /// <summary>What a left-handed child needs instead; null where the hand makes no difference.</summary>
    public RoleNeeds? Left { get; init; }

    /// <summary>Whether a calculator or the kind of material decides how much, not the step alone.</summary>
    public bool IsCountedByMaterial => Loose is not null || Quantity.IsCalculated;
}
