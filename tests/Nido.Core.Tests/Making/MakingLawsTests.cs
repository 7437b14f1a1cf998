using FsCheck.Xunit;
using Nido.Core.Making;

namespace Nido.Core.Tests.Making;

/// <summary>What must hold whatever is asked.</summary>
public class MakingLawsTests
{
    private static readonly string[] Colours = ["red", "cream", "blue", "green", "white"];

    [Property(MaxTest = 100)]
    public bool Pieces_of_an_arc_never_overlap_and_one_more_would(byte radius, byte size, byte gap)
    {
        var (r, s, g) = (60.0 + radius, 5.0 + (size % 30), gap % 6);
        var pieces = ArcRows.Of(new(r, 10, 1, s, g, 1)).PiecesPerRow[0];
        var length = Math.PI * r;
        return (pieces * (s + g)) - g <= length + 1e-6 && ((pieces + 1) * (s + g)) - g > length - 1e-6;
    }

    [Property(MaxTest = 100)]
    public bool Packs_give_enough_and_one_fewer_would_not(byte red, byte blue, byte pack, byte share)
    {
        var (count, part) = (4 + (pack % 60), (1 + (share % 9)) / 10.0);
        var needs = new Dictionary<string, int> { ["red"] = 1 + (red % 90), ["blue"] = 1 + (blue % 90) };
        var shares = new Dictionary<string, double> { ["red"] = part, ["blue"] = 1 - part };
        var mix = PackMix.Of(new(needs, count, shares));
        int Gives(string colour) => (int)Math.Floor((count * shares[colour]) + 1e-9);
        string[] given = [.. needs.Keys.Where(c => Gives(c) > 0)];
        return mix.MissingColours.All(c => Gives(c) == 0)
            && given.All(c => mix.Packs * Gives(c) >= needs[c] && mix.Leftover[c] == (mix.Packs * Gives(c)) - needs[c])
            && (mix.Packs == 0 || given.Any(c => (mix.Packs - 1) * Gives(c) < needs[c]));
    }

    [Property(MaxTest = 100)]
    public bool Strips_squares_and_leftovers_add_up_to_the_sheet(
        byte width,
        byte height,
        byte strip,
        byte square,
        bool along
    )
    {
        var (w, h, s, q) = (100.0 + width, 100.0 + height, 5.0 + (strip % 60), 5.0 + (square % 60));
        var cut = StripsSquares.Of(new(w, h, s, q, along ? "height" : "width", 3, 10));
        var (across, length, restAcross, restLength) = along
            ? (w, h, cut.Leftover.Width, cut.Leftover.Height)
            : (h, w, cut.Leftover.Height, cut.Leftover.Width);
        return Math.Abs((cut.Strips * s) + restAcross - across) < 0.01
            && Math.Abs((cut.SquaresPerStrip * q) + restLength - length) < 0.01
            && restAcross < s
            && restLength < q
            && cut.Sheets * cut.SquaresPerSheet >= cut.Squares
            && (cut.Sheets - 1) * cut.SquaresPerSheet < cut.Squares
            && cut.Cuts >= cut.SquaresPerSheet - 1;
    }

    [Property(MaxTest = 100)]
    public bool Threaded_repeats_are_whole_and_one_more_would_not_go_on(
        byte a,
        byte b,
        ushort target,
        bool mirrored,
        bool doubled
    )
    {
        var lengths = new Dictionary<string, double> { ["red"] = 3 + (a % 30), ["blue"] = 3 + (b % 30) };
        var length = 300.0 + (target % 800);
        var thread = Threading.Of(new(lengths, ["red", "blue"], mirrored, length, new(2, Doubled: doubled), 6));
        var unit = (lengths["red"] + lengths["blue"]) * (mirrored ? 2 : 1);
        var usable = doubled ? length / 2 : length;
        return Math.Abs(thread.ThreadedLength - (thread.Repeats * unit)) < 1e-6
            && thread.ThreadedLength <= usable + 1e-6
            && thread.ThreadedLength + unit > usable
            && thread.PerColour["red"] == thread.PerColour["blue"]
            && thread.LaceLength >= thread.ThreadedLength;
    }

