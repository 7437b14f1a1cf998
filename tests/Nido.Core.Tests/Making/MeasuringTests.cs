using FsCheck.Xunit;
using Nido.Core.Making;

namespace Nido.Core.Tests.Making;

public class MeasuringTests
{
    // The harmonic stack over a table edge (book-stacking problem): 1/2, 3/4, 11/12, 25/24 of a block just balance.
    [Theory]
    [InlineData(1, 0.5)]
    [InlineData(2, 0.75)]
    [InlineData(3, 11.0 / 12)]
    [InlineData(4, 25.0 / 24)]
    public void The_harmonic_stack_just_balances(int blocks, double overhang)
    {
        StackedBlocks.Of(new(Harmonic(blocks, 1))).Stands.ShouldBeTrue();
        StackedBlocks.Of(new(Harmonic(blocks, 1.01))).Stands.ShouldBeFalse();
        Harmonic(blocks, 1)[^1].OffsetX.ShouldBe(overhang * 100, 0.001);

        // A table 100 wide whose right edge lies at 50; the topmost block reaches out by the overhang.
        static StackedBlocks.Block[] Harmonic(int n, double stretch) =>
            [
                new(100, 100, 20, 0),
                .. Enumerable
                    .Range(1, n)
                    .Select(k => new StackedBlocks.Block(
                        100,
                        100,
                        20,
                        10,
                        stretch * Enumerable.Range(0, k).Sum(i => 50.0 / (n - i))
                    )),
            ];
    }

    [Fact]
    public void A_straight_tower_tips_by_half_its_width_over_its_height()
    {
        var tower = StackedBlocks.Of(
            new([new(500, 500, 20, 0), .. Enumerable.Repeat(new StackedBlocks.Block(40, 40, 40, 50), 5)])
        );
        tower.TipAngleDeg.ShouldBe(Math.Atan2(20, 100) * 180 / Math.PI, 0.001);
        (tower.WeakestJoint, tower.MarginMm, tower.AllowedOffCentreMm[1]).ShouldBe((0, 20, 20));
        Refusals
            .Of(() => StackedBlocks.Of(new([new(10, 10, 10, 1), new(10, 10, 0, 1)])))
            .Field.ShouldBe("blocks[1].height");
    }

    [Fact]
    public void Threading_counts_whole_repeats_and_warns()
    {
        var lengths = new Dictionary<string, double> { ["red"] = 20, ["blue"] = 10 };
        var open = Threading.Of(
            new(lengths, ["red", "blue", "blue"], false, 250, new(2), 5, KnotAllowance: 60, EndCurl: 10)
        );
        (open.Repeats, open.PerColour["blue"], open.ThreadedLength, open.LaceLength, open.HoleRatio).ShouldBe(
            (6, 12, 240, 320, 2.5)
        );
        var doubled = Threading.Of(
            new(lengths, ["blue"], false, 300, new(3, Doubled: true, Stiff: true), 8, EndCurl: 20)
        );
        (doubled.Repeats, doubled.HoleRatio).ShouldBe((14, 1.333));
        doubled.Flags.ShouldContain(f => f.StartsWith("Snug"));
        Threading
            .Of(new(lengths, ["red", "blue"], true, 400, new(2), 5, Closed: true))
            .ShouldSatisfyAllConditions(
                t => t.PerColour["red"].ShouldBe(12),
                t => t.LoopPerimeter.ShouldBe(360),
                t => t.Flags.ShouldContain(f => f.Contains("knot"))
            );
        Refusals.Of(() => Threading.Of(new(lengths, ["green"], false, 100, new(2), 5))).Field.ShouldBe("pattern");
        Refusals.Of(() => Threading.Of(new(lengths, ["red"], false, 15, new(2), 5))).Field.ShouldBe("targetLength");
    }

