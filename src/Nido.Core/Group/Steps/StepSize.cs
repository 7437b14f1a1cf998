namespace Nido.Core.Group.Steps;

/// <summary>What is measurable of a step and moves from one to the next. Lengths in mm, angles in degrees.</summary>
public abstract record StepSize
{
    /// <summary>How hard it is by a published index; comparable within a kind only.</summary>
    public abstract double Index { get; }

    /// <summary>The sizes and the index in words.</summary>
    public abstract Said InWords { get; }
}
