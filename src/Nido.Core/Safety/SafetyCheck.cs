using System.Collections.Concurrent;
using System.Runtime.CompilerServices;
using Nido.Core.Allergens;
using Nido.Core.Cupboard;
using Nido.Core.Group;
using Nido.Core.Ideas;
using Nido.Core.Safety.Conditions;

namespace Nido.Core.Safety;

/// <summary>Applies the safety rules to ideas with everything that can be met at them.</summary>
/// <param name="rules">The rules in force.</param>
/// <param name="book">The vocabulary of allergens.</param>
/// <param name="holds">What things hold.</param>
public sealed class SafetyCheck(IReadOnlyList<SafetyRule> rules, AllergenBook book, WhatItHolds holds)
{
    private readonly WhatCanBeMet met = new(holds);
    private readonly ConditionalWeakTable<ChildrenGroup, ConcurrentDictionary<DateOnly, RoomOnDay>> rooms = [];

    /// <summary>The rules in force.</summary>
    public IReadOnlyList<SafetyRule> Rules => rules;

    /// <summary>The vocabulary of allergens.</summary>
    public AllergenBook Book => book;

    /// <summary>What things hold.</summary>
    public WhatItHolds Holds => holds;

    /// <summary>What named adults have lifted with a reason; withdrawn ones count no more.</summary>
    public IReadOnlyList<RuleOverride> Overrides { get; private init; } = [];

    /// <summary>Materials of this house that hold what a word of a child names, by the id of the word.</summary>
    public IReadOnlyDictionary<string, IReadOnlyList<string>> Marks { get; private init; } =
        new Dictionary<string, IReadOnlyList<string>>();

    /// <summary>The same rules with other overrides.</summary>
    public SafetyCheck With(IReadOnlyList<RuleOverride> others) =>
        new(rules, book, holds) { Overrides = others, Marks = Marks };

    /// <summary>The same rules in a house that has said which materials hold what a word names.</summary>
    public SafetyCheck With(IReadOnlyDictionary<string, IReadOnlyList<string>> marks) =>
        new(rules, book, holds) { Overrides = Overrides, Marks = marks };

    /// <summary>The same rules with what things hold in this house.</summary>
    public SafetyCheck With(WhatItHolds inThisHouse) =>
        new(rules, book, inThisHouse) { Overrides = Overrides, Marks = Marks };

    /// <summary>The override by which an adult has lifted a rule for an idea on a day, or null.</summary>
    public RuleOverride? LiftedBy(Idea idea, SafetyRule rule, DateOnly day)
    {
        ArgumentNullException.ThrowIfNull(idea);
        return Overrides.FirstOrDefault(o => o.Lifts(rule, idea.Id, day));
    }

    /// <summary>The children of a group as safety sees them on a day, in their order.</summary>
    public IReadOnlyList<ChildInRoom> Room(ChildrenGroup group, DateOnly day) => OnDay(group, day).Children;

    private RoomOnDay OnDay(ChildrenGroup group, DateOnly day)
    {
        ArgumentNullException.ThrowIfNull(group);
        return rooms.GetOrCreateValue(group).GetOrAdd(day, d => new([.. group.Children.Select(c => InRoom(c, d))]));
    }

    /// <summary>A child as safety sees it: what is watched for, whatever words it was written in, and what cannot
    /// be.</summary>
    public ChildInRoom InRoom(Child child, DateOnly day)
    {
        ArgumentNullException.ThrowIfNull(child);
        // What no boundary has read yet is read here: a word is never taken in silence.
        var read = book.Read(child.Allergies.Where(a => !book.IsKnown(a)).Concat(child.UnknownAllergies));
        return new(
            child,
            child.MonthsOn(day),
            [
                .. child
                    .Allergies.Where(book.IsKnown)
                    .Concat(read.Allergens)
                    .Concat(read.Unknown.Select(Allergen.OwnId))
                    .Distinct(),
            ],
            [.. read.Unknown.Where(w => !Marks.ContainsKey(Allergen.OwnId(w)))]
        );
    }

