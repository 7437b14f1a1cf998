using FsCheck.Xunit;
using Nido.Core.Making;

namespace Nido.Core.Tests.Making;

public class CountingTests
{
    private static readonly string[] Three = ["red", "cream", "blue"];

    [Fact]
    public void Half_circles_of_pieces()
    {
        var arc = ArcRows.Of(new(110, 15, 4, 14, 2, Children: 5, Spare: 10));
        arc.PiecesPerRow.ShouldBe([21, 18, 15, 12]);
        (arc.PerChild, arc.Total).ShouldBe((66, 363));
        arc.GuideLineLengths[0].ShouldBe(Math.PI * 110, 0.001);
        ArcRows.Of(new(110, 15, 4, 14, 2, 5, SamplePerRow: true)).PerChild.ShouldBe(62);
        Refusals.Of(() => ArcRows.Of(new(40, 15, 4, 14, 2, 5))).Allowed.ShouldContain("at most 3 rows");
    }

    [Fact]
    public void A_mixed_pack_gives_for_sure_what_its_share_says_rounded_down()
    {
        var mix = PackMix.Of(
            new(
                new Dictionary<string, int>
                {
                    ["red"] = 20,
                    ["blue"] = 9,
                    ["cream"] = 1,
                },
                50,
                new Dictionary<string, double>
                {
                    ["red"] = 0.25,
                    ["blue"] = 0.75,
                    ["cream"] = 0,
                }
            )
        );
        (mix.Packs, mix.MissingColours.Single(), mix.Leftover["red"], mix.Leftover["blue"]).ShouldBe(
            (2, "cream", 4, 65)
        );
        Refusals
            .Of(() =>
                PackMix.Of(
                    new(
                        new Dictionary<string, int> { ["red"] = 1 },
                        10,
                        new Dictionary<string, double> { ["red"] = 0.5 }
                    )
                )
            )
            .Field.ShouldBe("packShares");
    }

    [Fact]
    public void Filling_to_the_number() =>
        FillToNumber
            .Of(new([1, 2, 3, 4, 5], 3, 10))
            .ShouldSatisfyAllConditions(f => f.PerChild.ShouldBe(15), f => f.Total.ShouldBe(50));

    [Fact]
    public void Strips_then_squares_from_A4()
    {
        var cut = StripsSquares.Of(
            new(
                210,
                297,
                20,
                20,
                Children: 14,
                SquaresPerChild: 12,
                MinutesPerCut: new Dictionary<string, double> { ["3"] = 0.1 }
            )
        );
        (cut.Strips, cut.SquaresPerStrip, cut.SquaresPerSheet, cut.Cuts, cut.Snips).ShouldBe((10, 14, 140, 150, 140));
        (cut.Squares, cut.Sheets, cut.Minutes["3"]).ShouldBe((168, 2, 15));
        cut.Leftover.ShouldBe(new(10, 17));
        StripsSquares.Of(new(200, 200, 20, 20, SquaresPerChild: 1)).Cuts.ShouldBe(9 + (10 * 9));
        StripsSquares.Of(new(210, 297, 20, 20, "width", CoverArea: 10_000, Coverage: 0.5)).Squares.ShouldBe(13);
    }

    [Fact]
    public void Names_grapheme_by_grapheme()
    {
        var names = NameSets.Of(new(["Zoë", "Ana-Íñigo", "JO"], "title", TwoSets: true));
        names.Sets["Ana-Íñigo"].ShouldBe(["A", "n", "a", "Í", "ñ", "i", "g", "o"]);
        names.PerChild["Zoë"].ShouldBe(6);
        names.Pieces.ShouldBe(26);
        names.Bases.ShouldBe(new Dictionary<string, string> { ["ë"] = "e", ["Í"] = "I" }, ignoreOrder: true);
        NameSets.Of(new(["Zoe\u0308"], "upper")).Sets["Zoe\u0308"].ShouldBe(["Z", "O", "Ë"]);
        Refusals.Of(() => NameSets.Of(new(["-'"]))).Field.ShouldBe("names");
    }

    [Property(MaxTest = 100)]
    public bool Missing_numbers_keep_to_what_is_asked(byte to, byte gaps, long seed, bool ends, bool neighbours)
    {
        var ask = new MissingNumbers.Ask(1, 3 + (to % 18), 1 + (gaps % 10), seed, ends, neighbours);
        try
        {
            var line = MissingNumbers.Of(ask);
            return line.Pegs.Count == ask.Gaps
                && line.Shown.Concat(line.Pegs).Order().SequenceEqual(Enumerable.Range(1, ask.To))
                && !(ends && (line.Pegs.Contains(1) || line.Pegs.Contains(ask.To)))
                && !(neighbours && line.Pegs.Zip(line.Pegs.Skip(1)).Any(p => p.Second == p.First + 1))
                && MissingNumbers.Of(ask).Pegs.SequenceEqual(line.Pegs);
        }
        catch (MakingException e)
        {
            return e.Field == "gaps";
        }
    }

