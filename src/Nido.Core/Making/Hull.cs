namespace Nido.Core.Making;

/// <summary>The outline around points on the ground.</summary>
internal static class Hull
{
    /// <summary>Corners of the convex outline, counter-clockwise (Andrew 1979).</summary>
    public static IReadOnlyList<(double X, double Y)> Of(IReadOnlyList<(double X, double Y)> points)
    {
        var sorted = points.Distinct().OrderBy(p => p.X).ThenBy(p => p.Y).ToArray();
        if (sorted.Length < 3)
        {
            return sorted;
        }

        var lower = Half(sorted);
        var upper = Half([.. sorted.Reverse()]);
        return [.. lower.SkipLast(1), .. upper.SkipLast(1)];
    }

    /// <summary>How far a body can be tipped before its centre of mass lies over the nearest edge, degrees; 0 where it
    /// lies outside.</summary>
    public static double TipAngle(IReadOnlyList<(double X, double Y)> hull, double x, double y, double height)
    {
        var nearest = hull.Select(
                (a, k) =>
                {
                    var b = hull[(k + 1) % hull.Count];
                    return Cross(a, b, (x, y)) / Math.Sqrt(((b.X - a.X) * (b.X - a.X)) + ((b.Y - a.Y) * (b.Y - a.Y)));
                }
            )
            .Min();
        return nearest <= 0 ? 0
            : height <= 1e-9 ? 90
            : Math.Atan2(nearest, height) * 180 / Math.PI;
    }

    private static List<(double X, double Y)> Half((double X, double Y)[] points)
    {
        var chain = new List<(double X, double Y)>();
        foreach (var p in points)
        {
            while (chain.Count >= 2 && Cross(chain[^2], chain[^1], p) <= 1e-12)
            {
                chain.RemoveAt(chain.Count - 1);
            }

            chain.Add(p);
        }

        return chain;
    }

    private static double Cross((double X, double Y) a, (double X, double Y) b, (double X, double Y) c) =>
        ((b.X - a.X) * (c.Y - a.Y)) - ((b.Y - a.Y) * (c.X - a.X));
}
