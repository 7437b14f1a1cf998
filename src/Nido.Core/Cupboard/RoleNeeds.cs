namespace Nido.Core.Cupboard;

/// <summary>What a role asks of a material. An empty list or null asks nothing.</summary>
/// <param name="All">Tags it must have.</param>
/// <param name="Any">Tags of which it must have one.</param>
/// <param name="None">Tags it must not have.</param>
/// <param name="Prefer">Tags that make it better.</param>
/// <param name="Width">Narrow width or diameter, mm.</param>
/// <param name="Length">Longest side, mm.</param>
/// <param name="Hole">Hole, mm.</param>
/// <param name="Opening">Inside opening, mm.</param>
/// <param name="OpeningOver">Opening at least this many times the width of the material in
/// <paramref name="OpeningOverRole"/>.</param>
/// <param name="OpeningOverRole">The role the opening is compared with.</param>
public sealed record RoleNeeds(
    IReadOnlyList<string> All,
    IReadOnlyList<string> Any,
    IReadOnlyList<string> None,
    IReadOnlyList<string> Prefer,
    SizeRange? Width,
    SizeRange? Length,
    SizeRange? Hole,
    SizeRange? Opening,
    double? OpeningOver,
    string? OpeningOverRole
)
{
    /// <summary>Ids of the materials an adult chose for it; null where any that meets the rest will do.</summary>
    public IReadOnlyList<string>? Only { get; init; }

    /// <summary>Asks nothing of a material but to be one of these.</summary>
    public static RoleNeeds OneOf(IReadOnlyList<string> ids) =>
        new([], [], [], [], null, null, null, null, null, null) { Only = ids };
}