    [Fact]
    public void Dots_are_n_times_n_plus_one_over_two_and_keep_apart()
    {
        var cards = Dots.Of(new([1, 2, 3, 4, 5, 6, 7, 8, 9, 10], 8, 90, 60));
        (cards.PerSet, cards.Fits).ShouldBe((55, true));
        cards.Layout.ShouldAllBe(c => c.Dots.Count == c.Numeral);
        Dots.Of(new([10], 8, 30, 30)).Fits.ShouldBeFalse();
        var edge = Dots.Of(new([5], 6, 80, 60, Margin: 3, PunchReach: 8));
        edge.Fits.ShouldBeTrue();
        edge.Layout[0].Dots.ShouldAllBe(d => Math.Min(Math.Min(d.X, 80 - d.X), Math.Min(d.Y, 60 - d.Y)) <= 8);
        Dots.Of(new([5], 6, 80, 60, Margin: 6, PunchReach: 8)).Fits.ShouldBeFalse();
    }

    // OEIS A000031 (necklaces) and A000029 (bracelets) for 2 colours; Burnside for 3.
    [Theory]
    [InlineData(2, 6, false, 14)]
    [InlineData(2, 6, true, 13)]
    [InlineData(3, 6, false, 130)]
    [InlineData(3, 6, true, 92)]
    public void Rings_of_beads(int colours, int beads, bool flip, long rings)
    {
        string[] some = [.. Three.Take(colours)];
        var cards = PatternCards.Of(new("ring", some, beads, Flip: flip, MaxCards: 200));
        cards.Possible.ShouldBe(rings);
        cards.Cards.Count.ShouldBe((int)rings);
    }

    [Fact]
    public void Ring_counts_agree_with_trying_all()
    {
        for (var n = 2; n <= 8; n++)
        {
            for (var k = 2; k <= 3; k++)
            {
                foreach (var flip in new[] { false, true })
                {
                    var all = Enumerable
                        .Range(0, (int)Math.Pow(k, n))
                        .Select(x => Enumerable.Range(0, n).Select(p => x / (int)Math.Pow(k, p) % k).ToArray());
                    var classes = all.Select(r =>
                            Turns(r).Concat(flip ? Turns([.. r.Reverse()]) : []).Min(StringComparer.Ordinal)
                        )
                        .Distinct()
                        .Count();
                    PatternCards
                        .Of(new("ring", [.. Three.Take(k)], n, Flip: flip, MaxCards: 1))
                        .Possible.ShouldBe(classes, $"{n} {k} {flip}");
                }
            }
        }

        static IEnumerable<string> Turns(int[] r) =>
            Enumerable.Range(0, r.Length).Select(t => string.Concat(r[t..].Concat(r[..t])));
    }

    [Fact]
    public void Pattern_cards_show_two_repeats_and_stop_when_a_colour_runs_out()
    {
        var cards = PatternCards.Of(new("ABC", ["red", "cream", "blue", "green"], 6, MaxCards: 50));
        (cards.Possible, cards.Cards.Count, cards.LimitedBy).ShouldBe((24, 24, "possible"));
        cards.Cards.ShouldAllBe(c => c.Take(3).SequenceEqual(c.Skip(3)) && c.Distinct().Count() == 3);
        var few = PatternCards.Of(
            new("AB", ["red", "blue"], 4, new Dictionary<string, int> { ["red"] = 3 }, MaxCards: 50)
        );
        (few.Cards.Count, few.LimitedBy).ShouldBe((1, "red"));
        Refusals.Of(() => PatternCards.Of(new("ABC", ["red", "blue", "green"], 5))).Field.ShouldBe("length");
        Refusals.Of(() => PatternCards.Of(new("ABC", ["red", "blue"], 6))).Field.ShouldBe("colours");
    }

    [Fact]
    public void Two_ended_sticks_and_their_cards()
    {
        string[] five = ["red", "cream", "blue", "green", "white"];
        TwoEndedSticks.Of(new(five)).Distinct.ShouldBe(10);
        TwoEndedSticks.Of(new(five, SameEnds: true)).Sticks.Count.ShouldBe(15);
        var set = TwoEndedSticks.Of(new(five)).Sticks;
        TwoEndedSticks
            .Lay(
                new(
                    set,
                    [
                        ["red", "cream"],
                        ["cream", "blue"],
                        ["blue", "red"],
                    ],
                    MustTouch: true
                )
            )
            .Buildable.ShouldBeTrue();
        var wrong = TwoEndedSticks.Lay(
            new(
                set,
                [
                    ["red", "cream"],
                    ["blue", "green"],
                    ["green", "blue"],
                ],
                MustTouch: true
            )
        );
        (wrong.Buildable, wrong.WrongJoin, wrong.Missing.Count).ShouldBe((false, 0, 1));
    }

    [Property(MaxTest = 50)]
    public bool Pairs_of_pictures_differ_in_exactly_so_many_features(byte by, long seed)
    {
        SimilarSet.Feature[] features =
        [
            new("stamp", ["red", "blue"]),
            new("flag", ["up", "down", "none"]),
            new("number", ["1", "2", "3", "4"]),
        ];
        var differ = 1 + (by % 3);
        var set = SimilarSet.Of(new(features, 6, differ, seed));
        return set.Pairs.Count == 6
            && set.Pairs.All(p =>
                p.Differ.Count == differ && features.Count(f => p.First[f.Name] != p.Second[f.Name]) == differ
            );
    }

    [Fact]
    public void Direction_strips_are_all_different_and_add_up()
    {
        var strips = DirectionStrips.Of(new(3, 8, ["up", "right"], 5));
        strips.Strips.Select(s => string.Concat(s)).Distinct().Count().ShouldBe(8);
        (strips.Pieces, strips.Counts.Values.Sum()).ShouldBe((24, 24));
        Refusals.Of(() => DirectionStrips.Of(new(3, 9, ["up", "right"]))).Field.ShouldBe("strips");
    }
}