    [Theory]
    [InlineData(3, 3, true)]
    [InlineData(3, 4, false)]
    [InlineData(6, 4, true)]
    public void A_pattern_goes_round_a_plate_or_not(int diameters, int pattern, bool fits)
    {
        var plate = RadialCuts.Of(new(180, diameters, [.. Enumerable.Repeat("c", pattern)]));
        (plate.Sectors, plate.PatternFits).ShouldBe((2 * diameters, fits));
        plate.EdgeArc.ShouldBe(Math.PI * 180 / plate.Sectors, 0.001);
    }

    [Fact]
    public void What_goes_through_what()
    {
        Passes(new("sphere", 25), new("round", 25)).ShouldBeTrue();
        Passes(new("box", Length: 90, Width: 40, Height: 30), new("round", 50)).ShouldBeTrue();
        Passes(new("box", Length: 90, Width: 40, Height: 31), new("round", 50)).ShouldBeFalse();
        Passes(new("disc", 38, Height: 2), new("slot", Width: 40, Height: 3)).ShouldBeTrue();
        Passes(new("disc", 38, Height: 4), new("slot", Width: 40, Height: 3)).ShouldBeFalse();
        Passes(new("sphere", 45, Soft: true), new("round", 30)).ShouldBeTrue();
        Passes(new("box", Length: 200, Width: 50, Height: 1), new("slot", Width: 40, Height: 40)).ShouldBeTrue();
        FitsThrough
            .Of(new(new("rod", 10, 100), new("round", 12)))
            .ShouldSatisfyAllConditions(f => f.Clearance.ShouldBe(2), f => f.Turn.ShouldBe("end first"));
        Refusals.Of(() => FitsThrough.Of(new(new("rod", 10), new("round", 12)))).Field.ShouldBe("piece.length");

        static bool Passes(FitsThrough.Piece piece, FitsThrough.Opening opening) =>
            FitsThrough.Of(new(piece, opening)).Passes;
    }

    [Property(MaxTest = 60)]
    public bool A_box_passes_a_slot_when_some_slant_of_one_side_does(byte a, byte b, byte w, byte h)
    {
        var (p, q) = (5.0 + Math.Max(a, b) % 90, 2.0 + (Math.Min(a, b) % 30));
        var (width, height) = (10.0 + (w % 60), 10.0 + (h % 60));
        var found = Enumerable
            .Range(0, 1801)
            .Select(k => Math.PI / 2 * k / 1800)
            .Any(t =>
                (p * Math.Cos(t)) + (q * Math.Sin(t)) <= width + 1e-6
                && (p * Math.Sin(t)) + (q * Math.Cos(t)) <= height + 1e-6
            );
        var passes = FitsThrough
            .Of(new(new("box", Length: 9000, Width: p, Height: q), new("slot", Width: width, Height: height)))
            .Passes;
        return passes || !found;
    }

    [Fact]
    public void A_fair_sorting_set()
    {
        FitsThrough.Piece[] pieces = [new("sphere", 20, Name: "bead"), new("sphere", 40, Name: "ball")];
        var set = TwoOpeningSet.Of(new(pieces, new("round", 25), new("round", 45)));
        (set.Fair, set.Both.Single(), set.OnlyLarge.Single()).ShouldBe((true, "bead", "ball"));
        TwoOpeningSet.Of(new([.. pieces, new("sphere", 60)], new("round", 25), new("round", 45))).Fair.ShouldBeFalse();
    }

    [Theory]
    [InlineData(8, 10, 1250, "farther")]
    [InlineData(3, 10, 750, "nearer")]
    [InlineData(5, 10, 1000, "stay")]
    [InlineData(10, 10, 1250, "farther")]
    public void A_target_moves_with_the_hits(int hits, int tries, double next, string change)
    {
        var game = TargetGame.Of(new(hits, tries, 1000, 500, 3000));
        (game.NextDistance, game.Change).ShouldBe((next, change));
        TargetGame.Of(new(hits, tries, 1000, 1000, 1000)).Change.ShouldBe("stay");
    }

