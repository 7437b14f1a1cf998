using Nido.Core.Making;
using Nido.Core.Paper;
using Nido.Core.Paper.Kinds;

namespace Nido.Core.Tests.Paper;

/// <summary>Lengths, distances and places of what is drawn, against geometry.</summary>
public sealed class FigureTests
{
    [Theory]
    [InlineData(5)]
    [InlineData(42.5)]
    [InlineData(90)]
    public void A_circle_is_as_long_as_pi_says_to_a_tenth_of_a_millimetre(double radius)
    {
        var circle = Figures.Circle(new(100, 100), radius);
        circle.Length.ShouldBe(2 * Math.PI * radius, 0.1);
        circle.Area.ShouldBe(Math.PI * radius * radius, radius * 0.5);
        circle.Runs[0].Along().ShouldAllBe(p => Math.Abs(p.To(new(100, 100)) - radius) < 0.03);
    }

    [Theory]
    [InlineData(3)]
    [InlineData(5)]
    [InlineData(6)]
    public void A_regular_shape_has_sides_of_the_length_asked(int sides)
    {
        var places = Figures.Regular(new(50, 50), sides, 31).Runs[0].Along();
        places.Zip(places.Skip(1), (a, b) => a.To(b)).ShouldAllBe(side => Math.Abs(side - 31) < 1e-9);
        // It stands on a side.
        places.Max(p => p.Y).ShouldBe(places.OrderByDescending(p => p.Y).ElementAt(1).Y, 1e-9);
    }

    [Theory]
    [InlineData("square")]
    [InlineData("circle")]
    [InlineData("triangle")]
    [InlineData("house")]
    [InlineData("star")]
    [InlineData("hexagon")]
    [InlineData("rectangle")]
    public void The_easy_line_outside_is_everywhere_as_far_from_the_exact_one(string shape)
    {
        var exact = ShapeOf.Figure(shape, 90).Moved(60, 60);
        foreach (var far in new[] { 3.0, 9, 15 })
        {
            var inner = exact.Runs[0].Along(32);
            var outer = Outside.Of(exact, far);
            foreach (var p in outer.Runs[0].Along().Concat(Middles(outer)))
            {
                inner.Zip(inner.Skip(1), (a, b) => p.ToLine(a, b)).Min().ShouldBe(far, 0.1, $"{shape} {far} at {p}");
            }
        }
    }

    [Fact]
    public void Two_lines_are_as_long_as_geometry_says()
    {
        // A line outside a convex shape is longer by a full circle of its distance (Steiner's formula).
        foreach (var shape in new[] { "square", "circle", "triangle", "hexagon", "rectangle" })
        {
            var made = TwoLines.Of(new(shape, 90, 9));
            (made.OuterLength - made.InnerLength).ShouldBe(2 * Math.PI * 9, 0.1, shape);
            made.Constant.ShouldBeTrue(shape);
        }

        TwoLines.Of(new("square", 90, 9)).InnerLength.ShouldBe(360, 1e-6);
        TwoLines.Of(new("square", 300, 9)).FitsA4.ShouldBeFalse();
        Should.Throw<MakingException>(() => TwoLines.Of(new("square", 90, 60))).Field.ShouldBe("distance");
    }

    [Fact]
    public void A_spiral_keeps_its_gap_and_ends_inside()
    {
        var places = Figures.Spiral(new(0, 0), 80, 20).Runs[0].Along();
        // Where it crosses the line to the left, a turn apart.
        double[] left = [.. places.Where(p => Math.Abs(p.Y) < 0.2 && p.X < 0).Select(p => -p.X).Distinct()];
        left.Zip(left.Skip(1), (a, b) => a - b).Where(gap => gap > 1).ShouldAllBe(gap => Math.Abs(gap - 20) < 0.2);
        left.Max().ShouldBe(80, 1e-6);
    }

    [Fact]
    public void Places_along_a_line_are_evenly_far_apart_along_it()
    {
        var wave = Figures.Wave(new(10, 50), 160, 12, 4);
        var places = Spaced.Along(wave, 9, closed: false);
        (places[0].To(new(10, 50)) < 1e-9 && places[^1].To(new(170, 50)) < 1e-6).ShouldBeTrue();
        var circle = Spaced.Along(Figures.Circle(new(0, 0), 30), 12, closed: true);
        circle
            .Zip(circle.Skip(1), (a, b) => a.To(b))
            .ShouldAllBe(d => Math.Abs(d - (2 * 30 * Math.Sin(Math.PI / 12))) < 0.05);
    }

    [Fact]
    public void Turning_mirroring_and_moving_keep_lengths()
    {
        var figure = Figures.Zigzag(new(0, 0), 120, 30, 5);
        foreach (var moved in new[] { figure.Turned(37, new(5, 9)), figure.Mirrored(50), figure.Moved(3, -8) })
        {
            moved.Length.ShouldBe(figure.Length, 1e-9);
        }

        figure.Scaled(2.5).Length.ShouldBe(2.5 * figure.Length, 1e-9);
        figure
            .Mirrored(50)
            .Mirrored(50)
            .Runs[0]
            .Along()
            .Zip(figure.Runs[0].Along(), (a, b) => a.To(b))
            .ShouldAllBe(d => d < 1e-9);
    }

