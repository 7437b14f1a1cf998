using System.Collections.Concurrent;
using Nido.Core.Cupboard;

namespace Nido.Core.Safety;

/// <summary>
/// The small parts test: does a thing fit wholly, in some turn and without being compressed, in a cylinder 31.7 mm
/// wide whose floor slants at 45° from 25.4 to 57.1 mm deep? Source: 16 CFR 1501.4 (from memory). A tie, to 0.1 mm,
/// counts as fitting.
/// </summary>
public static class SmallPart
{
    /// <summary>Inside diameter, mm.</summary>
    public const double Diameter = 31.7;

    /// <summary>Shallow depth, mm.</summary>
    public const double ShallowDepth = 25.4;

    /// <summary>Small ball limit for under 36 months, mm. Source: 16 CFR 1500.18(a)(17) (from memory).</summary>
    public const double SmallBall = 44.4;

    private const double Radius = Diameter / 2;
    private const double MiddleDepth = ShallowDepth + Radius;
    private const double Tie = 0.05;

    // From the rim on the shallow side to the floor on the deep side: √(31.7² + 57.1²).
    private const double LongestLine = 65.4;

    // A body never changes; the search over turns is done once for each.
    private static readonly ConcurrentDictionary<Body, bool> Known = new();

    /// <summary>
    /// Whether a body counts as a small part: by the cylinder, or as a ball up to 44.4 mm. A body of which a side is
    /// not known is taken as one. What is loose has no body.
    /// </summary>
    public static bool Is(Body body) => body.Shape != Shape.Loose && (!body.IsMeasured || Known.GetOrAdd(body, Search));

    /// <summary>
    /// The body of a soft thing pressed together to half in every direction: what a hand or a mouth can do to it. The
    /// published test does not press; this is a convention of our own.
    /// </summary>
    public static Body Squeezed(Body body) =>
        body with
        {
            Length = body.Length / 2,
            Width = body.Width / 2,
            Height = body.Height / 2,
        };

    private static bool Search(Body body) =>
        body.Shape switch
        {
            Shape.Sphere => body.Width <= SmallBall,
            Shape.Disc => RodFits(body.Width, body.Height),
            Shape.Rod => RodFits(body.Width, body.Length),
            _ => BoxFits(body.Length, body.Width, body.Height),
        };

    /// <summary>Whether a ball fits the cylinder.</summary>
    public static bool SphereFits(double diameter) => diameter <= Diameter + Tie;

    /// <summary>Whether a box fits in some turn. Sides in mm, any order.</summary>
    public static bool BoxFits(double a, double b, double c)
    {
        // Nothing thicker than the cylinder is wide can enter, and nothing longer than its longest inside line.
        var sides = new[] { a, b, c }.Order().ToArray();
        if (sides[1] > Diameter + Tie || sides[2] > LongestLine)
        {
            return false;
        }

        if (Math.Sqrt((sides[0] * sides[0]) + (sides[1] * sides[1])) <= Diameter && sides[2] <= ShallowDepth)
        {
            return true;
        }

        // The search starts from how the box lies; the three ways to begin make up for what one of them may miss.
        return Turned(sides[0], sides[1], sides[2])
            || Turned(sides[1], sides[2], sides[0])
            || Turned(sides[2], sides[0], sides[1]);
    }

    private static bool Turned(double a, double b, double c)
    {
        (double X, double Y, double Z)[] corners =
        [
            .. from sx in Signs from sy in Signs from sz in Signs select (sx * a / 2, sy * b / 2, sz * c / 2),
        ];
        return FitsInSomeTurn((turn, bound) => Needed(Array.ConvertAll(corners, p => Turned(p, turn)), bound), 3);
    }

    /// <summary>Whether a cylinder of this diameter and length (a rod, or a disc where short) fits in some
    /// turn.</summary>
    public static bool RodFits(double diameter, double length)
    {
        var smaller = Math.Min(diameter, length);
        if (smaller > Diameter + Tie || diameter > Diameter + 1 || length > LongestLine)
        {
            return false;
        }

        // Around its axis a rod looks the same from all sides; 48 rim points with a touch of excess stand for each end.
        var r = diameter / 2 / Math.Cos(Math.PI / 48);
        (double X, double Y, double Z)[] rims =
        [
            .. from s in Signs
            from i in Enumerable.Range(0, 48)
            let t = 2 * Math.PI * i / 48
            select (r * Math.Cos(t), r * Math.Sin(t), s * length / 2),
        ];
        return FitsInSomeTurn((turn, bound) => Needed(Array.ConvertAll(rims, p => Turned(p, turn)), bound), 2);
    }

