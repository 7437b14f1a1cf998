using Nido.Core.Making;

namespace Nido.Core.Tests.Making;

/// <summary>Zero, negative, endless, not a number, impossible geometry: refused with the field, the value and the way
/// out.</summary>
public class RefusalTests
{
    private static readonly IReadOnlyDictionary<string, double> Lengths = new Dictionary<string, double>
    {
        ["red"] = 10,
    };

    public static TheoryData<string, Action> Refused { get; } =
        new()
        {
            { "outerRadius", () => ArcRows.Of(new(0, 15, 4, 14, 2, 5)) },
            { "outerRadius", () => ArcRows.Of(new(double.NaN, 15, 4, 14, 2, 5)) },
            { "pieceSize", () => ArcRows.Of(new(110, 15, 4, -14, 2, 5)) },
            { "pieceSize", () => ArcRows.Of(new(20, 5, 2, 90, 2, 5)) },
            { "gap", () => ArcRows.Of(new(110, 15, 4, 14, double.PositiveInfinity, 5)) },
            { "children", () => ArcRows.Of(new(110, 15, 4, 14, 2, 0)) },
            { "spare", () => ArcRows.Of(new(110, 15, 4, 14, 2, 5, -1)) },
            {
                "needs",
                () => PackMix.Of(new(new Dictionary<string, int>(), 10, new Dictionary<string, double> { ["red"] = 1 }))
            },
            {
                "needs.red",
                () =>
                    PackMix.Of(
                        new(
                            new Dictionary<string, int> { ["red"] = -1 },
                            10,
                            new Dictionary<string, double> { ["red"] = 1 }
                        )
                    )
            },
            {
                "packCount",
                () =>
                    PackMix.Of(
                        new(
                            new Dictionary<string, int> { ["red"] = 1 },
                            0,
                            new Dictionary<string, double> { ["red"] = 1 }
                        )
                    )
            },
            { "storeys", () => Frame.Of(new("tower", Storeys: 0)) },
            { "count", () => Frame.Of(new("cube", Count: 0)) },
            {
                "joints",
                () =>
                    Frame.Of(
                        new(
                            Sticks:
                            [
                                [0, 1],
                            ]
                        )
                    )
            },
            {
                "joints[1]",
                () =>
                    Frame.Of(
                        new(
                            Joints:
                            [
                                [0, 0, 0],
                                [0, 0, 0],
                                [1, 0, 0],
                            ],
                            Sticks:
                            [
                                [0, 1],
                            ]
                        )
                    )
            },
            {
                "joints[0]",
                () =>
                    Frame.Of(
                        new(
                            Joints:
                            [
                                [0, double.NaN, 0],
                                [0, 0, 1],
                                [1, 0, 0],
                            ],
                            Sticks:
                            [
                                [0, 1],
                            ]
                        )
                    )
            },
            { "blocks", () => StackedBlocks.Of(new([])) },
            { "blocks[1].mass", () => StackedBlocks.Of(new([new(10, 10, 10, 0), new(10, 10, 10, 0)])) },
            { "lace.diameter", () => Threading.Of(new(Lengths, ["red"], false, 100, new(0), 5)) },
            { "lace", () => Threading.Of(new(Lengths, ["red"], false, 100, null!, 5)) },
            {
                "pieceLengths.red",
                () => Threading.Of(new(new Dictionary<string, double> { ["red"] = 0 }, ["red"], false, 100, new(2), 5))
            },
            { "diameters", () => RadialCuts.Of(new(180, 0)) },
            { "strip", () => StripsSquares.Of(new(210, 297, 300, 20, SquaresPerChild: 1)) },
            { "squaresPerChild", () => StripsSquares.Of(new(210, 297, 20, 20)) },
            { "coverage", () => StripsSquares.Of(new(210, 297, 20, 20, CoverArea: 100, Coverage: 0)) },
            { "stripsAlong", () => StripsSquares.Of(new(210, 297, 20, 20, "aslant", SquaresPerChild: 1)) },
            { "names", () => NameSets.Of(new(["Bao", "Bao"])) },
            { "case", () => NameSets.Of(new(["Bao"], "wild")) },
            { "to", () => MissingNumbers.Of(new(5, 5, 1)) },
            { "gaps", () => MissingNumbers.Of(new(1, 3, 2, AvoidEnds: true)) },
            { "labels", () => FillToNumber.Of(new([], 3)) },
            { "numerals", () => Dots.Of(new([0], 6, 80, 60)) },
            { "punchReach", () => Dots.Of(new([1], 6, 80, 60, PunchReach: -3)) },
            { "kind", () => PatternCards.Of(new("ABAC", ["red", "blue"], 6)) },
            { "colours", () => PatternCards.Of(new("AB", ["red"], 6)) },
            { "colours", () => TwoEndedSticks.Of(new(["red", "red"])) },
            {
                "card[0]",
                () =>
                    TwoEndedSticks.Lay(
                        new(
                            [
                                ["red", "blue"],
                            ],
                            [
                                ["red"],
                            ]
                        )
                    )
            },
            { "piece", () => FitsThrough.Of(new(null!, new("round", 5))) },
            { "opening.width", () => FitsThrough.Of(new(new("sphere", 5), new("slot"))) },
            { "pieces", () => TwoOpeningSet.Of(new([new("sphere", 5)], new("round", 5), new("round", 9))) },
            { "tries", () => TargetGame.Of(new(1, 4, 1000, 500, 3000)) },
            { "hits", () => TargetGame.Of(new(11, 10, 1000, 500, 3000)) },
            { "distance", () => TargetGame.Of(new(1, 10, 100, 500, 3000)) },
            { "have", () => MixColours.Of(new(["mud"], ["red"])) },
            { "margin", () => SheetYield.Of(new(100, 100, 10, 10, Margin: 50)) },
            { "diameter", () => SheetYield.Of(new(100, 100, Diameter: 200)) },
            { "beadWidth", () => Glue.Of(new(100, 0)) },
            { "piece", () => CoverArea.Of(new(new("box", Length: 50, Width: 50, Height: 1), Area: 100)) },
            { "packing", () => ContainerCapacity.Of(new(100, new("sphere", 10), 2)) },
            { "volume", () => ContainerCapacity.Of(new(1, new("sphere", 50))) },
            { "material", () => PegWheel.Of(new(200, 1, "glass", 8, 5)) },
            { "screwLength", () => ScrewBoard.Of(new(0, 18, 20, "cross", "cross", Letters: "L")) },
            { "shapes", () => ScrewBoard.Of(new(10, 18, 20, "cross", "cross")) },
            { "pairs", () => SimilarSet.Of(new([new("flag", ["up", "down"])], 2)) },
            { "features[0].values", () => SimilarSet.Of(new([new("flag", ["up"])], 1)) },
            { "directions", () => DirectionStrips.Of(new(3, 2, ["up"])) },
            { "depth", () => TrayFill.Of(new(300, 200, 0, 1)) },
            {
                "ingredients[0].unit",
                () => RecipeScale.Of(new(2, 50, Ingredients: [new(InBoth.Same("salt"), 5, "handful")], Yield: 100), [])
            },
            {
                "avoid",
                () =>
                    RecipeScale.Of(
                        new(
                            2,
                            50,
                            Ingredients: [new(InBoth.Same("flour"), 5, "g", null, ["wheat"])],
                            Yield: 100,
                            Avoid: ["wheat"]
                        ),
                        []
                    )
            },
        };

    [Theory]
    [MemberData(nameof(Refused))]
    public void Says_the_field_the_value_and_what_would_be_taken(string field, Action make)
    {
        var refused = Refusals.Of(make);
        refused.Field.ShouldBe(field);
        refused.Value.Length.ShouldBeGreaterThan(0);
        $"{refused.Allowed}".ShouldNotEndWith(".");
    }
}
