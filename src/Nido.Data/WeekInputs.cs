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
        Content content, ChildrenGroup group, Theme theme, DateOnly monday, IReadOnlyDictionary<string, double> onHand) =>
        Of(content, group, monday, onHand, Ideas(content, theme, onHand, group.Children.Count));

    /// <summary>As the other one, where the ideas are known already.</summary>
    public static WeekInput Of(
        Content content, ChildrenGroup group, DateOnly monday, IReadOnlyDictionary<string, double> onHand, IReadOnlyList<Idea> ideas)
    {
        var days = group.Days.Listed().Select(d => new PlanDay(monday.AddDays(d.Offset()), d, Dry: true));
        return new WeekInput(
            group, [.. days], ideas, content.Ladders, new SafetyCheck(content.SafetyRules), onHand,
            Sliders.Middle, [], new HashSet<string>(), content.Chains);
    }

    /// <summary>Every idea a cupboard can carry with a theme; what can be made counts as being there.</summary>
    public static IReadOnlyList<Idea> Ideas(Content content, Theme theme, IReadOnlyDictionary<string, double> onHand, int childCount)
    {
        var there = content.Materials.ToDictionary(m => m.Id, m => onHand.GetValueOrDefault(m.Id) + content.Chains.Most(m.Id, onHand));
        return IdeaComposer.Compose(content.Techniques, theme, content.Materials, there, childCount);
    }
}
