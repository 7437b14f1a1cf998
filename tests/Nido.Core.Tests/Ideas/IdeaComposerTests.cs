using Nido.Core.Cupboard;
using Nido.Core.Ideas;
using Nido.Core.Tests.Week;

namespace Nido.Core.Tests.Ideas;

public class IdeaComposerTests
{
    private static readonly Theme Theme = Published.Content.Theme("night-train")!;

    [Fact]
    public void The_same_input_gives_the_same_ideas()
    {
        var first = Compose(Things.Plenty);
        Compose(Things.Plenty).Select(i => i.Id).ShouldBe(first.Select(i => i.Id));
        first.Select(i => i.Id).ShouldBeUnique();
        first.Count.ShouldBeGreaterThan(120);
    }

    [Fact]
    public void Every_binding_meets_the_needs_of_its_role()
    {
        foreach (var idea in Compose(Things.Plenty))
        {
            foreach (var step in idea.Steps)
            {
                var rule = idea.Technique.Steps.Single(s => s.Step == step.Number);
                foreach (var (name, bound) in step.Bindings)
                {
                    var needs =
                        rule.Overrides.GetValueOrDefault(name)
                        ?? idea.Technique.Roles.Single(r => r.Name == name).Needs;
                    var other =
                        needs.OpeningOverRole is { } role && step.Bindings.TryGetValue(role, out var o)
                            ? o.Material.Width
                            : (double?)null;
                    StandIns.Fails(bound.Material, needs, other).ShouldBeNull($"{idea.Id} step {step.Number} {name}");
                }
            }
        }
    }

    [Fact]
    public void An_empty_cupboard_offers_only_what_needs_nothing_or_can_be_bought()
    {
        foreach (var idea in Compose(new Dictionary<string, double>()))
        {
            idea.Steps.SelectMany(s => s.Bindings.Values).ShouldAllBe(b => b.Material.IsSold);
        }
    }

    [Fact]
    public void A_step_whose_tool_is_missing_does_not_exist_this_week()
    {
        var onHand = Things.Plenty.Where(m => !m.Key.StartsWith("tongs", StringComparison.Ordinal)).ToDictionary();
        var materials = Published
            .Content.Materials.Where(m => !m.Id.StartsWith("tongs", StringComparison.Ordinal))
            .ToArray();
        var carry = IdeaComposer
            .Compose(
                Published.Content.Techniques.Where(t => t.Id == "carry-dry"),
                Theme,
                materials,
                onHand,
                10,
                Published.Content.GoesWith
            )
            .Ideas;
        carry.ShouldNotBeEmpty();
        carry.ShouldAllBe(i => i.Steps.All(s => s.Number != 4 && s.Number != 5));
    }

    [Fact]
    public void No_brace_is_left_in_any_text_of_any_theme()
    {
        foreach (var theme in Published.Content.Themes)
        {
            foreach (
                var idea in IdeaComposer
                    .Compose(
                        Published.Content.Techniques,
                        theme,
                        Published.Content.Materials,
                        Things.Plenty,
                        10,
                        Published.Content.GoesWith
                    )
                    .Ideas
            )
            {
                InBoth[] texts =
                [
                    idea.Title,
                    .. idea.Steps.SelectMany(s => (InBoth[])[s.Do, s.Say, s.Easier, s.Harder, s.Seen]),
                    .. idea.Technique.Instructions.Select(theme.Fill),
                    .. idea.Technique.Prep.Select(p => theme.Fill(p.What)),
                ];
                texts.ShouldAllBe(t => !$"{t.En}{t.Es}".Contains('{') && !$"{t.En}{t.Es}".Contains('}'));
            }
        }
    }

    [Fact]
    public void Slots_are_filled_with_and_without_a_capital() =>
        Theme
            .Fill(InBoth.Same("{Smalls} to the {holder}, {letter} {sound}"))
            .ShouldBe("Suitcases to the luggage van, T /t/");

    [Fact]
    public void No_pair_that_does_not_go_together_is_ever_bound()
    {
        foreach (var idea in Compose(Things.Plenty))
        {
            foreach (var (step, pair) in idea.Steps.SelectMany(s => idea.Technique.Pairs.Select(p => (s, p))))
            {
                if (
                    step.Bindings.TryGetValue(pair.With, out var with) && step.Bindings.TryGetValue(pair.On, out var on)
                )
                {
                    Published
                        .Content.GoesWith.Check(
                            pair.Kind,
                            with.Material,
                            on.Material,
                            StepCounts.BusiestJoint(step.Making)
                        )
                        .Suits.ShouldNotBe(Suits.No, $"{idea.Id} step {step.Number}");
                }
            }
        }
    }

    [Fact]
    public void A_left_handed_child_gets_scissors_for_the_left_hand()
    {
        Core.Group.Child[] children =
        [
            Things.Child("Right", 45),
            Things.Child("Gustav", 45) with
            {
                Hand = Core.Group.Hand.Left,
            },
        ];
        var input = Things.Week(
            Things.Group(children),
            only: t => t.Id is "snip-and-cut" or "fill-to-number" or "letter-match"
        );
        var use = Weeks.Build(input).Uses.First(u => u.Idea.Technique.Id == "snip-and-cut");
        use.Fullest.Demand.Single(d => d.Material.Id == "scissors-left").Amount.ShouldBe(1);
        use.Fullest.Demand.Single(d => d.Material.Tags.Contains("scissors") && d.Material.Id != "scissors-left")
            .Amount.ShouldBe(1);
    }

    [Fact]
    public void Where_nothing_goes_together_the_reason_is_kept()
    {
        string[] there = ["felt-pieces", "glue-sticks", "card-a4"];
        var arc = Published.Content.Techniques.Where(t => t.Id == "arc-picture");
        var (ideas, unsuited) = IdeaComposer.Compose(
            arc,
            Theme,
            [
                .. Published.Content.Materials.Where(m => there.Contains(m.Id)),
                Things.Thing("mirrors", length: 20, width: 20, tags: "flat shiny", pack: 10, cents: 300),
            ],
            Things.Plenty,
            10,
            Published.Content.GoesWith
        );
        ideas.ShouldContain(i => i.Lead!.Id == "felt-pieces");
        ideas
            .SelectMany(i => i.Steps)
            .SelectMany(s => s.Bindings["glue"].Reasons)
            .ShouldContain(r => r.Contains("barely holds"));
        unsuited
            .Single(u => u.Lead.Id == "mirrors")
            .Reasons.ShouldContain(r => r.Contains("will not hold on mirrors: shiny"));
    }

    private static IReadOnlyList<Idea> Compose(IReadOnlyDictionary<string, double> onHand) =>
        IdeaComposer
            .Compose(
                Published.Content.Techniques,
                Theme,
                Published.Content.Materials,
                onHand,
                14,
                Published.Content.GoesWith
            )
            .Ideas;
}
