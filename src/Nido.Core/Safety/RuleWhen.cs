using Nido.Core.Group;

namespace Nido.Core.Safety;

/// <summary>When a rule fires. Everything that is asked must hold; an empty list, false or null asks nothing.</summary>
/// <param name="AnyTags">A thing with one of these properties.</param>
/// <param name="AllTags">A thing with all of these.</param>
/// <param name="NoTags">A thing with none of these.</param>
/// <param name="SmallPart">A thing that fits the test cylinder, or is a small ball, or whose size is not known.</param>
/// <param name="SqueezedSmall">A soft thing that does so only when squeezed.</param>
/// <param name="SizeUnknown">A counted thing of which a side is not known.</param>
/// <param name="ComesApart">A part that comes off a thing.</param>
/// <param name="Made">A piece that comes about while the step is worked.</param>
/// <param name="Allergen">A thing that carries an allergen of the child.</param>
/// <param name="AnyAllergen">A thing that carries any allergen at all.</param>
/// <param name="LongerThan">A thing longer than this, mm; what is sold by the metre is.</param>
/// <param name="HeavierThan">A thing heavier than this, g.</param>
/// <param name="Bought">A thing used up and sold, so that a new pack may differ from the last.</param>
/// <param name="Actions">A technique or prep task that does one of these.</param>
/// <param name="Places">An idea that lies in a block of one of these kinds.</param>
/// <param name="Food">A group that has decided so about food.</param>
/// <param name="UnderMonths">Children younger than this.</param>
/// <param name="OrMouths">Also a child who mouths, whatever the age.</param>
public sealed record RuleWhen(
    IReadOnlyList<string> AnyTags, IReadOnlyList<string> AllTags, IReadOnlyList<string> NoTags,
    bool SmallPart, bool SqueezedSmall, bool SizeUnknown, bool ComesApart, bool Made, bool Allergen, bool AnyAllergen,
    double? LongerThan, double? HeavierThan, bool Bought,
    IReadOnlyList<string> Actions, IReadOnlyList<BlockKind> Places, FoodRule? Food,
    int? UnderMonths, bool OrMouths)
{
    /// <summary>Whether it is about a thing, and not about an action alone.</summary>
    public bool AsksThing => AnyTags.Count > 0 || AllTags.Count > 0 || SmallPart || SqueezedSmall || SizeUnknown || ComesApart
        || Made || Allergen || AnyAllergen || LongerThan is not null || HeavierThan is not null || Bought;

    /// <summary>Whether it is about some children only.</summary>
    public bool AsksChild => UnderMonths is not null || OrMouths || Allergen;

    /// <summary>Whether a child is one it is about; an allergy is looked at thing by thing.</summary>
    public bool Concerns(Child child, DateOnly day) =>
        !AsksChild
        || (UnderMonths is { } under && child.MonthsOn(day) < under)
        || (OrMouths && child.Mouths)
        || (Allergen && child.Allergies.Count > 0);

    /// <summary>Whether what is done, and where, is what it asks for. A task has no place.</summary>
    public bool Suits(IReadOnlyList<string> actions, BlockKind? place) =>
        (Actions.Count == 0 || Actions.Any(actions.Contains)) && (Places.Count == 0 || (place is { } p && Places.Contains(p)));
}
