using Nido.Catalog;
using Nido.Core.Group;
using Nido.Core.Ideas;
using Nido.Core.Planning;
using Nido.Core.Safety;

namespace Nido.Data;

/// <summary>Puts together what a week is composed from.</summary>
public static class WeekInputs
{
    /// <summary>An input with nothing locked, dry days and the sliders in the middle.</summary>
    public static WeekInput Of(
        Content content, ChildrenGroup group, Theme theme, DateOnly monday, IReadOnlyDictionary<string, double> onHand)
    {
        var days = group.Days.Listed().Select(d => new PlanDay(monday.AddDays(d.Offset()), d, Dry: true));
        // What can be made counts as being there when ideas look for their materials.
        var there = content.Materials.ToDictionary(m => m.Id, m => onHand.GetValueOrDefault(m.Id) + content.Chains.Most(m.Id, onHand));
        var ideas = IdeaComposer.Compose(content.Techniques, theme, content.Materials, there, group.Children.Count);
        return new WeekInput(
            group, [.. days], ideas, content.Ladders, new SafetyCheck(content.SafetyRules), onHand,
            Sliders.Middle, [], new HashSet<string>(), content.Chains);
    }
}