    [Property(MaxTest = 60)]
    public bool A_block_put_on_a_standing_tower_right_above_its_centre_leaves_it_standing(byte[] offsets)
    {
        StackedBlocks.Block[] tower =
        [
            new(300, 300, 10, 0),
            .. offsets.Take(6).Select(o => new StackedBlocks.Block(80, 80, 30, 50, (o % 30) - 15)),
        ];
        if (tower.Length < 2 || StackedBlocks.Of(new(tower)) is not { Stands: true } before)
        {
            return true;
        }

        var (x, y) = (before.CentreOfMass[0], before.CentreOfMass[1]);
        var more = StackedBlocks.Of(new([.. tower, new(80, 80, 30, 50, x, y)]));
        return more.Joints[0].MarginMm >= before.Joints[0].MarginMm - 0.01;
    }

    [Property(MaxTest = 60)]
    public bool A_stack_weighed_by_hand(byte[] offsets, byte[] masses)
    {
        var upper = offsets
            .Zip(masses)
            .Take(5)
            .Select(p => new StackedBlocks.Block(60, 60, 20, 1 + p.Second, (p.First % 50) - 25))
            .ToArray();
        if (upper.Length == 0)
        {
            return true;
        }

        StackedBlocks.Block[] all = [new(200, 200, 20, 0), .. upper];
        var stands = Enumerable
            .Range(1, upper.Length)
            .All(k =>
            {
                var above = all.Skip(k).ToArray();
                var centre = above.Sum(b => b.Mass * b.OffsetX) / above.Sum(b => b.Mass);
                var (left, right) = (
                    Math.Max(all[k - 1].OffsetX - (all[k - 1].Width / 2), all[k].OffsetX - 30),
                    Math.Min(all[k - 1].OffsetX + (all[k - 1].Width / 2), all[k].OffsetX + 30)
                );
                return centre >= left - 1e-6 && centre <= right + 1e-6;
            });
        return StackedBlocks.Of(new(all)).Stands == stands;
    }

    [Property(MaxTest = 80)]
    public bool Rectangles_of_a_sheet_lie_inside_and_apart(byte w, byte h, byte a, byte b, byte gap)
    {
        var (width, height, pw, ph, g) = (80.0 + w, 80.0 + h, 10.0 + (a % 60), 10.0 + (b % 60), gap % 5);
        var sheet = SheetYield.Of(new(width, height, pw, ph, Margin: 4, Gap: g));
        var (x, y) = sheet.Turned ? (ph, pw) : (pw, ph);
        var p = sheet.Positions;
        return p.All(c =>
                c.X >= 4 - 0.01 && c.Y >= 4 - 0.01 && c.X + x <= width - 4 + 0.01 && c.Y + y <= height - 4 + 0.01
            )
            && p.Select(
                    (c, i) =>
                        p.Skip(i + 1)
                            .All(d => Math.Abs(c.X - d.X) >= x + g - 0.01 || Math.Abs(c.Y - d.Y) >= y + g - 0.01)
                )
                .All(ok => ok)
            && sheet.PerSheet * pw * ph <= width * height;
    }

    [Property(MaxTest = 80)]
    public bool A_ball_passes_where_a_smaller_ball_does_not_only(byte diameter, byte opening)
    {
        var (d, o) = (5.0 + diameter, 5.0 + opening);
        var passes = FitsThrough.Of(new(new("sphere", d), new("round", o))).Passes;
        var smaller = FitsThrough.Of(new(new("sphere", d - 2), new("round", o))).Passes;
        var slot = FitsThrough.Of(new(new("sphere", d), new("slot", Width: o + 10, Height: o))).Passes;
        return passes == (d <= o) && (!passes || smaller) && passes == slot;
    }

