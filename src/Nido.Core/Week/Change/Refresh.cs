using Nido.Core.Cupboard;

namespace Nido.Core.Week.Change;

/// <summary>What is changed about the base of an open provision on a day.</summary>
/// <param name="Day">Index of the day.</param>
/// <param name="Slot">Where the base lies.</param>
/// <param name="Kind">What is changed.</param>
/// <param name="Adds">What is added from the cupboard; null where only the place changes.</param>
/// <param name="Colour">The colour it is added for, or null.</param>
/// <param name="Place">Where it goes, where the place changes; else null.</param>
/// <param name="LeftOut">What was at hand and is left out, each with the rule.</param>
public sealed record Refresh(
    int Day,
    int Slot,
    RefreshKind Kind,
    Material? Adds,
    string? Colour,
    Said? Place,
    IReadOnlyList<Said> LeftOut
);