    /// <summary>Everything a child can meet at a step, with what the house says of it.</summary>
    public IReadOnlyList<HandledThing> Things(
        Idea idea,
        IdeaStep step,
        ChildrenGroup group,
        IReadOnlyList<Material>? added = null
    ) => Marks.Count == 0 ? met.At(idea, step, group, added) : [.. met.At(idea, step, group, added).Select(Marked)];

    /// <summary>Every blocking rule a step meets, lifted ones included, with the children it is about.</summary>
    /// <param name="idea">The idea.</param>
    /// <param name="step">One of its steps.</param>
    /// <param name="group">The room.</param>
    /// <param name="day">The day ages are taken on.</param>
    /// <param name="added">What is added that day, where something is.</param>
    public IReadOnlyList<Hazard> Hazards(
        Idea idea,
        IdeaStep step,
        ChildrenGroup group,
        DateOnly day,
        IReadOnlyList<Material>? added = null
    )
    {
        ArgumentNullException.ThrowIfNull(idea);
        return Hazards(idea, Things(idea, step, group, added), group, day);
    }

    /// <summary>As the other one, where what can be met is at hand.</summary>
    internal IReadOnlyList<Hazard> Hazards(
        Idea idea,
        IReadOnlyList<HandledThing> things,
        ChildrenGroup group,
        DateOnly day
    )
    {
        var found = new List<Hazard>();
        foreach (var rule in rules)
        {
            // Places are looked at where a block is known.
            if (
                rule.Severity == Severity.Block
                && Fires(
                    rule,
                    idea.Technique.Actions,
                    rule.When.Places.Count > 0 ? rule.When.Places[0] : null,
                    things,
                    group,
                    day
                )
                    is { } hazard
            )
            {
                found.Add(hazard);
            }
        }

        return found;
    }

    /// <summary>
    /// For each child of the group, in order, the finding that keeps a step from it in a block, or null. A rule about
    /// the room holds for everyone as soon as one child it is about is present, unless a watched separate table lifts
    /// it.
    /// </summary>
    /// <param name="idea">The idea.</param>
    /// <param name="hazards">What the step meets.</param>
    /// <param name="block">Where it lies: only a free-choice table can be watched and separate.</param>
    /// <param name="group">The room.</param>
    /// <param name="day">The day: a rule may be lifted for it alone.</param>
    /// <param name="present">Child of the group, in order: is there; null for everyone.</param>
    public Finding?[] KeptOut(
        Idea idea,
        IReadOnlyList<Hazard> hazards,
        Block block,
        ChildrenGroup group,
        DateOnly day,
        IReadOnlyList<bool>? present = null
    )
    {
        ArgumentNullException.ThrowIfNull(block);
        ArgumentNullException.ThrowIfNull(group);
        var keptOut = new Finding?[group.Children.Count];
        foreach (
            var hazard in hazards.Where(h =>
                (h.Rule.When.Places.Count == 0 || h.Rule.When.Places.Contains(block.Kind))
                && LiftedBy(idea, h.Rule, day) is null
            )
        )
        {
            string[] there =
            [
                .. group.Children.Where((_, c) => hazard.About[c] && present?[c] != false).Select(c => c.Name),
            ];
            var watched =
                hazard.Rule.WatchedTableLifts
                && block.IsFreeChoice
                && group.Settings.SmallParts == SmallPartsRule.WatchedTable;
            for (var c = 0; c < keptOut.Length; c++)
            {
                if (hazard.About[c] || (hazard.Rule.Room && there.Length > 0 && !watched))
                {
                    keptOut[c] ??= new Finding(
                        hazard.Rule,
                        hazard.What,
                        there.Length > 0 ? there : [group.Children[c].Name],
                        hazard.Why,
                        null
                    );
                }
            }
        }

        return keptOut;
    }

