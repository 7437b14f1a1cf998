using Nido.Core.Group.Steps;
using Nido.Core.Ideas;

namespace Nido.Core.Families;

/// <summary>Something to do at home with what a home has.</summary>
/// <param name="Technique">The way of working.</param>
/// <param name="Way">How a family does it, in the words of the theme.</param>
/// <param name="Step">The child's step on its ladder, and what makes it easier or harder; null where the page is for
/// everyone.</param>
/// <param name="Beyond">The step after it, to look forward to; null on the last one.</param>
/// <param name="Why">Why this one.</param>
public sealed record HomeActivity(Technique Technique, InBoth Way, HomeStep? Step, LadderStep? Beyond, Said Why)
{
    /// <summary>What to mind, by the safety rules.</summary>
    public IReadOnlyList<InBoth> Mind { get; init; } = [];

    /// <summary>About so many minutes.</summary>
    public int Minutes => Technique.Home!.Minutes;

    /// <summary>What it takes of what the home has.</summary>
    public IReadOnlyList<HomeUse> Things { get; init; } = [];
}

/// <summary>A child's step, as a family reads it.</summary>
/// <param name="Now">What the child does now.</param>
/// <param name="Easier">One change that makes it easier.</param>
/// <param name="Harder">One change that makes it harder.</param>
public sealed record HomeStep(LadderStep Now, InBoth Easier, InBoth Harder);
