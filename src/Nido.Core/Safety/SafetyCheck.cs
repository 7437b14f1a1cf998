using Nido.Core.Group;
using Nido.Core.Ideas;

namespace Nido.Core.Safety;

/// <summary>Applies the safety rules to ideas with their bound materials.</summary>
/// <param name="rules">The rules in force.</param>
/// <param name="overrides">What named adults have lifted with a reason; withdrawn ones count no more.</param>
public sealed class SafetyCheck(IReadOnlyList<SafetyRule> rules, IReadOnlyList<RuleOverride>? overrides = null)
{
    /// <summary>The rules in force.</summary>
    public IReadOnlyList<SafetyRule> Rules => rules;

    /// <summary>The same rules with other overrides.</summary>
    public SafetyCheck With(IReadOnlyList<RuleOverride> others) => new(rules, others);

    /// <summary>The override by which an adult has lifted a rule for an idea, or null.</summary>
    public RuleOverride? LiftedBy(Idea idea, SafetyRule rule) =>
        overrides?.FirstOrDefault(o => o.WithdrawnAt is null && o.IdeaId == idea.Id && o.RuleId == rule.Id);

    /// <summary>Every blocking rule a step meets, lifted ones included, with the children it is about.</summary>
    /// <param name="idea">The idea.</param>
    /// <param name="step">One of its steps.</param>
    /// <param name="group">The room.</param>
    /// <param name="day">The day ages are taken on.</param>
    public IReadOnlyList<Hazard> Hazards(Idea idea, IdeaStep step, ChildrenGroup group, DateOnly day)
    {
        HandledThing[] things = [.. HandledThing.AtHand(step)];
        var found = new List<Hazard>();
        foreach (var rule in rules)
        {
            // Places are looked at where a block is known.
            if (rule.Severity == Severity.Block && Fires(rule, idea.Technique.Actions, rule.When.Places.Count > 0 ? rule.When.Places[0] : null, things, group, day) is { } hazard)
            {
                found.Add(hazard);
            }
        }

        return found;
    }

    /// <summary>
    /// For each child of the group, in order, the finding that keeps a step from it in a block, or null. A rule about
    /// the room holds for everyone as soon as one child it is about is present, unless a watched separate table lifts it.
    /// </summary>
    /// <param name="idea">The idea.</param>
    /// <param name="hazards">What the step meets.</param>
    /// <param name="block">Where it lies: only a free-choice table can be watched and separate.</param>
    /// <param name="group">The room.</param>
    /// <param name="present">Child of the group, in order: is there; null for everyone.</param>
    public Finding?[] KeptOut(Idea idea, IReadOnlyList<Hazard> hazards, Block block, ChildrenGroup group, IReadOnlyList<bool>? present = null)
    {
        var keptOut = new Finding?[group.Children.Count];
        foreach (var hazard in hazards.Where(h => (h.Rule.When.Places.Count == 0 || h.Rule.When.Places.Contains(block.Kind)) && LiftedBy(idea, h.Rule) is null))
        {
            string[] there = [.. group.Children.Where((_, c) => hazard.About[c] && present?[c] != false).Select(c => c.Name)];
            var watched = hazard.Rule.WatchedTableLifts && block.IsFreeChoice && group.Settings.SmallParts == SmallPartsRule.WatchedTable;
            for (var c = 0; c < keptOut.Length; c++)
            {
                if (hazard.About[c] || (hazard.Rule.Room && there.Length > 0 && !watched))
                {
                    keptOut[c] ??= new Finding(hazard.Rule, hazard.What, there.Length > 0 ? there : [group.Children[c].Name], hazard.Why, null);
                }
            }
        }

        return keptOut;
    }

    /// <summary>As the other one, for a step whose hazards are not at hand.</summary>
    public Finding?[] KeptOut(Idea idea, IdeaStep step, Block block, ChildrenGroup group, DateOnly day, IReadOnlyList<bool>? present = null) =>
        KeptOut(idea, Hazards(idea, step, group, day), block, group, present);

