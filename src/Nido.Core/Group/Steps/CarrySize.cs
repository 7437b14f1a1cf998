namespace Nido.Core.Group.Steps;

/// <summary>Sizes of carrying a piece into an opening.</summary>
/// <param name="Reach">From piece to opening.</param>
/// <param name="Piece">Narrow width of the piece.</param>
/// <param name="Opening">Width of the opening.</param>
/// <param name="Tool">What it is held with.</param>
/// <param name="Round">The piece is round or slippery.</param>
public sealed record CarrySize(double Reach, double Piece, double Opening, CarryTool Tool, bool Round) : StepSize
{
    /// <inheritdoc/>
    public override double Index => Difficulty.Carrying(Reach, Piece, Opening, Tool, Round);

    /// <inheritdoc/>
    public override Said InWords => $"a {Piece:0} mm piece over {Reach:0} mm into {Opening:0} mm";
}
