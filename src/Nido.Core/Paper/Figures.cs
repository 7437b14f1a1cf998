using System.Globalization;

namespace Nido.Core.Paper;

/// <summary>Figures that sheets are made of; all sizes in mm.</summary>
public static class Figures
{
    /// <summary>A straight line.</summary>
    public static Figure Line(At from, At to) => Path([from, to], closed: false);

    /// <summary>Straight lines from place to place.</summary>
    public static Figure Path(IReadOnlyList<At> places, bool closed) =>
        new([new(places[0], [.. places.Skip(1).Select(Piece.Line)], closed)]);

    /// <summary>A rectangle.</summary>
    public static Figure Rectangle(Box box) =>
        Path(
            [new(box.X, box.Y), new(box.Right, box.Y), new(box.Right, box.Bottom), new(box.X, box.Bottom)],
            closed: true
        );

    /// <summary>A circle.</summary>
    public static Figure Circle(At middle, double radius) =>
        new([ArcRun(middle, radius, radius, 0, 360) with { Closed = true }]);

    /// <summary>Part of a circle; degrees run clockwise from the right.</summary>
    public static Figure Arc(At middle, double radius, double from, double sweep) =>
        new([ArcRun(middle, radius, radius, from, sweep)]);

    /// <summary>A piece of a plate from its middle.</summary>
    public static Figure Sector(At middle, double radius, double from, double sweep)
    {
        var arc = ArcRun(middle, radius, radius, from, sweep);
        return new([new(middle, [Piece.Line(arc.Start), .. arc.Pieces], true)]);
    }

    /// <summary>A shape of so many equal sides, one of them level at its foot.</summary>
    /// <param name="middle">Middle of the circle through its corners.</param>
    /// <param name="sides">At least 3.</param>
    /// <param name="side">Length of a side.</param>
    public static Figure Regular(At middle, int sides, double side)
    {
        var radius = side / (2 * Math.Sin(Math.PI / sides));
        return Path(
            [
                .. Enumerable
                    .Range(0, sides)
                    .Select(k => At.OnCircle(middle, radius, 90 + (180.0 / sides) + (360.0 * k / sides))),
            ],
            closed: true
        );
    }

    /// <summary>A star of five points.</summary>
    public static Figure Star(At middle, double radius) =>
        Path(
            [
                .. Enumerable
                    .Range(0, 10)
                    .Select(k => At.OnCircle(middle, k % 2 == 0 ? radius : radius * 0.45, -90 + (36.0 * k))),
            ],
            closed: true
        );

    /// <summary>A wave of half circles' softness: curves of equal width up and down along a level line.</summary>
    public static Figure Wave(At from, double width, double height, int halves)
    {
        var step = width / halves;
        var pieces = new List<Piece>();
        for (var k = 0; k < halves; k++)
        {
            var (x, up) = (from.X + (k * step), k % 2 == 0 ? -1 : 1);
            // Handles at 0.3642 of a half wave and at 4/3 of the height follow a sine to within 0.6% of the height.
            pieces.Add(
                Piece.Curve(
                    new(x + (0.3642 * step), from.Y + (up * height * 2 / 3)),
                    new(x + (0.6358 * step), from.Y + (up * height * 2 / 3)),
                    new(x + step, from.Y)
                )
            );
        }

        return new([new(from, pieces, false)]);
    }

    /// <summary>Straight up and down, with corners.</summary>
    public static Figure Zigzag(At from, double width, double height, int corners) =>
        Path(
            [
                .. Enumerable
                    .Range(0, corners + 2)
                    .Select(k => new At(
                        from.X + (width * k / (corners + 1)),
                        from.Y
                            + (
                                k == 0 || k == corners + 1 ? 0
                                : k % 2 == 1 ? -height / 2
                                : height / 2
                            )
                    )),
            ],
            closed: false
        );

    /// <summary>A spiral from outside in, of half circles.</summary>
    public static Figure Spiral(At middle, double radius, double gap)
    {
        var runs = new List<Piece>();
        var (x, r) = (middle.X, radius);
        At? start = null;
        for (var half = 0; r > gap / 2; half++)
        {
            var arc = ArcRun(new(x, middle.Y), r, r, half % 2 == 0 ? 180 : 0, 180);
            start ??= arc.Start;
            runs.AddRange(arc.Pieces);
            // The next half circle is smaller by half a gap and begins where this one ends.
            (x, r) = (half % 2 == 0 ? x + (gap / 2) : x - (gap / 2), r - (gap / 2));
        }

        return new([new(start ?? middle, runs, false)]);
    }

    /// <summary>
    /// A figure of a short text: M x y begins a run, L x y goes straight, C x y x y x y bends, A x y rx ry from sweep
    /// follows an
    /// ellipse (degrees clockwise from the right), Z closes.
    /// </summary>
    public static Figure Of(string text)
    {
        var runs = new List<Run>();
        At? start = null;
        var pieces = new List<Piece>();
        void End(bool closed)
        {
            if (start is { } s && pieces.Count > 0)
            {
                runs.Add(new(s, [.. pieces], closed));
            }

            start = null;
            pieces.Clear();
        }

        var words = text.Split((char[])[' ', '|'], StringSplitOptions.RemoveEmptyEntries);
        var n = 0;
        double Next() => double.Parse(words[n++], CultureInfo.InvariantCulture);
        At Place() => new(Next(), Next());
        while (n < words.Length)
        {
            switch (words[n++])
            {
                case "M":
                    End(closed: false);
                    start = Place();
                    break;
                case "L":
                    pieces.Add(Piece.Line(Place()));
                    break;
                case "C":
                    pieces.Add(Piece.Curve(Place(), Place(), Place()));
                    break;
                case "A":
                    var (middle, rx, ry) = (Place(), Next(), Next());
                    var arc = ArcRun(middle, rx, ry, Next(), Next());
                    if (start is null)
                    {
                        start = arc.Start;
                    }
                    else if (arc.Start.To(pieces.Count > 0 ? pieces[^1].To : start.Value) > 1e-6)
                    {
                        pieces.Add(Piece.Line(arc.Start));
                    }

                    pieces.AddRange(arc.Pieces);
                    break;
                default:
                    End(closed: true);
                    break;
            }
        }

        End(closed: false);
        return new(runs);
    }

    // Quarter circles at most: a cubic is off by less than 0.03% of the radius then.
    private static Run ArcRun(At middle, double rx, double ry, double from, double sweep)
    {
        var parts = Math.Max(1, (int)Math.Ceiling((Math.Abs(sweep) / 90) - 1e-9));
        var step = sweep / parts * Math.PI / 180;
        var handle = 4.0 / 3 * Math.Tan(step / 4);
        At On(double a) => new(middle.X + (rx * Math.Cos(a)), middle.Y + (ry * Math.Sin(a)));
        At Way(double a) => new(-rx * Math.Sin(a) * handle, ry * Math.Cos(a) * handle);
        var begin = from * Math.PI / 180;
        return new(
            On(begin),
            [
                .. Enumerable
                    .Range(0, parts)
                    .Select(k =>
                    {
                        var (a, b) = (begin + (k * step), begin + ((k + 1) * step));
                        return Piece.Curve(On(a) + Way(a), On(b) - Way(b), On(b));
                    }),
            ],
            false
        );
    }
}