    [Fact]
    public void Colours_mixed_from_what_is_there()
    {
        var mix = MixColours.Of(new(["red", "yellow", "blue", "white"], ["green", "brown", "red", "grey", "lilac"]));
        mix.Recipes.Single(r => r.Want == "green").Parts.ShouldBe([new("blue", 1), new("yellow", 2)]);
        mix.Recipes.Single(r => r.Want == "brown")
            .Parts.Select(p => p.Colour)
            .ShouldBe(["red", "yellow", "blue"], ignoreOrder: true);
        mix.Recipes.Single(r => r.Want == "lilac").Parts.Select(p => p.Parts).Sum().ShouldBe(8);
        mix.Cannot.Single().Missing.ShouldBe(["black"]);
        Refusals.Of(() => MixColours.Of(new(["red"], ["mauve"]))).Field.ShouldBe("want");
    }

    // A4 after ISO 216: 210 × 297 mm.
    [Fact]
    public void Pieces_of_a_sheet()
    {
        var cards = SheetYield.Of(new(210, 297, 40, 60, Needed: 50));
        (cards.PerSheet, cards.Turned, cards.Sheets).ShouldBe((21, true, 3));
        cards.Positions.Count.ShouldBe(21);
        cards.WastePercent.ShouldBe(100 * (1 - (21 * 2400.0 / (210 * 297))), 0.06);
        SheetYield.Of(new(210, 297, Diameter: 20)).Arrangement.ShouldBe("hexagonal");
        SheetYield.Of(new(100, 100, Diameter: 50)).PerSheet.ShouldBe(4);
        Refusals.Of(() => SheetYield.Of(new(210, 297, 300, 400))).Field.ShouldBe("pieceWidth");
    }

    [Property(MaxTest = 60)]
    public bool Circles_of_a_sheet_lie_inside_and_apart(byte w, byte h, byte d, byte g)
    {
        var (width, height, diameter, gap) = (60.0 + w, 60.0 + h, 8.0 + (d % 46), g % 6);
        var sheet = SheetYield.Of(new(width, height, Diameter: diameter, Margin: 3, Gap: gap));
        var p = sheet.Positions;
        return p.All(c =>
                c.X - (diameter / 2) >= 3 - 0.01
                && c.Y - (diameter / 2) >= 3 - 0.01
                && c.X + (diameter / 2) <= width - 3 + 0.01
                && c.Y + (diameter / 2) <= height - 3 + 0.01
            )
            && p.Select(
                    (a, i) =>
                        p.Skip(i + 1)
                            .All(b =>
                                Math.Sqrt(Math.Pow(a.X - b.X, 2) + Math.Pow(a.Y - b.Y, 2)) >= diameter + gap - 0.01
                            )
                )
                .All(x => x);
    }

    [Fact]
    public void Glue_areas_containers_and_trays()
    {
        Glue.Of(new(1000, 4)).MlEach.ShouldBe(6.283, 0.001);
        CoverArea
            .Of(new(new("box", Length: 20, Width: 20, Height: 1), Width: 200, Height: 100))
            .ShouldSatisfyAllConditions(c => c.Fewest.ShouldBe(30), c => c.Most.ShouldBe(40));
        ContainerCapacity
            .Of(new(1000, new("sphere", 20)))
            .ShouldSatisfyAllConditions(c => c.Fewest.ShouldBe(131), c => c.Most.ShouldBe(152));
        // Salt: 292 g in a US cup (USDA FoodData Central, from memory).
        var tray = TrayFill.Of(new(300, 200, 3, Material: "salt"));
        (tray.VolumeMl, Math.Round(tray.MassG), Math.Round(tray.Cups, 2)).ShouldBe((180, 222, 0.76));
        Refusals.Of(() => TrayFill.Of(new(300, 200, 3))).Field.ShouldBe("material");
        Refusals.Of(() => TrayFill.Of(new(300, double.PositiveInfinity, 3, 1))).Field.ShouldBe("width");
    }

