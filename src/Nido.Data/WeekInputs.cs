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
        var ideas = IdeaComposer.Compose(content.Techniques, theme, content.Materials, onHand, group.Children.Count);
        return new WeekInput(
            group, [.. days], ideas, content.Ladders, new SafetyCheck(content.SafetyRules), onHand,
            Sliders.Middle, [], new HashSet<string>());
    }
}
