namespace Nido.Core.Paper;

/// <summary>A piece of a run: straight where it has no bend, else a cubic curve with two handles.</summary>
public readonly record struct Piece(At? First, At? Second, At To)
{
    /// <summary>A straight piece.</summary>
    public static Piece Line(At to) => new(null, null, to);

    /// <summary>A curve.</summary>
    public static Piece Curve(At first, At second, At to) => new(first, second, to);
}

/// <summary>A line without lifting the pencil.</summary>
public sealed record Run(At Start, IReadOnlyList<Piece> Pieces, bool Closed)
{
    /// <summary>Where it ends.</summary>
    public At End => Closed || Pieces.Count == 0 ? Start : Pieces[^1].To;

    /// <summary>Places along it, close enough that straight lines between them are off by less than 0.02 mm on
    /// paper.</summary>
    public IReadOnlyList<At> Along(int perCurve = 24)
    {
        var places = new List<At> { Start };
        var from = Start;
        foreach (var piece in Pieces)
        {
            if (piece is { First: { } a, Second: { } b })
            {
                for (var k = 1; k <= perCurve; k++)
                {
                    places.Add(OnCurve(from, a, b, piece.To, k / (double)perCurve));
                }
            }
            else
            {
                places.Add(piece.To);
            }

            from = piece.To;
        }

        if (Closed && from.To(Start) > 1e-9)
        {
            places.Add(Start);
        }

        return places;
    }

    private static At OnCurve(At p, At a, At b, At q, double t)
    {
        var u = 1 - t;
        return (p * (u * u * u)) + (a * (3 * u * u * t)) + (b * (3 * u * t * t)) + (q * (t * t * t));
    }
}

/// <summary>What is drawn: runs of straight and curved pieces, mm.</summary>
public sealed record Figure(IReadOnlyList<Run> Runs)
{
    /// <summary>How long it is to draw or cut, mm.</summary>
    public double Length => Runs.Sum(r => r.Along(64).Zip(r.Along(64).Skip(1), (a, b) => a.To(b)).Sum());

    /// <summary>What it covers on the page.</summary>
    public Box Bounds => Box.Around(Runs.SelectMany(r => r.Along()));

    /// <summary>Area inside its closed runs, mm².</summary>
    public double Area =>
        Runs.Where(r => r.Closed)
            .Sum(r => Math.Abs(r.Along(64).Zip(r.Along(64).Skip(1), (a, b) => (a.X * b.Y) - (b.X * a.Y)).Sum()) / 2);

    /// <summary>Elsewhere.</summary>
    public Figure Moved(double x, double y) => Each(p => new(p.X + x, p.Y + y));

    /// <summary>Larger or smaller about the upper left corner.</summary>
    public Figure Scaled(double k) => Each(p => p * k);

    /// <summary>Turned clockwise about a place.</summary>
    public Figure Turned(double degrees, At about)
    {
        var (sin, cos) = Math.SinCos(degrees * Math.PI / 180);
        return Each(p =>
            new(
                about.X + ((p.X - about.X) * cos) - ((p.Y - about.Y) * sin),
                about.Y + ((p.X - about.X) * sin) + ((p.Y - about.Y) * cos)
            )
        );
    }

    /// <summary>Left and right exchanged about an upright line.</summary>
    public Figure Mirrored(double x) => Each(p => new((2 * x) - p.X, p.Y));

    /// <summary>As large as fits a box, in its middle.</summary>
    public Figure In(Box box)
    {
        var at = Bounds;
        var k = Math.Min(box.Width / Math.Max(at.Width, 1e-6), box.Height / Math.Max(at.Height, 1e-6));
        return Moved(-at.Middle.X, -at.Middle.Y).Scaled(k).Moved(box.Middle.X, box.Middle.Y);
    }

    /// <summary>Two as one.</summary>
    public Figure With(Figure other) => new([.. Runs, .. other.Runs]);

    private Figure Each(Func<At, At> to) =>
        new([
            .. Runs.Select(r => new Run(
                to(r.Start),
                [
                    .. r.Pieces.Select(p => new Piece(
                        p.First is { } a ? to(a) : null,
                        p.Second is { } b ? to(b) : null,
                        to(p.To)
                    )),
                ],
                r.Closed
            )),
        ]);
}
