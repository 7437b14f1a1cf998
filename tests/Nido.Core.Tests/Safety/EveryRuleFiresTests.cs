using System.Collections.Concurrent;
using Nido.Core.Cupboard;
using Nido.Core.Group;
using Nido.Core.Ideas;
using Nido.Core.Safety;
using Nido.Core.Week.Findings;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Data;

namespace Nido.Core.Tests.Safety;

/// <summary>
/// A rule that cannot fire is no rule: each is met by something of the shipped catalogue, from the material over the
/// technique and
/// the group to the finding on the board or at the prep task, or it is written for things a house adds itself.
/// </summary>
public class EveryRuleFiresTests
{
    private static readonly Nido.Catalog.Content Content = Published.Content;

    private static readonly Block[] Blocks =
    [
        new("shelf", "Shelf", BlockKind.Shelf, new(9, 0), 30, 1),
        new("circle", "Circle", BlockKind.Circle, new(9, 30), 15, 1),
        new("stations", "Stations", BlockKind.Stations, new(10, 0), 45, 1),
        new("outdoors", "Outdoors", BlockKind.Outdoors, new(11, 0), 25, 1),
        new("table", "Table", BlockKind.Table, new(14, 0), 20, 1),
    ];

    private static readonly ChildrenGroup Wary = Things.Group(
        [
            Things.Child("Tiny", 16, mouths: true),
            Things.Child("Small", 30),
            Things.Child(
                "Other",
                60,
                allergies: [.. Content.Allergens.All.Where(a => a.Means.Count == 0).Select(a => a.Id)]
            ) with
            {
                Hand = Hand.Left,
                UnknownAllergies = ["annatto"],
            },
        ],
        Blocks,
        adults: 6
    );

    private static readonly ChildrenGroup Old = Things.Group(
        [
            Things.Child("Big", 64),
            Things.Child("Planned", 66, allergies: ["rice", "wheat", "maize"]) with
            {
                Plans =
                [
                    .. Content.Materials.Select(m => new WrittenPlan(m.Id, "Lead", new(2026, 3, 3), "baked only")),
                ],
                Hand = Hand.Left,
            },
        ],
        Blocks,
        adults: 6
    );

    private static readonly ChildrenGroup[] Groups =
    [
        Old,
        Wary,
        Wary with
        {
            Settings = Wary.Settings with { Food = FoodRule.Never },
        },
        Old with
        {
            Settings = Old.Settings with { Food = FoodRule.Freely },
        },
        Wary with
        {
            Children = [.. Wary.Children.Select(c => c with { Allergies = [], UnknownAllergies = [] })],
            Settings = Wary.Settings with { SmallParts = SmallPartsRule.WatchedTable },
        },
        Old with
        {
            Kind = GroupKind.DropIn,
            Expected = [new(24, 60, 6)],
        },
        Old with
        {
            Kind = GroupKind.DropIn,
            Expected = [new(48, 72, 6)],
            Settings = Old.Settings with { LetIn = Content.Allergens.Published },
        },
    ];

    public static TheoryData<string> Rules { get; } =
    [.. Content.SafetyRules.Where(r => !r.IsForOwnThings).Select(r => r.Id)];

    [Theory]
    [MemberData(nameof(Rules))]
    public void Something_shipped_makes_it_fire_from_material_to_finding(string id)
    {
        var rule = Content.SafetyRules.Single(r => r.Id == id);
        (Places(rule).Any(x => x) || AtPrep(rule)).ShouldBeTrue(
            $"{id} never fires: ship what makes it fire, or mark it `for-own-things`"
        );
    }

    [Fact]
    public void What_is_marked_for_own_things_is_met_by_nothing_that_is_shipped()
    {
        foreach (var rule in Content.SafetyRules.Where(r => r.IsForOwnThings))
        {
            Places(rule).ShouldNotContain(true, rule.Id);
        }
    }

    public static TheoryData<string> OwnRules { get; } =
    [.. Content.SafetyRules.Where(r => r.IsForOwnThings).Select(r => r.Id)];

    [Theory]
    [MemberData(nameof(OwnRules))]
    public void What_is_for_own_things_is_reached_by_the_questions_that_are_asked(string id)
    {
        // One answer or two, any size, with a cord and without.
        ThingAnswer[] answers = [.. Content.Questions.SelectMany(q => q.Answers)];
        Body[] bodies =
        [
            new(Shape.Box, 400, 300, 20),
            new(Shape.Rod, 400, 20, 0),
            new(Shape.Sphere, 0, 20, 0),
            Body.Unmeasured(Shape.Box),
            new(Shape.Loose, 0, 0, 0),
        ];
        var infants = Wary with { Children = [.. Wary.Children, Things.Child("Baby", 11)] };
        (
            from two in answers.Prepend(null)
            from one in answers
            from body in bodies
            from cord in (bool[])[false, true]
            from findings in (IReadOnlyList<Finding>[])
                [
                    new OwnThing("Thing", body, cord, null, 500, false, 1000, two is null ? [one] : [one, two]).Judged(
                        Things.Safety,
                        infants,
                        Things.Monday
                    ),
                ]
            where findings.Any(f => f.Rule.Id == id)
            select id
        )
            .Any()
            .ShouldBeTrue(id);
    }

    private static readonly MadePiece?[] Pieces =
    [
        null,
        .. Content.Techniques.SelectMany(t => t.Steps).SelectMany(s => s.Makes).DistinctBy(m => m.Body),
    ];

