using System.Collections.Concurrent;
using Nido.Core.Cupboard;
using Nido.Core.Group;
using Nido.Core.Ideas;

namespace Nido.Core.Safety;

/// <summary>Applies the safety rules to ideas with their bound materials.</summary>
/// <param name="rules">The rules in force.</param>
public sealed class SafetyCheck(IReadOnlyList<SafetyRule> rules)
{
    // A material's body never changes; the search over turns is done once for each.
    private static readonly ConcurrentDictionary<(Shape, double, double, double, MaterialUnit), bool> SmallParts = new();

    /// <summary>
    /// For each child of the group, in order, the blocking finding that keeps a step from it in a block, or null. A
    /// rule about the room fires for everyone as soon as one child is concerned, unless a watched separate table
    /// lifts it.
    /// </summary>
    /// <param name="idea">The idea.</param>
    /// <param name="step">One of its steps.</param>
    /// <param name="block">Where it lies: only a free-choice table can be watched and separate.</param>
    /// <param name="group">The room.</param>
    /// <param name="day">The day ages are taken on.</param>
    public Finding?[] KeptOut(Idea idea, IdeaStep step, Block block, ChildrenGroup group, DateOnly day)
    {
        var keptOut = new Finding?[group.Children.Count];
        foreach (var rule in rules.Where(r => r.Severity == Severity.Block))
        {
            if (!rule.Allergen && What(rule, idea.Technique, step, null).Count == 0)
            {
                continue;
            }

            List<string>[] what = [.. group.Children.Select(c => Concerns(rule, c, day) ? What(rule, idea.Technique, step, c) : [])];
            var concerned = Array.FindIndex(what, w => w.Count > 0);
            if (concerned < 0)
            {
                continue;
            }

            var watched = rule.WatchedTableLifts && block.IsFreeChoice && group.Settings.SmallParts == SmallPartsRule.WatchedTable;
            for (var c = 0; c < keptOut.Length; c++)
            {
                var at = what[c].Count > 0 ? c : rule.Room && !watched ? concerned : -1;
                keptOut[c] ??= at < 0 ? null : new Finding(rule, what[at], [group.Children[at].Name]);
            }
        }

        return keptOut;
    }

    /// <summary>Whether the idea as worked at these steps needs a watched, separate table in this room.</summary>
    public bool NeedsWatchedTable(Idea idea, IEnumerable<IdeaStep> steps, ChildrenGroup group, DateOnly day) =>
        rules.Any(r => r.Severity == Severity.Block && r.WatchedTableLifts
            && group.Children.Any(c => Concerns(r, c, day) && steps.Any(s => What(r, idea.Technique, s, c).Count > 0)));

    /// <summary>Everything to tell, watch or do as an adult, for the steps in use; most severe first.</summary>
    public IReadOnlyList<Finding> Cautions(Idea idea, IReadOnlyCollection<IdeaStep> steps, ChildrenGroup group, DateOnly day) =>
    [
        .. rules.Where(r => r.Severity != Severity.Block)
            .Select(rule =>
            {
                Child[] whom = [.. group.Children.Where(c => Concerns(rule, c, day))];
                string[] what = [.. steps.SelectMany(s => whom.Take(rule.Allergen ? whom.Length : 1).SelectMany(c => What(rule, idea.Technique, s, c))).Distinct()];
                return new Finding(rule, what, rule.AsksAge ? [.. whom.Select(c => c.Name)] : []);
            })
            .Where(f => f.What.Count > 0)
            .OrderBy(f => f.Rule.Severity).ThenBy(f => f.Rule.Id, StringComparer.Ordinal),
    ];

    private static bool Concerns(SafetyRule rule, Child child, DateOnly day) =>
        !rule.AsksAge
        || (rule.UnderMonths is { } under && child.MonthsOn(day) < under)
        || (rule.OrMouths && child.Mouths)
        || (rule.Allergen && child.Allergies.Count > 0);

    /// <summary>What makes a rule fire on a step; the child matters for allergens only.</summary>
    private static List<string> What(SafetyRule rule, Technique technique, IdeaStep step, Child? child)
    {
        var asksMaterial = rule.AnyTags.Count > 0 || rule.SmallPart || rule.Allergen || rule.LongerThan is not null;
        if (rule.Actions.Count > 0 && !rule.Actions.Any(technique.Actions.Contains))
        {
            return [];
        }

        if (!asksMaterial)
        {
            return [.. rule.Actions.Where(technique.Actions.Contains)];
        }

        var found = new List<string>();
        foreach (var material in step.Bindings.Values.Select(b => b.Material))
        {
            if ((rule.AnyTags.Count == 0 || rule.AnyTags.Any(material.Tags.Contains))
                && (!rule.SmallPart || IsSmall(material))
                && (!rule.Allergen || child?.Allergies.Any(material.Allergens.Contains) == true)
                && (rule.LongerThan is not { } mm || material.Length > mm || material.Unit == MaterialUnit.Metre)
                && !found.Contains(material.Name))
            {
                found.Add(material.Name);
            }
        }

        return found;
    }

    private static bool IsSmall(Material m) =>
        SmallParts.GetOrAdd((m.Shape, m.Length, m.Width, m.Height, m.Unit), _ => SmallPart.Is(m));
}
