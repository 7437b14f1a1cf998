namespace Nido.Core.Cupboard;

/// <summary>What a thing can do as a tool or a part. Lengths in mm; null where it is no such thing or nothing is
/// known.</summary>
/// <param name="Joins">Row of the joining table it stands in: glue-stick, white-glue, tape…</param>
/// <param name="Marks">Row of the marking table it stands in: wax, felt-pen, chalk…</param>
/// <param name="CutsUpTo">Thickness of plain paper it cuts or punches, mm; thicker stuff counts by its
/// resistance.</param>
/// <param name="Reach">How far in from the edge a punch makes its hole.</param>
/// <param name="Drive">Head of a screw, or what a driver fits: slot, cross, hand.</param>
/// <param name="HoldsSticks">Sticks one joint of it can hold.</param>
public sealed record Fitting(
    string? Joins,
    string? Marks,
    double? CutsUpTo,
    double? Reach,
    string? Drive,
    int? HoldsSticks
)
{
    /// <summary>No tool and no part.</summary>
    public static Fitting None { get; } = new(null, null, null, null, null, null);
}
