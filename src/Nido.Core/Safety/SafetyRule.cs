namespace Nido.Core.Safety;

/// <summary>A rule as data. It fires on properties, sizes, ages, places and actions, never on an idea's name.</summary>
/// <param name="Id">Kebab case.</param>
/// <param name="Severity">What it asks.</param>
/// <param name="Message">In plain words.</param>
/// <param name="Source">Published source or "common practice".</param>
/// <param name="DeferTo">Whose word counts more than ours.</param>
/// <param name="When">When it fires.</param>
/// <param name="Room">It holds for the whole room as soon as one such child is there, not only for the child.</param>
/// <param name="WatchedTableLifts">A watched separate table lifts the room part, where the group allows one.</param>
/// <param name="Adults">Adults it asks beside the offer.</param>
/// <param name="Examples">Cases that fire and cases that just do not; the build holds the rule to them.</param>
public sealed record SafetyRule(
    string Id,
    Severity Severity,
    InBoth Message,
    string Source,
    InBoth DeferTo,
    RuleWhen When,
    bool Room,
    bool WatchedTableLifts,
    int Adults,
    IReadOnlyList<RuleExample> Examples
)
{
    /// <summary>No adult lifts it, whatever the reason.</summary>
    public bool IsNeverLifted { get; init; }

    /// <summary>Written for things a house adds itself: nothing that is shipped makes it fire.</summary>
    public bool IsForOwnThings { get; init; }
}