    /// <summary>As the other one, for a step whose hazards are not at hand.</summary>
    public Finding?[] KeptOut(
        Idea idea,
        IdeaStep step,
        Block block,
        ChildrenGroup group,
        DateOnly day,
        IReadOnlyList<bool>? present = null,
        IReadOnlyList<Material>? added = null
    ) => KeptOut(idea, Hazards(idea, step, group, day, added), block, group, day, present);

    /// <summary>Adults the rules ask beside an offer: for a watched separate table, and where a caution asks
    /// one.</summary>
    /// <param name="hazards">What the steps in use meet.</param>
    /// <param name="cautions">Cautions of the steps in use.</param>
    /// <param name="present">Child of the group, in order: is there; null for everyone.</param>
    public static int AdultsAsked(
        IEnumerable<Hazard> hazards,
        IEnumerable<Finding> cautions,
        IReadOnlyList<bool>? present = null
    ) =>
        Math.Max(
            hazards.Any(h =>
                h.Rule.WatchedTableLifts && h.About.Where((about, c) => about && present?[c] != false).Any()
            )
                ? 1
                : 0,
            cautions.Select(c => c.Rule.Adults).DefaultIfEmpty(0).Max()
        );

    /// <summary>
    /// Everything to tell, watch or do as an adult for the steps in use, and every rule an adult has lifted; most
    /// severe
    /// first, then what is about a child of this group.
    /// </summary>
    /// <param name="idea">The idea.</param>
    /// <param name="steps">Steps in use.</param>
    /// <param name="block">Where it lies.</param>
    /// <param name="group">The room.</param>
    /// <param name="day">The day.</param>
    /// <param name="present">Child of the group, in order: is there; null for everyone.</param>
    /// <param name="added">What is added that day.</param>
    public IReadOnlyList<Finding> Cautions(
        Idea idea,
        IReadOnlyCollection<IdeaStep> steps,
        Block block,
        ChildrenGroup group,
        DateOnly day,
        IReadOnlyList<bool>? present = null,
        IReadOnlyList<Material>? added = null
    )
    {
        ArgumentNullException.ThrowIfNull(steps);
        var told = Telling(idea, [.. steps.SelectMany(s => Things(idea, s, group, added))], block, group, day);
        return Present(idea, told, group, day, present);
    }

    /// <summary>Every rule that tells something of the steps in use or may be lifted, with the children it is
    /// about.</summary>
    internal IReadOnlyList<Hazard> Telling(
        Idea idea,
        IEnumerable<HandledThing> met,
        Block block,
        ChildrenGroup group,
        DateOnly day
    )
    {
        HandledThing[] things = [.. met.DistinctBy(t => (t.Name, t.Body, t.Amount, t.IsFixed))];
        return
        [
            .. rules
                .Where(r =>
                    (
                        r.Severity != Severity.Block
                        || Overrides.Any(o => o.IdeaId == idea.Id && o.RuleId == r.Id && o.WithdrawnAt is null)
                    ) && (r.When.Places.Count == 0 || r.When.Places.Contains(block.Kind))
                )
                .Select(r => Fires(r, idea.Technique.Actions, block.Kind, things, group, day))
                .OfType<Hazard>(),
        ];
    }

    /// <summary>What is told with these children there.</summary>
    internal IReadOnlyList<Finding> Present(
        Idea idea,
        IReadOnlyList<Hazard> told,
        ChildrenGroup group,
        DateOnly day,
        IReadOnlyList<bool>? present
    ) =>
        Ordered(
            told.Select(h => (Hazard: h, Lifted: LiftedBy(idea, h.Rule, day)))
                .Where(x => x.Hazard.Rule.Severity != Severity.Block || x.Lifted is not null)
                .Where(x =>
                    !x.Hazard.Rule.When.AsksChild
                    || x.Hazard.About.Where((about, c) => about && present?[c] != false).Any()
                )
                .Select(x => Told(x.Hazard, group, x.Lifted, present))
        );

