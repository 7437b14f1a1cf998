namespace Nido.Core.Paper;

/// <summary>Strokes to follow: broad grey ways, their dotted middles, a numbered dot where each begins and an arrow the
/// way it goes.</summary>
public static class Way
{
    /// <summary>Draws strokes in order: all ways first, so that none hides a dot of another.</summary>
    /// <param name="leaf">The page.</param>
    /// <param name="strokes">One run each, in the direction it is drawn.</param>
    /// <param name="width">Of the ways, mm.</param>
    /// <param name="small">Dots and arrows stay small, between letters.</param>
    public static void Draw(Leaf leaf, IReadOnlyList<Figure> strokes, double width, bool small = false)
    {
        ArgumentNullException.ThrowIfNull(leaf);
        ArgumentNullException.ThrowIfNull(strokes);
        foreach (var stroke in strokes)
        {
            leaf.Draw(stroke, Stroke.Way, width);
        }

        foreach (var stroke in strokes)
        {
            leaf.Draw(stroke, Stroke.Trace, Math.Min(0.5, width / 6), flat: true);
        }

        var dot = Math.Clamp(width / 2 * (small ? 0.8 : 0.55), 0.7, 3);
        var taken = new List<At>();
        for (var k = 0; k < strokes.Count; k++)
        {
            Begin(leaf, strokes[k], dot, k + 1, taken);
        }
    }

    // A stroke that begins where another does shows its dot a little farther on, so that both numbers can be read.
    private static void Begin(Leaf leaf, Figure stroke, double dot, int number, List<At> taken)
    {
        var places = Spaced.Along(stroke, 121, closed: false);
        var at = 0;
        while (at < 60 && taken.Any(t => t.To(places[at]) < dot * 2.1))
        {
            at++;
        }

        taken.Add(places[at]);
        leaf.Draw(Figures.Circle(places[at], dot), Stroke.Solid);
        if (dot >= 0.9)
        {
            leaf.Text(
                $"{number}",
                places[at].X,
                places[at].Y + (dot * 0.5),
                dot * 1.4,
                Face.Child,
                Align.Middle,
                grey: 1
            );
        }

        var tip = at + (int)Math.Ceiling(dot * 2.4 / Math.Max(1e-6, stroke.Length / 120));
        if (tip >= places.Count - 1)
        {
            return;
        }

        var angle = Math.Atan2(places[tip + 1].Y - places[tip].Y, places[tip + 1].X - places[tip].X) * 180 / Math.PI;
        var size = dot * 0.9;
        leaf.Draw(
            Figures.Path(
                [
                    At.OnCircle(places[tip], size, angle),
                    At.OnCircle(places[tip], size, angle + 140),
                    At.OnCircle(places[tip], size, angle - 140),
                ],
                true
            ),
            Stroke.Solid
        );
    }
}