    [Property(MaxTest = 60)]
    public bool Every_card_of_a_pattern_can_be_laid_from_what_is_there(
        byte colours,
        byte available,
        long seed,
        bool ring
    )
    {
        string[] some = [.. Colours.Take(2 + (colours % 4))];
        var there = some.ToDictionary(c => c, c => (available + c.Length) % 25);
        var cards = PatternCards.Of(new(ring ? "ring" : "AAB", some, 6, there, Flip: true, MaxCards: 20, Seed: seed));
        return some.All(c => cards.Cards.Sum(card => card.Count(x => x == c)) <= there[c])
            && cards.Cards.Select(c => string.Join(' ', c)).Distinct().Count() == cards.Cards.Count
            && cards.Cards.Count <= cards.Possible;
    }

    [Property(MaxTest = 60)]
    public bool Sticks_of_a_set_lay_any_card_made_of_them(byte colours, long seed)
    {
        var set = TwoEndedSticks.Of(new([.. Colours.Take(3 + (colours % 3))])).Sticks;
        var chance = new SeededChance((ulong)seed);
        string[][] card =
        [
            .. set.OrderBy(_ => chance.Next(1000)).Take(4).Select(s => chance.Next(2) == 0 ? s : [s[1], s[0]]),
        ];
        var laid = TwoEndedSticks.Lay(new(set, card));
        var twice = TwoEndedSticks.Lay(new(set, [.. card, card[0]]));
        return laid.Buildable && !twice.Buildable && twice.Missing.Count == 1;
    }

    [Property(MaxTest = 100)]
    public bool A_target_never_leaves_the_room_and_more_hits_never_bring_it_nearer(byte hits, byte distance)
    {
        var (h, d) = (hits % 10, 600.0 + (distance * 8));
        var now = TargetGame.Of(new(h, 10, d, 500, 3000));
        var better = TargetGame.Of(new(h + 1, 10, d, 500, 3000));
        return now.NextDistance is >= 500 and <= 3000 && better.NextDistance >= now.NextDistance;
    }

    [Property(MaxTest = 60)]
    public bool A_batch_is_at_least_what_is_needed_and_at_most_a_quarter_more(
        byte children,
        byte each,
        bool us,
        byte which
    )
    {
        var recipes = Published.Content.Recipes;
        var recipe = recipes[which % recipes.Count];
        var (n, amount) = (1 + (children % 40), 20.0 + each);
        var made = RecipeScale.Of(new(n, amount, recipe.Id, Measures: us ? "us" : "metric"), recipes);
        return made.BatchYield >= (n * amount) - 0.01
            && made.BatchYield <= (1.25 * n * amount) + 0.01
            && made.Ingredients.Count == recipe.Ingredients.Count
            && made.Ingredients.All(i => Math.Abs(i.Error) <= made.MaxRatioError + 1e-4)
            && made.Ingredients.All(i => i.ShownAmount > 0);
    }

    [Property(MaxTest = 60)]
    public bool What_is_avoided_is_in_no_batch(byte which, bool wheat)
    {
        var recipes = Published.Content.Recipes;
        var recipe = recipes[which % recipes.Count];
        var avoid = wheat ? "wheat" : "milk";
        try
        {
            var made = RecipeScale.Of(new(4, 100, recipe.Id, Avoid: [avoid]), recipes);
            return !made.Allergens.Contains(avoid) && recipes.Single(r => r.Id == made.Variant).Family == recipe.Family;
        }
        catch (MakingException e)
        {
            return e.Field == "avoid"
                && recipes.Where(r => r.Family == recipe.Family).All(r => r.Allergens.Contains(avoid));
        }
    }

