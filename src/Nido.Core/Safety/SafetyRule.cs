namespace Nido.Core.Safety;

/// <summary>A rule as data. It fires on properties, sizes, ages and actions, never on an idea's name.</summary>
/// <param name="Id">Kebab case.</param>
/// <param name="Severity">What it asks.</param>
/// <param name="Message">In plain words.</param>
/// <param name="Source">Published source or "common practice".</param>
/// <param name="DeferTo">Whose word counts more than ours.</param>
/// <param name="AnyTags">Fires on a material with one of these; empty asks nothing.</param>
/// <param name="SmallPart">Fires on a material that fits the test cylinder or is a small ball.</param>
/// <param name="Allergen">Fires on a material that carries an allergen of the child.</param>
/// <param name="Actions">Fires on a technique that does one of these; empty asks nothing.</param>
/// <param name="LongerThan">Fires on a material longer than this, mm.</param>
/// <param name="UnderMonths">Fires for children younger than this; null asks no age.</param>
/// <param name="OrMouths">Fires also for a child who mouths, whatever the age.</param>
/// <param name="Room">It holds for the whole room as soon as one such child is there, not only for the child.</param>
/// <param name="WatchedTableLifts">A watched separate table lifts the room part, where the group allows one.</param>
public sealed record SafetyRule(
    string Id, Severity Severity, string Message, string Source, string DeferTo,
    IReadOnlyList<string> AnyTags, bool SmallPart, bool Allergen, IReadOnlyList<string> Actions, double? LongerThan,
    int? UnderMonths, bool OrMouths, bool Room, bool WatchedTableLifts)
{
    /// <summary>Whether the rule is about some children only.</summary>
    public bool AsksAge => UnderMonths is not null || OrMouths || Allergen;
}
