using Nido.Core.Allergens;
using Nido.Core.Cupboard;
using Nido.Core.Group;
using Nido.Core.Ideas;
using Nido.Core.Safety.Conditions;

namespace Nido.Core.Safety;

/// <summary>A case a rule is held to: one thing, one child, one action.</summary>
/// <param name="Fires">Whether the rule must fire.</param>
/// <param name="Material">The thing, or null for none.</param>
/// <param name="Makes">A piece made of it, or null.</param>
/// <param name="Actions">What is done.</param>
/// <param name="Place">Kind of block.</param>
/// <param name="Child">The child it is held against.</param>
/// <param name="Months">Its age.</param>
/// <param name="Settings">What the group has decided.</param>
/// <param name="DropIn">The children are not known.</param>
/// <param name="Amount">Units of the thing within reach.</param>
/// <param name="IsFixed">It is fastened where it stays.</param>
public sealed record RuleExample(
    bool Fires,
    Material? Material,
    MadePiece? Makes,
    IReadOnlyList<string> Actions,
    BlockKind Place,
    Child Child,
    int Months,
    GroupSettings Settings,
    bool DropIn,
    double? Amount,
    bool IsFixed
)
{
    /// <summary>Whether a rule fires on this case.</summary>
    public bool IsMetBy(SafetyRule rule, AllergenBook book)
    {
        ArgumentNullException.ThrowIfNull(rule);
        var there = new ChildInRoom(Child, Months, Child.Allergies, Child.UnknownAllergies);
        var asked = new Asked(book, Settings, there);
        return rule.When.Suits(Actions, Place)
            && (rule.When.Food is null || rule.When.Food == Settings.Food)
            && (!rule.When.DropIn || DropIn)
            && rule.When.Concerns(there)
            && (
                !rule.When.AsksThing
                || HandledThing
                    .AtHand(Material, Makes, null, Amount, IsFixed)
                    .Any(t => rule.When.MetBy(t, asked) is not null)
            );
    }
}
