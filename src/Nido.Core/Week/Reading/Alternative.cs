using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Reading;

/// <summary>Another idea for a slot and what it would change with the rest of the week held.</summary>
/// <param name="Use">The idea in this block.</param>
/// <param name="MinutesByAim">Change of useful minutes over all children, aim by aim.</param>
/// <param name="ChildrenByAim">How many children it changes by half a minute or more, aim by aim.</param>
/// <param name="Cents">Change of money.</param>
/// <param name="PrepMinutes">Change of preparation.</param>
/// <param name="ShortfallMinutes">Change of the fair-shares objective in minutes; negative is better.</param>
/// <param name="OutOfReach">Children for whom it is out of reach.</param>
/// <param name="KeptFromSlot">The rule that keeps it out, or null.</param>
public sealed record Alternative(
    Use Use,
    IReadOnlyList<double> MinutesByAim,
    IReadOnlyList<int> ChildrenByAim,
    int Cents,
    int PrepMinutes,
    double ShortfallMinutes,
    IReadOnlyList<string> OutOfReach,
    Said? KeptFromSlot
);
