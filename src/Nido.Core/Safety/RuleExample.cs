using Nido.Core.Cupboard;
using Nido.Core.Group;
using Nido.Core.Ideas;

namespace Nido.Core.Safety;

/// <summary>A case a rule is held to: one thing, one child, one action.</summary>
/// <param name="Fires">Whether the rule must fire.</param>
/// <param name="Material">The thing, or null for none.</param>
/// <param name="Makes">A piece made of it, or null.</param>
/// <param name="Actions">What is done.</param>
/// <param name="Place">Kind of block.</param>
/// <param name="Months">Age of the child.</param>
/// <param name="Mouths">Whether the child mouths.</param>
/// <param name="Allergies">Of the child.</param>
/// <param name="Food">What the group has decided about food.</param>
public sealed record RuleExample(
    bool Fires, Material? Material, MadePiece? Makes, IReadOnlyList<string> Actions, BlockKind Place,
    int Months, bool Mouths, IReadOnlyList<string> Allergies, FoodRule Food)
{
    /// <summary>Whether a rule fires on this case.</summary>
    public bool IsMetBy(SafetyRule rule)
    {
        ArgumentNullException.ThrowIfNull(rule);
        var day = new DateOnly(2026, 1, 5);
        var child = new Child("child", "The child", day.AddMonths(-Months), WeekDays.MondayToFriday, Mouths, Hand.Undecided, false, Allergies, "en", "");
        return rule.When.Suits(Actions, Place)
            && (rule.When.Food is null || rule.When.Food == Food)
            && rule.When.Concerns(child, day)
            && (!rule.When.AsksThing || HandledThing.AtHand(Material, Makes).Any(t => t.Meets(rule.When, child.Allergies) is not null));
    }
}
