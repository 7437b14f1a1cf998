namespace Nido.Core.Ideas;

/// <summary>What is built or laid at a step, for the calculators that count its pieces. Lengths in mm; null where
/// nothing of the kind is.</summary>
/// <param name="Frame">Name of a frame of sticks and joints.</param>
/// <param name="Storeys">Storeys of a tower.</param>
/// <param name="ArcRadius">Radius of the outermost half circle.</param>
/// <param name="ArcRows">Half circles, one inside the other.</param>
/// <param name="ArcPitch">From one to the next.</param>
/// <param name="ArcGap">Between pieces.</param>
/// <param name="LayerDepth">Depth of a layer in a tray.</param>
public sealed record StepMaking(
    string? Frame,
    int Storeys,
    double? ArcRadius,
    int ArcRows,
    double ArcPitch,
    double ArcGap,
    double? LayerDepth
)
{
    /// <summary>Nothing is built or laid.</summary>
    public static StepMaking None { get; } = new(null, 1, null, 1, 0, 0, null);
}
