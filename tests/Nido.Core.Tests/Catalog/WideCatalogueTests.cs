using Nido.Core.Group;
using Nido.Core.Ideas;

namespace Nido.Core.Tests.Catalog;

/// <summary>How wide the catalogue is, and that a full house can do all of it. Counts: content.md, "How much there
/// is".</summary>
public class WideCatalogueTests
{
    private static readonly IReadOnlyList<Technique> All = Published.Content.Techniques;

    private static readonly Lazy<IReadOnlyList<Idea>> InAFullHouse = new(() =>
        IdeaComposer
            .Compose(
                All,
                Published.Content.Themes[0],
                Published.Content.Materials,
                Published.Content.Materials.ToDictionary(m => m.Id, _ => 500.0),
                14,
                Published.Content.GoesWith
            )
            .Ideas
    );

    [Fact]
    public void There_is_enough_for_a_year()
    {
        All.Count.ShouldBeGreaterThanOrEqualTo(140);
        All.Count(t => t.Blocks.Contains(BlockKind.Circle)).ShouldBeGreaterThanOrEqualTo(12);
        All.Count(t => t.Blocks.Contains(BlockKind.Outdoors)).ShouldBeGreaterThanOrEqualTo(20);
        All.Count(t => HasAStepTypical(t, 0, 23)).ShouldBeGreaterThanOrEqualTo(15);
        All.Count(t => HasAStepTypical(t, 60, 83)).ShouldBeGreaterThanOrEqualTo(15);
    }

    [Fact]
    public void A_full_house_can_do_every_step_of_every_way_of_working()
    {
        var steps = InAFullHouse.Value.SelectMany(i => i.Steps.Select(s => (i.Technique.Id, s.Number))).ToHashSet();
        All.SelectMany(t => t.Steps.Select(s => (t.Id, s.Step))).Where(s => !steps.Contains(s)).ShouldBeEmpty();
    }

    [Fact]
    public void At_least_twenty_five_need_nothing_that_a_home_would_buy()
    {
        // What no shop sells comes from the house or from outdoors.
        var free = Published.Content.Materials.Where(m => !m.IsSold).ToArray();
        IdeaComposer
            .Compose(
                All,
                Published.Content.Themes[0],
                free,
                free.ToDictionary(m => m.Id, _ => 500.0),
                14,
                Published.Content.GoesWith
            )
            .Ideas.Select(i => i.Technique.Id)
            .Distinct()
            .Count()
            .ShouldBeGreaterThanOrEqualTo(25);
    }

    [Fact]
    public void What_is_bound_together_goes_together()
    {
        foreach (var idea in InAFullHouse.Value)
        {
            foreach (var step in idea.Steps)
            {
                foreach (var pair in idea.Technique.Pairs)
                {
                    if (
                        step.Bindings.TryGetValue(pair.With, out var with)
                        && step.Bindings.TryGetValue(pair.On, out var on)
                    )
                    {
                        Published
                            .Content.GoesWith.Check(
                                pair.Kind,
                                with.Material,
                                on.Material,
                                StepCounts.BusiestJoint(step.Making)
                            )
                            .Suits.ShouldNotBe(Suits_No, $"{idea.Id} {step.Number}: {pair.With} on {pair.On}");
                    }
                }
            }
        }
    }

    [Fact]
    public void Every_material_can_take_a_role_somewhere()
    {
        var asked = All.SelectMany(t =>
                t.Roles.SelectMany(r =>
                    t.Steps.Select(s => s.Overrides.GetValueOrDefault(r.Name) ?? r.Needs)
                        .Append(r.Needs)
                        .Concat(r.Left is { } left ? [left] : [])
                )
            )
            .ToArray();
        Published
            .Content.Materials.Where(m => asked.All(n => Nido.Core.Cupboard.StandIns.Fails(m, n, null) is not null))
            .Where(m => !KeptForRules.Contains(m.Id))
            .Select(m => m.Id)
            .ShouldBeEmpty();
    }

    /// <summary>Known so that a safety rule can speak of them, or cooked and stirred into something else.</summary>
    private static readonly HashSet<string> KeptForRules =
    [
        "coffee-beans",
        "peanuts",
        "marbles",
        "bicarbonate",
        "wheat-flour",
        "semolina",
    ];

    private const Nido.Core.Cupboard.Suits Suits_No = Nido.Core.Cupboard.Suits.No;

    private static bool HasAStepTypical(Technique technique, int from, int to) =>
        technique.Steps.Any(s =>
            Published.Content.Ladders.First(l => l.Key == technique.Ladder).Value.Steps[s.Step - 1].TypicalMonths
                is var months
            && months >= from
            && months <= to
        );
}
