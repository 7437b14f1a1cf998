namespace Nido.Core.Paper;

/// <summary>A line round a figure, everywhere as far from it.</summary>
public static class Outside
{
    /// <summary>
    /// The line outside the first closed run of a figure drawn clockwise; inside where the distance is below 0. Round
    /// corners keep
    /// the distance at corners that stick out; where a corner turns in, the two neighbours meet.
    /// </summary>
    public static Figure Of(Figure figure, double distance)
    {
        ArgumentNullException.ThrowIfNull(figure);
        At[] round = [.. figure.Runs[0].Along(32)];
        // Places that say the same, and the last that repeats the first, are no corners.
        var corners = new List<At>();
        foreach (var p in round)
        {
            if (corners.Count == 0 || corners[^1].To(p) > 1e-6)
            {
                corners.Add(p);
            }
        }

        if (corners.Count > 1 && corners[0].To(corners[^1]) < 1e-6)
        {
            corners.RemoveAt(corners.Count - 1);
        }

        if (Signed(corners) < 0)
        {
            corners.Reverse();
        }

        var outer = new List<At>();
        for (var k = 0; k < corners.Count; k++)
        {
            var (before, here, after) = (
                corners[(k + corners.Count - 1) % corners.Count],
                corners[k],
                corners[(k + 1) % corners.Count]
            );
            var (a, b) = (Normal(before, here), Normal(here, after));
            var turn = (a.X * b.Y) - (a.Y * b.X);
            if (turn * distance > 1e-9)
            {
                var (from, sweep) = (Math.Atan2(a.Y, a.X), Math.Atan2(turn, (a.X * b.X) + (a.Y * b.Y)));
                // 4° at most from place to place: the line between them cuts inside by less than 0.01 mm at 15 mm.
                var parts = Math.Max(1, (int)Math.Ceiling(Math.Abs(sweep) / (Math.PI / 45)));
                for (var i = 0; i <= parts; i++)
                {
                    var angle = from + (sweep * i / parts);
                    outer.Add(here + (new At(Math.Cos(angle), Math.Sin(angle)) * distance));
                }
            }
            else
            {
                var sum = a + b;
                var k2 = distance * 2 / Math.Max(1e-6, (sum.X * sum.X) + (sum.Y * sum.Y));
                outer.Add(here + (sum * k2));
            }
        }

        return Figures.Path(outer, closed: true);
    }

    // Clockwise on a page whose y runs down is positive.
    private static double Signed(List<At> p) =>
        Enumerable.Range(0, p.Count).Sum(k => (p[k].X * p[(k + 1) % p.Count].Y) - (p[(k + 1) % p.Count].X * p[k].Y));

    // Outward of a side walked clockwise on a page whose y runs down.
    private static At Normal(At from, At to)
    {
        var d = to - from;
        var length = Math.Max(from.To(to), 1e-9);
        return new(d.Y / length, -d.X / length);
    }
}
