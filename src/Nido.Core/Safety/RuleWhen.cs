using Nido.Core.Group;
using Nido.Core.Safety.Conditions;

namespace Nido.Core.Safety;

/// <summary>When a rule fires. Everything that is asked must hold; an empty list, false or null asks nothing.</summary>
/// <param name="Thing">What must hold of one and the same thing.</param>
/// <param name="Actions">A technique or prep task that does one of these.</param>
/// <param name="Places">An idea that lies in a block of one of these kinds.</param>
/// <param name="Food">A group that has decided so about food.</param>
/// <param name="DropIn">A group whose children are not known.</param>
/// <param name="UnderMonths">Children younger than this.</param>
/// <param name="OrMouths">Also a child who mouths, whatever the age.</param>
public sealed record RuleWhen(
    IReadOnlyList<ThingCondition> Thing,
    IReadOnlyList<string> Actions,
    IReadOnlyList<BlockKind> Places,
    FoodRule? Food,
    bool DropIn,
    int? UnderMonths,
    bool OrMouths
)
{
    /// <summary>Whether it is about a thing, and not about an action alone.</summary>
    public bool AsksThing => Thing.Count > 0;

    /// <summary>Whether what a thing does to it hangs on the child: its allergies, its weight.</summary>
    public bool IsOfEachChild { get; } = Thing.Any(c => c.IsOfEachChild);

    /// <summary>Whether single pieces are looked at, and not the material alone.</summary>
    public bool IsOfPieces { get; } = Thing.Any(c => c.IsOfPieces);

    /// <summary>Whether it is about some children only.</summary>
    public bool AsksChild => UnderMonths is not null || OrMouths || IsOfEachChild;

    /// <summary>Whether a child is one it is about, by age and habit; what hangs on the thing is looked at thing by
    /// thing.</summary>
    public bool Concerns(ChildInRoom child)
    {
        ArgumentNullException.ThrowIfNull(child);
        return (UnderMonths is null && !OrMouths)
            || (UnderMonths is { } under && child.Months < under)
            || (OrMouths && child.Child.Mouths);
    }

    /// <summary>Whether what is done, and where, is what it asks for. A task has no place.</summary>
    public bool Suits(IReadOnlyList<string> actions, BlockKind? place) =>
        (Actions.Count == 0 || Actions.Any(actions.Contains))
        && (Places.Count == 0 || (place is { } p && Places.Contains(p)));

    /// <summary>Whether the group is one it is about.</summary>
    public bool Suits(ChildrenGroup group)
    {
        ArgumentNullException.ThrowIfNull(group);
        return (Food is null || Food == group.Settings.Food) && (!DropIn || group.Kind == GroupKind.DropIn);
    }

    /// <summary>Whether a thing may meet it for some child; what is quickly seen.</summary>
    public bool MayMeet(HandledThing thing)
    {
        ArgumentNullException.ThrowIfNull(thing);
        if ((thing.IsPart || thing.IsMade) && !IsOfPieces)
        {
            return false;
        }

        foreach (var condition in Thing)
        {
            if (!condition.MayMeet(thing))
            {
                return false;
            }
        }

        return true;
    }

    /// <summary>Why a thing meets what is asked of it, in words; null where it does not. A part or a piece is judged
    /// only by rules about pieces.</summary>
    /// <param name="thing">The thing.</param>
    /// <param name="asked">For whom and where.</param>
    public Said? MetBy(HandledThing thing, Asked asked)
    {
        ArgumentNullException.ThrowIfNull(thing);
        if ((thing.IsPart || thing.IsMade) && !IsOfPieces)
        {
            return null;
        }

        Said? said = null;
        foreach (var condition in Thing)
        {
            if (condition.MetBy(thing, asked) is not { } why)
            {
                return null;
            }

            said =
                why.IsNone ? said
                : said is null ? why
                : $"{said}; {why}";
        }

        return said ?? thing.Name;
    }
}
