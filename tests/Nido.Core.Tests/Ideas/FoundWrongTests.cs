using Nido.Core.Cupboard;
using Nido.Core.Ideas;

namespace Nido.Core.Tests.Ideas;

/// <summary>Bindings that were described well and could not be worked with: none comes back. Each is asked of a full
/// house, so that the wrong thing is there to be taken.</summary>
public class FoundWrongTests
{
    private static readonly IReadOnlyList<Idea> All =
    [
        .. Published
            .Content.Themes.Take(3)
            .SelectMany(theme =>
                IdeaComposer
                    .Compose(
                        Published.Content.Techniques,
                        theme,
                        Published.Content.Materials,
                        Published.Content.Materials.ToDictionary(m => m.Id, _ => 500.0),
                        14,
                        Published.Content.GoesWith
                    )
                    .Ideas
            ),
    ];

    private static IEnumerable<(Idea Idea, IdeaStep Step)> Of(string technique) =>
        All.Where(i => i.Technique.Id == technique).SelectMany(i => i.Steps.Select(s => (i, s)));

    private static Material In(IdeaStep step, string role) => step.Bindings[role].Material;

    [Fact]
    public void Nothing_is_put_in_order_of_weight_that_weighs_the_same()
    {
        foreach (var (_, step) in Of("weigh-and-compare"))
        {
            double[] grams = [.. step.Bindings.Where(b => b.Key != "scale").Select(b => b.Value.Material.Mass!.Value)];
            grams.Distinct().Count().ShouldBe(grams.Length);
            grams.Max().ShouldBeGreaterThanOrEqualTo(1.5 * grams.Min());
        }
    }

    [Fact]
    public void Two_scents_are_two_and_a_feel_bag_holds_two_things()
    {
        Of("scent-guess").ShouldAllBe(x => In(x.Step, "scent").Id != In(x.Step, "other").Id);
        Of("feel-bag").ShouldAllBe(x => In(x.Step, "thing").Id != In(x.Step, "other").Id);
    }

    [Fact]
    public void What_is_sorted_or_laid_in_turn_comes_in_two_kinds_or_colours()
    {
        foreach (var (_, step) in Of("sort-by-kind").Concat(Of("pattern-row")))
        {
            var (one, other) = (In(step, "piece"), In(step, "other"));
            (one.Id != other.Id || one.Colours.Count >= 2).ShouldBeTrue(one.Id);
        }
    }

    [Fact]
    public void Water_stands_in_nothing_of_paper_wood_or_cloth()
    {
        var wet = All.SelectMany(i =>
            i.Technique.Pairs.Where(p => p.Kind == PairKind.HoldsWater)
                .SelectMany(p => i.Steps.Where(s => s.Bindings.ContainsKey(p.With)).Select(s => In(s, p.With)))
        );
        foreach (var vessel in wet.DistinctBy(m => m.Id))
        {
            (
                vessel.Tags.Contains("plastic") || !vessel.Tags.Overlaps(["paper", "card", "wood", "fabric"])
            ).ShouldBeTrue(vessel.Id);
        }

        // Every way of working that pours water names its vessel.
        Published
            .Content.Techniques.Where(t => t.Roles.Any(r => r.Name == "water"))
            .ShouldAllBe(t => t.Pairs.Any(p => p.Kind == PairKind.HoldsWater));
    }

    [Fact]
    public void Half_circles_leave_room_for_their_pieces_and_lie_on_their_sheet()
    {
        foreach (var (_, step) in Of("arc-picture"))
        {
            var (piece, making) = (In(step, "piece"), step.Making);
            (making.ArcRows == 1 || piece.Width <= making.ArcPitch).ShouldBeTrue($"{piece.Id} at {step.Number}");
            ((2 * making.ArcRadius!.Value) + piece.Width).ShouldBeLessThanOrEqualTo(In(step, "base").Length, piece.Id);
        }

        Of("arc-picture").Select(x => x.Step.Number).Distinct().Order().ShouldBe([2, 4, 6]);
    }

    [Fact]
    public void A_circle_is_cut_out_of_what_is_wider_than_a_strip() =>
        Of("snip-and-cut").Where(x => x.Step.Number >= 5).ShouldAllBe(x => In(x.Step, "sheet").Width >= 80);

    [Fact]
    public void Only_what_can_be_opened_has_something_inside() =>
        Of("twist-lids").ShouldAllBe(x => In(x.Step, "jar").Tags.Contains("container"));

    [Fact]
    public void Nobody_walks_on_a_crate() =>
        Of("balance-route").ShouldAllBe(x => !In(x.Step, "line").Tags.Contains("container"));

    [Fact]
    public void Letters_are_letters_and_pictures_are_pictures()
    {
        string[] never = ["address-cards", "dot-cards"];
        All.SelectMany(i => i.Steps)
            .SelectMany(s => s.Bindings)
            .Where(b => b.Key is "letters" or "pictures" or "picture")
            .ShouldAllBe(b => !never.Contains(b.Value.Material.Id));
    }
}
