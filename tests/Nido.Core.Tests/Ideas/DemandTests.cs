using Nido.Core.Cupboard;
using Nido.Core.Group;
using Nido.Core.Group.Steps;
using Nido.Core.Ideas;
using Nido.Core.Week.Problem;

namespace Nido.Core.Tests.Ideas;

public class DemandTests
{
    private static readonly Block Stations = new("stations", "Stations", BlockKind.Stations, new(10, 0), 45, 3);
    private static readonly Block Circle = new("circle", "Circle", BlockKind.Circle, new(9, 30), 15, 1);
    private static readonly Material Used = Things.Thing("paper", consumable: true);
    private static readonly Material Kept = Things.Thing("block");

    [Fact]
    public void A_consumable_counts_every_child_in_reach() => Amount(Used, Per.Child, Stations).ShouldBe(9 * 4);

    [Fact]
    public void A_reusable_counts_one_group_of_a_rotation() => Amount(Kept, Per.Child, Stations).ShouldBe(3 * 4);

    [Fact]
    public void In_the_circle_everyone_needs_one_at_once() => Amount(Kept, Per.Child, Circle).ShouldBe(9 * 4);

    [Fact]
    public void A_pair_shares_and_a_station_has_one_set()
    {
        Amount(Kept, Per.Pair, Stations).ShouldBe(2 * 4);
        Amount(Kept, Per.Station, Stations).ShouldBe(4);
    }

    [Fact]
    public void Spare_is_added_and_rounded_up() => Amount(Used, Per.Child, Stations, spare: 10).ShouldBe(40);

    [Fact]
    public void A_child_out_of_reach_takes_nothing()
    {
        var children = Children(9).Select((c, i) => i < 2 ? c with { Offer = null } : c).ToArray();
        Demand.Of(Idea(Used, Per.Child, 0), Stations, children).Single().Amount.ShouldBe(7 * 4);
    }

    [Fact]
    public void The_trace_says_steps_children_and_spare()
    {
        var trace = Demand.Of(Idea(Used, Per.Child, 10), Stations, Children(9)).Single().Trace.Single();
        trace.ShouldContain("9 at step 1");
        trace.ShouldContain("10% spare");
        trace.ShouldContain("40");
    }

    [Fact]
    public void A_name_takes_as_many_letters_as_it_has()
    {
        var idea = Idea(Used, Per.Child, 0) with { };
        var role = idea.Technique.Roles[0] with { Quantity = QuantityRule.Parse("letters in name")! };
        idea = idea with { Technique = idea.Technique with { Roles = [role] } };
        ChildAtIdea[] children =
        [
            new(Things.Child("Zoë", 50), Offer, null),
            new(Things.Child("Mateus", 50), Offer, null),
        ];
        Demand.Of(idea, Circle, children).Single().Amount.ShouldBe(9);
    }

    private static StepOffer Offer { get; } =
        new(
            new LadderStep(1, InBoth.Same("first"), 40, InBoth.Same(""), InBoth.Same(""), InBoth.Same(""), ""),
            true,
            HelpLevel.Alone,
            0.7,
            0.7,
            1
        );

    private static double Amount(Material material, Per per, Block block, double spare = 0) =>
        Demand.Of(Idea(material, per, spare), block, Children(9)).Single().Amount;

    private static ChildAtIdea[] Children(int count) =>
        [.. Enumerable.Range(0, count).Select(i => new ChildAtIdea(Things.Child($"Child {i}", 50), Offer, null))];

    private static Idea Idea(Material material, Per per, double spare)
    {
        var role = new Role("piece", Things.Needs(), per, QuantityRule.Parse("4")!, spare, Optional: false);
        var technique = Published.Content.Techniques[0] with { Roles = [role] };
        var step = new IdeaStep(
            1,
            InBoth.Same(""),
            1,
            new Dictionary<string, StandIn> { ["piece"] = new(material, 90, []) },
            []
        );
        return new Idea("i", technique, Published.Content.Themes[0], InBoth.Same(""), material, [step]);
    }
}