    private static readonly Dictionary<string, HandledThing[]> AtHand = Content.Materials.ToDictionary(
        m => m.Id,
        m =>
            Pieces
                .SelectMany(p => HandledThing.AtHand(m, p, Things.Safety.Holds.Of(m), 1e6))
                .DistinctBy(t => (t.Name, t.Body))
                .ToArray()
    );

    /// <summary>Materials that meet what the rule asks of a thing, for some child of some group; one empty entry where
    /// it asks nothing.</summary>
    private static IEnumerable<Material?> Candidates(SafetyRule rule) =>
        !rule.When.AsksThing
            ? Content.Techniques.Any(t => rule.When.Actions.Count == 0 || t.Actions.Any(rule.When.Actions.Contains))
                ? new Material?[] { null }
                : []
            : Content.Materials.Where(m => Groups.Any(g => Meets(rule, m, g))).Cast<Material?>();

    private static bool Meets(SafetyRule rule, Material material, ChildrenGroup group)
    {
        var room = group.On(Things.Monday);
        return Things
            .Safety.Room(room, Things.Monday)
            .Any(c =>
                AtHand[material.Id].Any(t => rule.When.MetBy(t, new(Content.Allergens, group.Settings, c)) is not null)
            );
    }

    /// <summary>Lays out every idea that has a candidate in it, and looks at what the week finds.</summary>
    private static IEnumerable<bool> Places(SafetyRule rule)
    {
        foreach (var candidate in Candidates(rule))
        {
            foreach (
                var technique in Content.Techniques.Where(t =>
                    rule.When.Actions.Count == 0 || t.Actions.Any(rule.When.Actions.Contains)
                )
            )
            {
                foreach (var group in Groups)
                {
                    yield return Found(candidate, technique, group).Contains(rule.Id);
                }
            }
        }
    }

    // What a week finds does not ask for which rule it is looked at.
    private static readonly ConcurrentDictionary<
        (string? Candidate, string Technique),
        (IReadOnlyList<Idea> Ideas, Dictionary<string, double> OnHand)
    > LaidOut = new();
    private static readonly ConcurrentDictionary<
        (string? Candidate, string Technique, int Group),
        HashSet<string>
    > Findings = new();

    /// <summary>Ids of every rule that says something over any idea of this technique with the candidate in it, in this
    /// group.</summary>
    private static HashSet<string> Found(Material? candidate, Technique technique, ChildrenGroup group) =>
        Findings.GetOrAdd(
            (candidate?.Id, technique.Id, Array.IndexOf(Groups, group)),
            _ =>
            {
                var (ideas, onHand) = LaidOut.GetOrAdd((candidate?.Id, technique.Id), _ => Ideas(candidate, technique));
                return [.. RulesOver(group, ideas, onHand)];
            }
        );

    private static (IReadOnlyList<Idea> Ideas, Dictionary<string, double> OnHand) Ideas(
        Material? candidate,
        Technique technique
    )
    {
        Material[] materials = candidate is null ? [.. Content.Materials] : WithRoomFor(candidate, technique);
        var onHand = materials.ToDictionary(m => m.Id, _ => 1e6);
        return materials.Length == 0
            ? ([], onHand)
            : (
                IdeaComposer
                    .Compose([technique], Content.Theme("little-post-office")!, materials, onHand, 3, Content.GoesWith)
                    .Ideas,
                onHand
            );
    }

    /// <summary>The catalogue without what would take the candidate's role before it; nothing where it suits no
    /// role.</summary>
    private static Material[] WithRoomFor(Material candidate, Technique technique)
    {
        RoleNeeds[] roles =
        [
            .. technique
                .Roles.SelectMany(r =>
                    technique
                        .Steps.Select(s => s.Overrides.GetValueOrDefault(r.Name) ?? r.Needs)
                        .Append(r.Left)
                        .OfType<RoleNeeds>()
                )
                .Distinct(),
        ];
        RoleNeeds[] takes =
        [
            .. roles.Where(n =>
                StandIns.Fails(candidate, n with { OpeningOver = null, OpeningOverRole = null }, null) is null
            ),
        ];
        return takes.Length == 0
            ? []
            :
            [
                candidate,
                .. Content.Materials.Where(m =>
                    m != candidate
                    && !takes.Any(n =>
                        StandIns.Fails(m, n with { OpeningOver = null, OpeningOverRole = null }, null) is null
                    )
                ),
            ];
    }

    private static IEnumerable<string> RulesOver(
        ChildrenGroup group,
        IReadOnlyList<Idea> ideas,
        Dictionary<string, double> onHand
    )
    {
        if (ideas.Count == 0)
        {
            return [];
        }

        var input = WeekInputs.Of(Content, group, Things.Monday, onHand, (ideas, []), Things.Safety);
        var (problem, _) = WeekProblem.Build(input with { Days = [.. input.Days.Take(1)] });
        return from idea in ideas
            from block in problem.Blocks
            where idea.Technique.Blocks.Contains(block.Kind)
            let alone = new Placement(0, block.Id, 0, idea.Id, false)
            from finding in WeekFindings.Of(new WeekPlan(problem, [alone]))
            select finding.RuleId;
    }

    private static bool AtPrep(SafetyRule rule) =>
        rule.When.Actions.Count > 0
        && !rule.When.AsksThing
        && !rule.When.AsksChild
        && Content
            .Techniques.SelectMany(t => t.Prep)
            .Select(p => p.Actions)
            .Concat(Content.Themes.SelectMany(t => t.Prep).Select(p => p.Actions))
            .Concat(Content.MakeFrom.Select(w => w.Actions))
            .Concat(Content.Recipes.Select(r => r.Actions))
            .Any(actions => Things.Safety.CautionsFor(actions, Old, Things.Monday).Any(f => f.Rule == rule));
}