    /// <summary>What every rule says of things that lie in no idea yet, most severe first, and whom of the group it is
    /// about.</summary>
    public IReadOnlyList<Finding> Of(
        IReadOnlyList<HandledThing> things,
        IReadOnlyList<string> actions,
        ChildrenGroup group,
        DateOnly day
    ) =>
        Ordered(
            rules
                .Where(r => r.When.Places.Count == 0 && (r.When.AsksThing || r.When.Actions.Count > 0))
                .Select(r => Fires(r, actions, null, things, group, day))
                .OfType<Hazard>()
                .Select(h => Told(h, group, null, null))
        );

    /// <summary>What to mind at a task before an idea lies out, by what is done.</summary>
    public IReadOnlyList<Finding> CautionsFor(IReadOnlyList<string> actions, ChildrenGroup group, DateOnly day)
    {
        ArgumentNullException.ThrowIfNull(actions);
        return actions.Count == 0
            ? []
            : Ordered(
                rules
                    .Where(r => r.When.Actions.Count > 0 && !r.When.AsksThing && !r.When.AsksChild)
                    .Select(r => Fires(r, actions, null, [], group, day))
                    .OfType<Hazard>()
                    .Select(h => Told(h, group, null, null))
            );
    }

    /// <summary>
    /// Whether a way to make a material brings a blocking rule upon this group that the material by itself does not:
    /// rubber bands
    /// round the tongs for a child with a latex allergy. Such a way is not offered.
    /// </summary>
    /// <param name="material">What is made.</param>
    /// <param name="made">What it holds where it is made that way.</param>
    /// <param name="actions">What is done with it in this week.</param>
    /// <param name="group">The room, whoever comes on whatever day.</param>
    /// <param name="day">The day ages are taken on.</param>
    public SafetyRule? RuleAgainstMaking(
        Material material,
        Holding made,
        IReadOnlyList<string> actions,
        ChildrenGroup group,
        DateOnly day
    )
    {
        ArgumentNullException.ThrowIfNull(material);
        HandledThing[] itself = [.. HandledThing.AtHand(material, null, Holding.Of(material))];
        HandledThing[] asMade = [.. HandledThing.AtHand(material, null, made)];
        return rules.FirstOrDefault(r =>
            r.Severity == Severity.Block
            && r.When.AsksThing
            && Fires(
                r,
                actions,
                r.When.Places.Count > 0 ? r.When.Places[0] : null,
                asMade.Select(Marked).ToArray(),
                group,
                day
            )
                is { } hazard
            && (r.IsNeverLifted || r.Room || hazard.About.Contains(true))
            && Fires(
                r,
                actions,
                r.When.Places.Count > 0 ? r.When.Places[0] : null,
                itself.Select(Marked).ToArray(),
                group,
                day
            )
                is null
        );
    }

    /// <summary>
    /// The rule that keeps a material off every table of this room whatever is done with it, or null: another stand-in
    /// is taken where
    /// there is one.
    /// </summary>
    public SafetyRule? KeepsOff(Material material, ChildrenGroup group, DateOnly day)
    {
        HandledThing[] things = [.. HandledThing.AtHand(material, null, holds.Of(material), amount: 0).Select(Marked)];
        return rules.FirstOrDefault(r =>
            r.Severity == Severity.Block
            && r.When.AsksThing
            && r.When.Actions.Count == 0
            && r.When.Places.Count == 0
            && Fires(r, [], null, things, group, day) is { } hazard
            && (r.Room || !hazard.About.Contains(false))
        );
    }

    private HandledThing Marked(HandledThing thing)
    {
        HeldAllergen[] own =
        [
            .. Marks
                .Where(m => m.Value.Contains(thing.Material.Id))
                .Select(m => new HeldAllergen(m.Key, HeldHow.Contains, [])),
        ];
        return own.Length == 0
            ? thing
            : thing with
            {
                Holding = thing.Holding with { Allergens = [.. thing.Holding.Allergens, .. own] },
            };
    }

    private static Finding[] Ordered(IEnumerable<Finding> findings) =>
        [
            .. findings
                .OrderBy(f => f.Rule.Severity)
                .ThenBy(f => f.Whom.Count == 0)
                .ThenBy(f => f.Rule.Id, StringComparer.Ordinal),
        ];

