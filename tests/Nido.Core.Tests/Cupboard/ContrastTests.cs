using Nido.Core.Cupboard;

namespace Nido.Core.Tests.Cupboard;

/// <summary>Work that lives of a difference gets things that differ, and water gets what holds it. Limits of weight and
/// depth: common practice.</summary>
public class ContrastTests
{
    private static readonly GoesWith Goes = GoesWith.Nothing;

    private static Material Of(string id, double? grams = null, string tags = "stiff", string colours = "") =>
        Things.Thing(id, tags: tags, colours: colours) with
        {
            Weight = new(grams, null),
        };

    [Theory]
    [InlineData(100.0, 150.0, true)]
    [InlineData(100.0, 149.0, false)]
    [InlineData(150.0, 100.0, true)]
    [InlineData(100.0, 100.0, false)]
    [InlineData(null, 100.0, false)]
    [InlineData(100.0, 0.0, false)]
    public void Two_are_weighed_only_where_one_is_half_as_heavy_again(double? a, double? b, bool suits) =>
        Suits_(PairKind.UnlikeInWeight, Of("a", a), Of("b", b)).ShouldBe(suits);

    [Fact]
    public void What_is_all_alike_is_neither_sorted_nor_laid_in_a_pattern()
    {
        var plain = Of("lids", colours: "grey");
        var bright = Of("buttons", colours: "red blue");
        Suits_(PairKind.UnlikeInLook, plain, plain).ShouldBeFalse();
        Suits_(PairKind.UnlikeInLook, bright, bright).ShouldBeTrue();
        Suits_(PairKind.UnlikeInLook, plain, bright).ShouldBeTrue();
        Suits_(PairKind.UnlikeInKind, bright, bright).ShouldBeFalse();
    }

    [Fact]
    public void A_hand_tells_felt_from_wood_and_not_cloth_from_cloth()
    {
        Suits_(PairKind.UnlikeToTouch, Of("felt", tags: "fabric soft"), Of("wood", tags: "wood stiff")).ShouldBeTrue();
        Suits_(PairKind.UnlikeToTouch, Of("felt", tags: "fabric soft"), Of("cloth", tags: "fabric soft"))
            .ShouldBeFalse();
        Suits_(PairKind.UnlikeInSound, Of("felt", tags: "soft"), Of("bolt", tags: "metal stiff")).ShouldBeTrue();
        Suits_(PairKind.UnlikeInSound, Of("nut", tags: "stiff"), Of("bolt", tags: "metal stiff")).ShouldBeFalse();
    }

    [Theory]
    [InlineData("container paper", 80, false)]
    [InlineData("container wood stiff", 250, false)]
    [InlineData("container fabric", 300, false)]
    [InlineData("container plastic card", 60, true)]
    [InlineData("container stiff", 60, true)]
    [InlineData("container plastic", 24, false)]
    [InlineData("container plastic", 25, true)]
    public void Water_is_poured_into_what_is_tight_and_deep_enough(string tags, double depth, bool suits)
    {
        var vessel = Things.Thing("vessel", length: 200, width: 200, height: depth, tags: tags);
        Suits_(PairKind.HoldsWater, vessel, Of("water", tags: "liquid pours")).ShouldBe(suits);
        Suits_(PairKind.HoldsWater, vessel, Of("rice", tags: "grain pours")).ShouldBeTrue();
    }

    [Fact]
    public void A_pot_is_as_deep_as_it_is_tall_and_one_with_a_hole_leaks()
    {
        var pot = Things.Thing("pot", Shape.Rod, 70, 20, 0, tags: "container plastic");
        Suits_(PairKind.HoldsWater, pot, Of("water", tags: "liquid")).ShouldBeTrue();
        Suits_(PairKind.HoldsWater, pot with { Hollow = new(5, 18) }, Of("water", tags: "liquid")).ShouldBeFalse();
    }

    private static bool Suits_(PairKind kind, Material with, Material on) =>
        Goes.Check(kind, with, on) is var (suits, reason)
        && (suits != Suits.No) == (reason is null)
        && suits == Suits.Yes;
}
