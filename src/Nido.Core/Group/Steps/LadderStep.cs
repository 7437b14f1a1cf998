namespace Nido.Core.Group.Steps;

/// <summary>One step of a ladder.</summary>
/// <param name="Number">1 is the lowest.</param>
/// <param name="Name">What the child does at this step.</param>
/// <param name="TypicalMonths">Age in months at which about half of children manage it alone.</param>
/// <param name="Adult">What the adult does.</param>
/// <param name="Easier">What to change to make it easier.</param>
/// <param name="Harder">What to change to make it harder.</param>
/// <param name="Source">Where the age comes from, or "common practice".</param>
public sealed record LadderStep(
    int Number,
    InBoth Name,
    int TypicalMonths,
    InBoth Adult,
    InBoth Easier,
    InBoth Harder,
    string Source
)
{
    /// <summary>What is measurable of it, where something is.</summary>
    public StepSize? Size { get; init; }
}
