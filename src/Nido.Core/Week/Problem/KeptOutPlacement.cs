using Nido.Core.Safety;

namespace Nido.Core.Week.Problem;

/// <summary>A placement that can no longer be, with the reason.</summary>
/// <param name="Placement">Where it lay.</param>
/// <param name="Slot">Index of its slot, or null where the week has no such place any more.</param>
/// <param name="Title">Title of the idea, or its id where the cupboard no longer carries it.</param>
/// <param name="Reason">Why, in words.</param>
/// <param name="KeptOut">The safety findings that keep it out; empty where something else does.</param>
public sealed record KeptOutPlacement(
    Placement Placement,
    int? Slot,
    Said Title,
    Said Reason,
    IReadOnlyList<Finding> KeptOut
);
