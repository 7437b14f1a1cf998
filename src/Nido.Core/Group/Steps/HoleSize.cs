namespace Nido.Core.Group.Steps;

/// <summary>Sizes of threading.</summary>
/// <param name="Hole">Diameter of the hole.</param>
/// <param name="Lace">Diameter of the lace.</param>
/// <param name="Stiff">The lace stands by itself.</param>
public sealed record HoleSize(double Hole, double Lace, bool Stiff) : StepSize
{
    /// <inheritdoc/>
    public override double Index => Difficulty.Threading(Hole, Lace, Stiff);

    /// <inheritdoc/>
    public override Said InWords =>
        $"a {Lace:0.#} mm {Said.Word(Stiff ? "stiff" : "limp")} lace through {Hole:0.#} mm: {Said.Word(Difficulty.Looseness(Hole, Lace))}";
}