    [Fact]
    public void A_peg_wheel_sags_less_when_thicker_and_more_when_held_at_the_edge()
    {
        var thin = PegWheel.Of(new(200, 1, "card", 10, 8));
        PegWheel.Of(new(200, 2, "card", 10, 8)).MostPegs.ShouldBeGreaterThan(thin.MostPegs);
        PegWheel.Of(new(200, 1, "card", 10, 8, "edge")).SagMm.ShouldBeGreaterThan(thin.SagMm);
        // Sag grows with the cube of the thickness of a plate (beam theory).
        (thin.SagMm / PegWheel.Of(new(200, 2, "card", 10, 8)).SagMm).ShouldBe(8, 0.1);
        thin.Estimate.ShouldBeTrue();
    }

    [Fact]
    public void Screws_along_a_square_and_a_letter()
    {
        var board = ScrewBoard.Of(new(30, 18, 25, "cross", "slot", [new("square", 100, 100)]));
        (board.Screws, board.Protrudes, board.DriverFits).ShouldBe((16, true, false));
        ScrewBoard
            .Of(new(15, 18, 200, "cross", "cross", Letters: "L", LetterHeight: 60))
            .ShouldSatisfyAllConditions(
                b => b.Screws.ShouldBe(3),
                b => b.Protrudes.ShouldBeFalse(),
                b => b.PreDrillMm.ShouldBe(2.8)
            );
        Refusals.Of(() => ScrewBoard.Of(new(15, 18, 20, "cross", "cross", Letters: "ß"))).Field.ShouldBe("letters");
        foreach (var letter in "ABCDEFGHIJKLMNOPQRSTUVWXYZ")
        {
            ScrewBoard.Of(new(15, 18, 30, "hex", "hex", Letters: $"{letter}")).Screws.ShouldBeGreaterThan(2);
        }
    }

    [Fact]
    public void Recipes_scale_to_what_a_kitchen_can_measure()
    {
        var dough = RecipeScale.Of(new(12, 100, "dough-wheat-cooked", Measures: "us"), Published.Content.Recipes);
        dough.BatchYield.ShouldBeInRange(1200, 1500);
        dough.MaxRatioError.ShouldBeLessThanOrEqualTo(0.05);
        dough.Allergens.ShouldBe(["wheat"]);
        dough.Ingredients.Select(i => i.Unit).ShouldContain("cup");
        var without = RecipeScale.Of(new(12, 100, "dough-wheat-cooked", Avoid: ["wheat"]), Published.Content.Recipes);
        without.Variant.ShouldNotBe("dough-wheat-cooked");
        without.Allergens.ShouldNotContain("wheat");
        RecipeScale
            .Of(
                new(
                    3,
                    10,
                    Ingredients: [new(InBoth.Same("egg"), 1, "piece"), new(InBoth.Same("water"), 7, "mL")],
                    Yield: 50,
                    YieldUnit: "g"
                ),
                []
            )
            .MaxRatioError.ShouldBeGreaterThan(0.05);
        Refusals.Of(() => RecipeScale.Of(new(3, 10, "soup"), Published.Content.Recipes)).Field.ShouldBe("recipe");
    }

    // NIST Handbook 44 appendix C (from memory): 3 teaspoons a tablespoon, 16 tablespoons a cup.
    [Theory]
    [InlineData(1.3, 0.25, "tsp")]
    [InlineData(60, 4, "tbsp")]
    [InlineData(236.588, 1, "cup")]
    [InlineData(414, 1.75, "cup")]
    public void Household_measures(double ml, double shown, string unit) =>
        HouseholdMeasures
            .Nearest(ml, us: true)
            .ShouldSatisfyAllConditions(m => m.Shown.ShouldBe(shown, 0.01), m => m.Unit.ShouldBe(unit));
}