    private static Finding Told(
        Hazard hazard,
        ChildrenGroup group,
        RuleOverride? lifted,
        IReadOnlyList<bool>? present
    ) =>
        new(
            hazard.Rule,
            hazard.What,
            hazard.Rule.When.AsksChild
                ? [.. group.Children.Where((_, c) => hazard.About[c] && present?[c] != false).Select(c => c.Name)]
                : [],
            hazard.Why,
            lifted
        );

    /// <summary>The rule with what meets it and whom it is about, or null where it does not fire.</summary>
    private Hazard? Fires(
        SafetyRule rule,
        IReadOnlyList<string> actions,
        BlockKind? place,
        IReadOnlyList<HandledThing> things,
        ChildrenGroup group,
        DateOnly day
    )
    {
        var when = rule.When;
        if (!when.Suits(actions, place) || !when.Suits(group) || (when.AsksThing && things.Count == 0))
        {
            return null;
        }

        var room = OnDay(group, day);
        if (room.Concerned(rule) is not { } concerned)
        {
            return null;
        }

        if (!when.AsksThing)
        {
            return new(
                rule,
                [],
                [.. when.Actions.Where(actions.Contains).Select(a => (Said)$"What is done there: {Doing.Of(a)}")],
                concerned
            );
        }

        return when.IsOfEachChild
            ? ChildByChild(rule, things, room.Children, concerned, group.Settings)
            : Alike(rule, things, concerned, group.Settings);
    }

    private Hazard? Alike(SafetyRule rule, IReadOnlyList<HandledThing> things, bool[] concerned, GroupSettings settings)
    {
        // Most rules meet nothing of most steps: nothing is laid out until one does.
        List<(Said Name, Said Why)>? what = null;
        Asked? asked = null;
        foreach (var thing in things)
        {
            if (rule.When.MetBy(thing, asked ??= new Asked(book, settings, null)) is { } why)
            {
                (what ??= []).Add((thing.Name, why));
            }
        }

        return what is null ? null : Hazard(rule, what, concerned);
    }

    private Hazard? ChildByChild(
        SafetyRule rule,
        IReadOnlyList<HandledThing> things,
        ChildInRoom[] room,
        bool[] concerned,
        GroupSettings settings
    )
    {
        List<HandledThing>? may = null;
        foreach (var thing in things)
        {
            if (rule.When.MayMeet(thing))
            {
                (may ??= []).Add(thing);
            }
        }

        if (may is null)
        {
            return null;
        }

        var about = new bool[room.Length];
        var what = new List<(Said Name, Said Why)>();
        for (var c = 0; c < about.Length; c++)
        {
            if (!concerned[c])
            {
                continue;
            }

            var asked = new Asked(book, settings, room[c]) { Beside = may };
            foreach (var thing in may)
            {
                if (rule.When.MetBy(thing, asked) is { } why)
                {
                    about[c] = true;
                    what.Add((thing.Name, why));
                }
            }
        }

        return about.Contains(true) ? Hazard(rule, what, about) : null;
    }

    private static Hazard Hazard(SafetyRule rule, IEnumerable<(Said Name, Said Why)> what, bool[] about)
    {
        var each = what.Distinct().ToArray();
        var names = each.Select(x => x.Name).ToHashSet();
        return new(rule, [.. names], [.. each.Select(x => x.Why).Where(w => !names.Contains(w)).Distinct()], about);
    }

    /// <summary>The children on a day, with whom each rule is about by age and habit.</summary>
    private sealed class RoomOnDay(ChildInRoom[] children)
    {
        private readonly ConcurrentDictionary<SafetyRule, bool[]> byRule = new(ReferenceEqualityComparer.Instance);

        public ChildInRoom[] Children => children;

        /// <summary>Child in order: the rule is about it; null where it is about nobody here.</summary>
        public bool[]? Concerned(SafetyRule rule) =>
            byRule.GetOrAdd(rule, r => [.. children.Select(r.When.Concerns)]) is var about && about.Contains(true)
                ? about
                : null;
    }
}