    private static double[] Signs { get; } = [-1, 1];

    /// <summary>Coarse grid over turns, then a pattern search from the best of them.</summary>
    private static bool FitsInSomeTurn(Func<double[], double, double> needed, int angles)
    {
        const int Grid = 12;
        var starts = new List<(double Needed, double[] Turn)>();
        for (var i = 0; i < Math.Pow(Grid, angles); i++)
        {
            double[] turn =
            [
                Math.PI * (i % Grid) / Grid,
                Math.PI * (i / Grid % Grid) / Grid,
                Math.PI * (i / Grid / Grid) / Grid,
            ];
            starts.Add((needed(turn, double.PositiveInfinity), turn));
        }

        foreach (var (start, first) in starts.OrderBy(s => s.Needed).Take(10))
        {
            var (best, turn) = (start, (double[])first.Clone());
            for (var pace = Math.PI / Grid / 2; pace > 1e-4 && best > Radius + Tie; )
            {
                var better = false;
                for (var k = 0; k < angles; k++)
                {
                    foreach (var sign in Signs)
                    {
                        var tried = (double[])turn.Clone();
                        tried[k] += sign * pace;
                        var value = needed(tried, best);
                        if (value < best)
                        {
                            (best, turn, better) = (value, tried, true);
                        }
                    }
                }

                pace = better ? pace : pace / 2;
            }

            if (best <= Radius + Tie)
            {
                return true;
            }
        }

        return false;
    }

    /// <summary>
    /// Radius the cylinder would need for these points. The body hangs as high as the rim allows; the slanted floor
    /// then says how far it must stand off the shallow side, and the circle is centred as well as that allows.
    /// </summary>
    private static double Needed((double X, double Y, double Z)[] points, double bound)
    {
        var top = double.NegativeInfinity;
        var lean = double.PositiveInfinity;
        var flat = 0.0;
        foreach (var (x, y, z) in points)
        {
            top = Math.Max(top, z);
            lean = Math.Min(lean, z + x);
            flat = Math.Max(flat, (x * x) + (y * y));
        }

        var shift = Math.Max(0, top - lean - MiddleDepth);
        if (shift == 0 || Math.Sqrt(flat) > bound)
        {
            return Math.Sqrt(flat);
        }

        // Ternary search over the sideways place: the farthest distance is convex in it.
        double low = -Radius,
            high = Radius;
        for (var i = 0; i < 40; i++)
        {
            double a = low + ((high - low) / 3),
                b = high - ((high - low) / 3);
            (low, high) = Farthest(points, -shift, a) < Farthest(points, -shift, b) ? (low, b) : (a, high);
        }

        return Farthest(points, -shift, (low + high) / 2);
    }

    private static double Farthest((double X, double Y, double Z)[] points, double cx, double cy)
    {
        var most = 0.0;
        foreach (var (x, y, _) in points)
        {
            most = Math.Max(most, ((x - cx) * (x - cx)) + ((y - cy) * (y - cy)));
        }

        return Math.Sqrt(most);
    }

    private static (double X, double Y, double Z) Turned((double X, double Y, double Z) p, double[] turn)
    {
        // Spin about z, tilt about y, then turn about z again: every turn of a body is one of these.
        var (x0, y0) = Spin(p.X, p.Y, turn[2]);
        var (z1, x1) = Spin(p.Z, x0, turn[0]);
        var (x2, y2) = Spin(x1, y0, turn[1]);
        return (x2, y2, z1);
    }

    private static (double A, double B) Spin(double a, double b, double angle) =>
        ((a * Math.Cos(angle)) - (b * Math.Sin(angle)), (a * Math.Sin(angle)) + (b * Math.Cos(angle)));
}
