namespace Nido.Core.Group.Steps;

/// <summary>Sizes of following a line: cutting, tracing, gluing along it.</summary>
/// <param name="Length">Of the line.</param>
/// <param name="Width">Allowed width.</param>
/// <param name="Turns">Sum of the angles at corners.</param>
/// <param name="Smooth">Sum of smooth turning.</param>
/// <param name="Sheet">What resists.</param>
public sealed record LineSize(double Length, double Width, double Turns, double Smooth, SheetKind Sheet) : StepSize
{
    /// <inheritdoc/>
    public override double Index => Difficulty.FollowingLine(Length, Width, Turns, Smooth, Sheet);

    /// <inheritdoc/>
    public override Said InWords =>
        $"a line of {Length:0} mm, {Width:0} mm "
        + $"wide{Said.When(Turns > 0, $", {Turns:0}° of corners")}{Said.When(Smooth > 0, $", {Smooth:0}° of curve")}: "
        + $"{Index:0} by the steering index";
}