    [Fact]
    public void Every_capital_small_letter_and_numeral_has_its_strokes_within_the_field()
    {
        foreach (
            var sign in Enumerable
                .Range('A', 26)
                .Concat(Enumerable.Range('a', 26))
                .Concat(Enumerable.Range('0', 10))
                .Select(c => $"{(char)c}")
                .Concat(["ñ", "Ñ", "é", "Á", "ü", "í"])
        )
        {
            var strokes = Skeleton.Of(sign).ShouldNotBeNull(sign);
            var box = Box.Around(strokes.SelectMany(s => s.Runs.SelectMany(r => r.Along())));
            (box.X >= -1.1 && box.Y >= -3.2 && box.Bottom <= 14.1 && box.Right <= 9.1).ShouldBeTrue(
                $"{sign} covers {box}"
            );
            strokes.ShouldAllBe(s => s.Runs.Count == 1);
        }

        Skeleton.Of("ñ")!.Count.ShouldBe(Skeleton.Of("n")!.Count + 1);
        Skeleton.Of("í")!.Count.ShouldBe(Skeleton.Of("i")!.Count, "an accent takes the place of the dot");
        Skeleton.Of("ж").ShouldBeNull();
    }

    [Fact]
    public void Forms_to_trace_come_in_the_order_in_which_most_children_copy_them() =>
        // Order of copied forms of the developmental test of visual-motor integration; from memory.
        TraceForms.Order.ShouldBe([
            "down",
            "across",
            "circle",
            "cross",
            "rightSlant",
            "square",
            "leftSlant",
            "slantingCross",
            "triangle",
        ]);

    [Theory]
    [InlineData("dice", 6)]
    [InlineData("frame", 10)]
    [InlineData("scattered", 10)]
    public void Dots_of_a_card_are_as_many_as_it_says_and_never_touch(string lie, int most)
    {
        var chance = new SeededChance(3);
        for (var n = 1; n <= most; n++)
        {
            for (var k = 0; k < 40; k++)
            {
                var places = DotCards.Places(lie, n, new(0, 0, 60, 60), chance);
                places.Count.ShouldBe(n);
                for (var i = 0; i < n; i++)
                {
                    places.Skip(i + 1).ShouldAllBe(p => p.To(places[i]) > 2 * 60 * 0.0875 - 1e-9);
                }
            }
        }
    }

    /// <summary>Fixed polyedges on the square lattice: 6 of two sticks, 22 of three (OEIS A096267; from
    /// memory).</summary>
    [Theory]
    [InlineData(2, 6)]
    [InlineData(3, 22)]
    public void Of_few_sticks_there_are_as_many_pictures_as_counted(int sticks, int known)
    {
        var seen = Enumerable
            .Range(1, 60)
            .SelectMany(seed => StickCards.Of(new(sticks, 40, 50, "quarter", seed)).Cards)
            .Select(c => string.Join(' ', Edges(c, 40).Order()))
            .ToHashSet();
        seen.Count.ShouldBe(known);
    }

    [Theory]
    [InlineData("quarter")]
    [InlineData("sixth")]
    public void Pictures_of_sticks_can_be_laid(string turns)
    {
        foreach (var card in StickCards.Of(new(9, 35, 30, turns, 5)).Cards)
        {
            var lines = card.Sticks.Select(s => (From: new At(s.FromX, s.FromY), To: new At(s.ToX, s.ToY))).ToArray();
            lines.ShouldAllBe(l => Math.Abs(l.From.To(l.To) - 35) < 0.01);
            for (var k = 1; k < lines.Length; k++)
            {
                lines[..k].Any(l => Touch(l, lines[k])).ShouldBeTrue("each touches one that lies already");
                lines[..k].ShouldAllBe(l => !Cross(l, lines[k]));
            }
        }
    }

    private static IEnumerable<string> Edges(StickCards.Card card, double length)
    {
        var (x, y) = (card.Sticks.Min(s => Math.Min(s.FromX, s.ToX)), card.Sticks.Min(s => Math.Min(s.FromY, s.ToY)));
        (int, int) Place(double px, double py) =>
            ((int)Math.Round((px - x) / length), (int)Math.Round((py - y) / length));
        return card
            .Sticks.Select(s => (A: Place(s.FromX, s.FromY), B: Place(s.ToX, s.ToY)))
            .Select(e => e.A.CompareTo(e.B) < 0 ? $"{e.A}{e.B}" : $"{e.B}{e.A}");
    }

    private static bool Touch((At From, At To) a, (At From, At To) b) =>
        new[] { a.From, a.To }.Any(p => new[] { b.From, b.To }.Any(q => p.To(q) < 0.01));

    /// <summary>They meet elsewhere than at their ends, or lie on each other.</summary>
    private static bool Cross((At From, At To) a, (At From, At To) b)
    {
        // Ten inner places of one, none of them on the other.
        return Enumerable
            .Range(1, 9)
            .Select(k => a.From + ((a.To - a.From) * (k / 10.0)))
            .Any(p => p.ToLine(b.From, b.To) < 0.5);
    }

    private static IEnumerable<At> Middles(Figure figure)
    {
        var places = figure.Runs[0].Along();
        return places.Zip(places.Skip(1), (a, b) => (a + b) * 0.5);
    }
}
