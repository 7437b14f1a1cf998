using Nido.Core.Cupboard;

namespace Nido.Core.Tests.Cupboard;

/// <summary>Facts of the trade (common practice), read through the shipped tables.</summary>
public class GoesWithTests
{
    private static readonly GoesWith Shipped = Published.Content.GoesWith;

    [Theory]
    [InlineData("glue-sticks", "card-a4", Suits.Yes)]
    [InlineData("glue-sticks", "felt-pieces", Suits.Barely)]
    [InlineData("glue-sticks", "wax-paper", Suits.No)]
    [InlineData("white-glue", "felt-pieces", Suits.Yes)]
    [InlineData("white-glue", "foil", Suits.No)]
    [InlineData("paste", "leaves", Suits.Barely)]
    public void What_holds_what(string joiner, string surface, Suits suits) =>
        Check(PairKind.Holds, joiner, surface).ShouldBe(suits);

    [Theory]
    [InlineData("crayons-thick", "paper-a4", Suits.Yes)]
    [InlineData("crayons-thick", "wax-paper", Suits.No)]
    [InlineData("felt-pens", "foil", Suits.No)]
    [InlineData("ready-paint", "cloth-squares", Suits.Yes)]
    public void What_shows_on_what(string marker, string surface, Suits suits) =>
        Check(PairKind.Shows, marker, surface).ShouldBe(suits);

    [Theory]
    [InlineData("laces", "beads-large", Suits.Yes)]
    [InlineData("laces", "beads-small", Suits.No)]
    [InlineData("screwdrivers-short", "screws-short", Suits.Yes)]
    public void Tool_and_part(string tool, string part, Suits suits) =>
        Check(tool.StartsWith("screw", StringComparison.Ordinal) ? PairKind.Drives : PairKind.Threads, tool, part)
            .ShouldBe(suits);

    [Theory]
    [InlineData(4.3, 4, Suits.No)]
    [InlineData(4.4, 4, Suits.Barely)]
    [InlineData(5.9, 4, Suits.Barely)]
    [InlineData(6, 4, Suits.Yes)]
    public void A_lace_and_its_hole(double hole, double lace, Suits suits) =>
        Shipped
            .Check(PairKind.Threads, Things.Thing("lace", Shape.Rod, 900, lace, 0), Things.Thing("bead", hole: hole))
            .Suits.ShouldBe(suits);

    [Theory]
    [InlineData(35, Suits.Yes)]
    [InlineData(35.1, Suits.No)]
    public void A_screw_ends_three_mm_under_its_board(double length, Suits suits) =>
        Shipped
            .Check(
                PairKind.ScrewsInto,
                Things.Thing("screw", Shape.Rod, length, 5, 0),
                Things.Thing("board", height: 38)
            )
            .Suits.ShouldBe(suits);

    [Theory]
    [InlineData(0.3, "paper", Suits.Yes)]
    [InlineData(0.42, "card", Suits.Barely)]
    [InlineData(0.6, "card", Suits.No)]
    public void A_cutter_and_what_resists_it(double thick, string tag, Suits suits) =>
        Shipped
            .Check(
                PairKind.Cuts,
                Tool(new(null, null, 0.7, null, null, null)),
                Things.Thing("sheet", height: thick, tags: tag)
            )
            .Suits.ShouldBe(suits);

    [Fact]
    public void A_short_punch_reaches_only_the_edge()
    {
        var punch = Tool(new(null, null, 0.8, 26, null, null));
        Shipped
            .Check(PairKind.Punches, punch, Things.Thing("narrow", width: 52, height: 0.3))
            .Suits.ShouldBe(Suits.Yes);
        var (suits, reason) = Shipped.Check(PairKind.Punches, punch, Things.Thing("wide", width: 60, height: 0.3));
        suits.ShouldBe(Suits.Barely);
        reason!.ShouldContain("26 mm");
    }

    [Fact]
    public void A_joint_holds_so_many_sticks()
    {
        var dough = Tool(new(null, null, null, null, null, 4));
        Shipped.Check(PairKind.JoinsSticks, dough, dough, 4).Suits.ShouldBe(Suits.Yes);
        Shipped.Check(PairKind.JoinsSticks, dough, dough, 5).Suits.ShouldBe(Suits.No);
    }

    [Fact]
    public void A_head_of_another_kind_is_not_driven() =>
        Shipped
            .Check(
                PairKind.Drives,
                Tool(new(null, null, null, null, "cross", null)),
                Tool(new(null, null, null, null, "slot", null))
            )
            .Suits.ShouldBe(Suits.No);

    [Fact]
    public void The_worst_property_of_a_surface_decides_and_dark_is_a_property()
    {
        var table = new PairTable(
            "markers",
            ["paper", "dark"],
            new Dictionary<string, IReadOnlyDictionary<string, Suits>>
            {
                ["felt"] = new Dictionary<string, Suits> { ["paper"] = Suits.Yes, ["dark"] = Suits.No },
            },
            ""
        );
        table.Of("felt", Things.Thing("night", tags: "paper", colours: "black")).ShouldBe((Suits.No, "dark"));
        table.Of("felt", Things.Thing("mixed", tags: "paper", colours: "black white")).Suits.ShouldBe(Suits.Yes);
        table.Of("unknown", Things.Thing("night", tags: "paper", colours: "black")).Suits.ShouldBe(Suits.Yes);
    }

    private static Suits Check(PairKind kind, string with, string on) =>
        Shipped.Check(kind, Published.Content.Material(with)!, Published.Content.Material(on)!).Suits;

    private static Material Tool(Fitting fitting) => Things.Thing("tool") with { Fitting = fitting };
}
