namespace Nido.Core.Ideas.Ways;

/// <summary>One way of a difference, with its reason and what it changes.</summary>
/// <param name="Id">Kebab case.</param>
/// <param name="Name">In a few words.</param>
/// <param name="Reason">Why one would.</param>
/// <param name="Cues">What adults read on cards.</param>
/// <param name="Effects">What it changes in steps and plan.</param>
public sealed record DifferenceChoice(
    string Id,
    InBoth Name,
    InBoth Reason,
    IReadOnlyList<Cue> Cues,
    IReadOnlyList<Effect> Effects
);