    /// <summary>Adults the rules ask beside an offer: for a watched separate table, and where a caution asks one.</summary>
    /// <param name="hazards">What the steps in use meet.</param>
    /// <param name="cautions">Cautions of the steps in use.</param>
    public static int AdultsAsked(IEnumerable<Hazard> hazards, IEnumerable<Finding> cautions) => Math.Max(
        hazards.Any(h => h.Rule.WatchedTableLifts && h.About.Contains(true)) ? 1 : 0,
        cautions.Select(c => c.Rule.Adults).DefaultIfEmpty(0).Max());

    /// <summary>
    /// Everything to tell, watch or do as an adult for the steps in use, and every rule an adult has lifted; most severe
    /// first, then what is about a child of this group.
    /// </summary>
    public IReadOnlyList<Finding> Cautions(Idea idea, IReadOnlyCollection<IdeaStep> steps, Block block, ChildrenGroup group, DateOnly day)
    {
        HandledThing[] things = [.. steps.SelectMany(HandledThing.AtHand).Distinct()];
        return Ordered(rules
            .Where(r => (r.Severity != Severity.Block || LiftedBy(idea, r) is not null) && (r.When.Places.Count == 0 || r.When.Places.Contains(block.Kind)))
            .Select(r => Told(Fires(r, idea.Technique.Actions, block.Kind, things, group, day), group, LiftedBy(idea, r))));
    }

    /// <summary>What to mind at a task before an idea lies out, by what is done.</summary>
    public IReadOnlyList<Finding> CautionsFor(IReadOnlyList<string> actions, ChildrenGroup group, DateOnly day) =>
        actions.Count == 0
            ? []
            : Ordered(rules.Where(r => r.When.Actions.Count > 0 && !r.When.AsksThing && !r.When.AsksChild)
                .Select(r => Told(Fires(r, actions, null, [], group, day), group, null)));

    private static Finding[] Ordered(IEnumerable<Finding?> findings) =>
    [
        .. findings.OfType<Finding>()
            .OrderBy(f => f.Rule.Severity).ThenBy(f => f.Whom.Count == 0).ThenBy(f => f.Rule.Id, StringComparer.Ordinal),
    ];

    private static Finding? Told(Hazard? hazard, ChildrenGroup group, RuleOverride? lifted) => hazard is null ? null : new Finding(
        hazard.Rule, hazard.What,
        hazard.Rule.When.AsksChild ? [.. group.Children.Where((_, c) => hazard.About[c]).Select(c => c.Name)] : [], hazard.Why, lifted);

    /// <summary>The rule with what meets it and whom it is about, or null where it does not fire.</summary>
    private static Hazard? Fires(
        SafetyRule rule, IReadOnlyList<string> actions, BlockKind? place, IReadOnlyList<HandledThing> things, ChildrenGroup group, DateOnly day)
    {
        var when = rule.When;
        if (!when.Suits(actions, place) || (when.Food is { } food && food != group.Settings.Food))
        {
            return null;
        }

        if (!when.AsksThing)
        {
            bool[] everyone = [.. group.Children.Select(c => when.Concerns(c, day))];
            return everyone.Contains(true) ? new(rule, [], [.. when.Actions.Where(actions.Contains).Select(a => $"What is done there: {a}")], everyone) : null;
        }

        // Only an allergy looks at the things child by child; all else is the same for everyone it is about.
        string[] allergies = when.Allergen ? [.. group.Children.SelectMany(c => c.Allergies).Distinct()] : [];
        var met = things.Select(t => (t.Name, Why: t.Meets(when, allergies))).Where(x => x.Why is not null).ToArray();
        if (met.Length == 0)
        {
            return null;
        }

        bool[] about = [.. group.Children.Select(c => when.Concerns(c, day) && (!when.Allergen || things.Any(t => t.Meets(when, c.Allergies) is not null)))];
        return about.Contains(true) ? new(rule, [.. met.Select(x => x.Name)], [.. met.Select(x => x.Why!).Where(w => !met.Any(x => x.Name == w))], about) : null;
    }
}
