using Nido.Core.Ideas;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Core.Week.Sharing;

namespace Nido.Core.Tests.Week.Sharing;

public class WeekSharingTests
{
    private static readonly Lazy<(WeekPlan Before, WeekPlan After, SharingResult Result)> Shared = new(() =>
    {
        // Half of a full cupboard, so that there is something to share out.
        var onHand = Things
            .Plenty.Keys.Select(
                (id, i) =>
                    (
                        id,
                        Amount: i % 3 == 0 ? 4.0
                        : i % 3 == 1 ? 12
                        : 60
                    )
            )
            .ToDictionary(x => x.id, x => x.Amount);
        int[] months = [20, 31, 40, 46, 52, 60];
        var input = Things.Week(
            Things.Group([.. months.Select((m, i) => Things.Child($"Child {i}", m))]),
            days: 3,
            onHand: onHand
        );
        var before = Planned(input, Weeks.Compose(WeekProblem.Build(input).Problem).Plan);
        var allocation = new WeekSharing(before);
        var result = SharingModel.Solve(allocation.Problem(), 1, TestContext.Current.CancellationToken);
        Placement[] placements = [.. before.Filled.Select(f => f.Placement)];
        var after = allocation.Apply(placements, result);
        var ideas = Swaps.Apply(input.Ideas, [.. after.SelectMany(p => p.Swaps)], Published.Content.Material);
        return (before, Planned(input with { Ideas = ideas }, after), result);
    });

    [Fact]
    public void Nothing_is_lost_and_no_child_gets_less()
    {
        var (before, after, _) = Shared.Value;
        after.Lost.ShouldBeEmpty();
        after.Filled.Count().ShouldBe(before.Filled.Count());
        after.State.Dose.ShouldBe(before.State.Dose);
    }

    [Fact]
    public void It_never_costs_more_with_what_must_be_asked_for_counted()
    {
        var (before, after, result) = Shared.Value;
        Price(after).ShouldBeLessThanOrEqualTo(Price(before));
        result.Proven.ShouldBeTrue();
    }

    [Fact]
    public void Every_material_it_puts_in_meets_the_needs_and_goes_with_the_rest()
    {
        foreach (var (_, _, use) in Shared.Value.After.Filled)
        {
            foreach (var step in use.Idea.Steps)
            {
                foreach (var role in use.Idea.Technique.Roles.Skip(1).Where(r => step.Bindings.ContainsKey(r.Name)))
                {
                    Swaps
                        .Against(use.Idea, step, role, step.Bindings[role.Name].Material, Published.Content.GoesWith)
                        .ShouldBeNull();
                }
            }
        }
    }

    [Fact]
    public void A_locked_place_keeps_its_idea()
    {
        var (before, _, _) = Shared.Value;
        var locked = new WeekPlan(before.Problem, [.. before.Filled.Select(f => f.Placement with { Locked = true })]);
        new WeekSharing(locked).Problem().Groups.ShouldAllBe(g => g.Variants.Count == 1);
    }

    [Fact]
    public void A_swap_upon_a_swap_is_one_swap()
    {
        var (before, _, _) = Shared.Value;
        var place = before.Filled.First().Placement;
        var first = new Swap(place.IdeaId, "dish", "bowls", "trays");
        var allocation = new WeekSharing(before);
        var ideas = before.Filled.GroupBy(f => f.Use.IdeaIndex).Select(g => g.First().Use.Idea.Id).ToArray();
        var back = allocation.Apply(
            [place with { Swaps = [first] }],
            new(ideas, [first with { From = "trays", To = "bowls" }], new(0, 0, 0, 0), true, 0)
        );
        back.Single().Swaps.ShouldBeEmpty();
    }

    private static int Price(WeekPlan plan) =>
        plan.Materials().Sum(l => l.Cents + (l.IsToAsk ? SharingModel.AskCents : 0));

    private static WeekPlan Planned(WeekInput input, IReadOnlyList<Placement> placements) =>
        new(WeekProblem.Build(input).Problem, placements);
}
