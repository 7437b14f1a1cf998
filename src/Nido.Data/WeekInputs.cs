using Nido.Catalog;
using Nido.Core.Cupboard;
using Nido.Core.Group;
using Nido.Core.Ideas;
using Nido.Core.Planning;
using Nido.Core.Safety;

namespace Nido.Data;

/// <summary>Puts together what a week is composed from.</summary>
public static class WeekInputs
{
    /// <summary>So much of a thing can be mixed that it is no question, in g or mL.</summary>
    private const double Plenty = 5000;

    /// <summary>An input with nothing locked, dry days and the sliders in the middle.</summary>
    public static WeekInput Of(
        Content content, ChildrenGroup group, Theme theme, DateOnly monday, IReadOnlyDictionary<string, double> onHand) =>
        Of(content, group, monday, onHand, Ideas(content, theme, onHand, group.Children.Count));

    /// <summary>As the other one, where the ideas are known already.</summary>
    public static WeekInput Of(
        Content content, ChildrenGroup group, DateOnly monday, IReadOnlyDictionary<string, double> onHand,
        (IReadOnlyList<Idea> Ideas, IReadOnlyList<Unsuited> Unsuited) ideas)
    {
        return new WeekInput(
            group, Days(group, monday), ideas.Ideas, content.Ladders, new SafetyCheck(content.SafetyRules), onHand,
            Sliders.Middle, [], new HashSet<string>(), content.Chains)
        {
            GoesWith = content.GoesWith,
            Recipes = content.Recipes,
            Materials = content.Materials,
            Unsuited = ideas.Unsuited,
        };
    }

    /// <summary>The days of a week on which a group meets; dry until a forecast says otherwise.</summary>
    public static IReadOnlyList<PlanDay> Days(ChildrenGroup group, DateOnly monday)
    {
        ArgumentNullException.ThrowIfNull(group);
        return [.. group.Days.Listed().Select(d => new PlanDay(monday.AddDays(d.Offset()), d, Dry: true))];
    }

    /// <summary>What is still good in a week: on hand on its first day, and what of it has gone off by each day.</summary>
    /// <param name="content">The catalogue.</param>
    /// <param name="onHand">Sums of the ledger; grows no entry.</param>
    /// <param name="perishing">Movements of things that go off.</param>
    /// <param name="days">Days of the week.</param>
    public static (Dictionary<string, double> OnHand, Dictionary<string, double[]> GoneOff) StillGood(
        Content content, IReadOnlyDictionary<string, double> onHand, ILookup<string, Movement> perishing, IReadOnlyList<PlanDay> days)
    {
        var good = onHand.ToDictionary();
        var goneOff = new Dictionary<string, double[]>();
        foreach (var material in content.Materials.Where(m => m.KeepsDays is not null && perishing.Contains(m.Id) && days.Count > 0))
        {
            double[] byDay = [.. days.Select(d => Stock.GoodOn(perishing[material.Id], material.KeepsDays!.Value, d.Date))];
            good[material.Id] = byDay[0];
            if (byDay[^1] < byDay[0])
            {
                goneOff[material.Id] = [.. byDay.Select(g => byDay[0] - g)];
            }
        }

        return (good, goneOff);
    }

    /// <summary>Every idea a cupboard can carry with a theme; what can be made counts as being there.</summary>
    public static (IReadOnlyList<Idea> Ideas, IReadOnlyList<Unsuited> Unsuited) Ideas(Content content, Theme theme, IReadOnlyDictionary<string, double> onHand, int childCount)
    {
        var mixed = content.Recipes.Select(r => r.Makes).ToHashSet();
        var there = content.Materials.ToDictionary(m => m.Id, m => onHand.GetValueOrDefault(m.Id) + content.Chains.Most(m.Id, onHand) + (mixed.Contains(m.Id) ? Plenty : 0));
        return IdeaComposer.Compose(content.Techniques, theme, content.Materials, there, childCount, content.GoesWith);
    }
}