    [Property(MaxTest = 60)]
    public bool A_wheel_that_holds_so_many_pegs_holds_fewer(byte diameter, byte thickness, byte mass)
    {
        var ask = new PegWheel.Ask(120 + diameter, 0.5 + (thickness % 30 / 10.0), "card", 3 + (mass % 20), 1);
        var most = PegWheel.Of(ask).MostPegs;
        return most is 0 or 500
            || (PegWheel.Of(ask with { Pegs = most }).Holds && !PegWheel.Of(ask with { Pegs = most + 1 }).Holds);
    }

    [Property(MaxTest = 40)]
    public bool Screws_stand_no_farther_apart_than_the_spacing(byte width, byte height, byte spacing)
    {
        var (w, h, s) = (50.0 + width, 50.0 + height, 10.0 + (spacing % 60));
        var board = ScrewBoard.Of(new(10, 20, s, "cross", "cross", [new("rectangle", w, h)]));
        // Round the rectangle every screw has a neighbour on either side.
        return board.Positions.All(p =>
                board.Positions.Count(q => q != p && Math.Abs(p.X - q.X) + Math.Abs(p.Y - q.Y) <= s + 0.01) >= 2
            )
            && board.Screws == 2 * (Math.Ceiling((w / s) - 1e-9) + Math.Ceiling((h / s) - 1e-9));
    }

    [Fact]
    public void A_mix_is_the_same_paint_however_it_is_come_by()
    {
        // Purple and white, or red, blue and white: three parts of white to one of purple either way.
        var direct = MixColours.Of(new(["purple", "white"], ["lilac"])).Recipes[0].Parts;
        var through = MixColours.Of(new(["red", "blue", "white"], ["lilac"])).Recipes[0].Parts;
        Share(direct, "white").ShouldBe(0.75);
        Share(through, "white").ShouldBe(0.75);
        through.Where(p => p.Colour != "white").ShouldAllBe(p => p.Parts == through[0].Parts);
        foreach (var colour in MixColours.Known)
        {
            var all = MixColours.Of(new(["red", "yellow", "blue", "white", "black"], [colour]));
            all.Recipes.Count.ShouldBe(1, colour);
            MixColours.Of(new([], [colour])).Cannot.Single().Missing.ShouldNotBeEmpty(colour);
        }

        static double Share(IReadOnlyList<MixColours.Part> parts, string colour) =>
            parts.Single(p => p.Colour == colour).Parts / (double)parts.Sum(p => p.Parts);
    }

    [Fact]
    public void Every_named_frame_stands_still_with_its_braces()
    {
        foreach (
            var shape in new[]
            {
                "square",
                "triangle",
                "cube",
                "tetrahedron",
                "square-pyramid",
                "triangular-prism",
                "octahedron",
                "icosahedron",
                "house",
            }
        )
        {
            var frame = Frame.Of(new(shape, StickLength: 80));
            var braced = Frame.Of(
                new(
                    Joints: [.. frame.Points],
                    Sticks: [.. frame.Lines, .. frame.Braces.Select(b => (int[])[b.I, b.J])],
                    StickLength: 1
                )
            );
            braced.BracesToStandStill.ShouldBe(0, shape);
            frame
                .Lines.Select(l => Distance(frame.Points[l[0]], frame.Points[l[1]]))
                .ShouldAllBe(d => Math.Abs(d - 80) < 1e-6);
        }

        static double Distance(double[] a, double[] b) => Math.Sqrt(a.Zip(b, (x, y) => (x - y) * (x - y)).Sum());
    }

    [Theory]
    [InlineData(1)]
    [InlineData(6)]
    [InlineData(20)]
    public void Dots_to_twenty_lie_on_the_card(int numeral)
    {
        var card = Dots.Of(new([numeral], 6, 90, 60)).Layout[0];
        card.Fits.ShouldBeTrue();
        card.Dots.ShouldAllBe(d => d.X >= 8 - 0.01 && d.X <= 82.01 && d.Y >= 8 - 0.01 && d.Y <= 52.01);
        card.Dots.Distinct().Count().ShouldBe(numeral);
    }
}
