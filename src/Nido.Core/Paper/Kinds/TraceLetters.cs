using Nido.Core.Making;
using Nido.Core.Words;

namespace Nido.Core.Paper.Kinds;

/// <summary>Letters and numerals to trace, stroke by stroke: a numbered dot where each begins, an arrow the way it
/// goes.</summary>
internal static class TraceLetters
{
    public static SheetKind Kind { get; } =
        new(
            "trace-letters",
            SheetFamily.Tracing,
            [
                Field.Line("text", "Pp", 24),
                Field.Mm("xHeight", 8, 80, 24),
                Field.Count("rows", 1, 8, 3),
                Field.OneOf("then", "trace", "write"),
                Field.OneOf("hand", "strokes", "outlines"),
            ],
            Draw
        );

    private static void Draw(Pad pad, Values v)
    {
        var text =
            v.Text("text").Length > 0
                ? v.Text("text")
                : throw Need.Refused("text", "nothing", $"write the letters to trace");
        var (x, rows) = (v.Number("xHeight"), v.Whole("rows"));
        Leaf? leaf = null;
        var height = x / Skeleton.XHeight * 19;
        var perPage = 0;
        for (var k = 0; k < rows; k++)
        {
            if (leaf is null || k % perPage == 0)
            {
                leaf = pad.New();
                perPage = Math.Max(1, (int)(leaf.Room.Height / height));
                if (height > leaf.Room.Height)
                {
                    throw Need.Refused(
                        "xHeight",
                        x,
                        $"a row needs {height:0} mm of height; the page has {leaf.Room.Height:0}"
                    );
                }
            }

            var foot = leaf.Room.Y + (k % perPage * height) + (x / Skeleton.XHeight * 13.2);
            Row(
                pad,
                leaf,
                text,
                foot,
                x,
                lined: true,
                k == 0 || v.Text("then") == "trace",
                v.Text("hand") == "outlines"
            );
        }
    }

    /// <summary>A row of letters on its lines.</summary>
    /// <param name="pad">The pages.</param>
    /// <param name="leaf">The page.</param>
    /// <param name="text">Letters.</param>
    /// <param name="foot">Base line, mm from above.</param>
    /// <param name="x">Height of a small x, mm.</param>
    /// <param name="lined">Draws the lines the letters stand on.</param>
    /// <param name="filled">Draws the letters; else the lines only.</param>
    /// <param name="outlines">Hollow letters, where a school writes other strokes than ours.</param>
    public static void Row(
        Pad pad,
        Leaf leaf,
        string text,
        double foot,
        double x,
        bool lined,
        bool filled,
        bool outlines = false
    )
    {
        var unit = x / Skeleton.XHeight;
        if (lined)
        {
            foreach (var y in (double[])[foot - (10 * unit), foot - x, foot, foot + (4 * unit)])
            {
                leaf.Draw(
                    Figures.Line(new(leaf.Room.X, y), new(leaf.Room.Right, y)),
                    Stroke.Fine,
                    y == foot ? 0.5 : 0.2
                );
            }
        }

        if (!filled)
        {
            return;
        }

        var at = leaf.Room.X + (2 * unit);
        foreach (var word in text.Split(' ', StringSplitOptions.RemoveEmptyEntries))
        {
            if (!outlines && Strokes(word) is { } letters)
            {
                foreach (var strokes in letters)
                {
                    var (left, wide) = (at, Skeleton.Width(strokes) * unit);
                    Ensure(at + wide, leaf, text, x);
                    Way.Draw(
                        leaf,
                        [.. strokes.Select(s => s.Scaled(unit).Moved(left, foot - (10 * unit)))],
                        unit * 1.5,
                        small: true
                    );
                    at += wide + (2.6 * unit);
                }
            }
            else
            {
                // A word of which not all strokes are known here is traced whole, on hollow letters: joined scripts
                // stay joined.
                var size = x / pad.Type.XHeight(Face.Child);
                var wide = pad.Type.Width(word, Face.Child, size);
                Ensure(at + wide, leaf, text, x);
                leaf.Text(word, at, foot, size, Face.Child, hollow: true);
                at += wide;
            }

            at += 3 * unit;
        }
    }

    /// <summary>How wide a row of letters is, mm.</summary>
    public static double Width(Pad pad, string text, double x)
    {
        var unit = x / Skeleton.XHeight;
        return (2 * unit)
            + text.Split(' ', StringSplitOptions.RemoveEmptyEntries)
                .Sum(word =>
                    (3 * unit)
                    + (
                        Strokes(word) is { } letters
                            ? letters.Sum(s => (Skeleton.Width(s) + 2.6) * unit)
                            : pad.Type.Width(word, Face.Child, x / pad.Type.XHeight(Face.Child))
                    )
                );
    }

    /// <summary>Strokes of each letter of a word, or null where those of one are not known.</summary>
    private static IReadOnlyList<Figure>[]? Strokes(string word)
    {
        string[] signs = [.. Letters.Signs(word)];
        IReadOnlyList<Figure>[] known = [.. signs.Select(Skeleton.Of).OfType<IReadOnlyList<Figure>>()];
        return signs.Length > 0 && known.Length == signs.Length ? known : null;
    }

    private static void Ensure(double right, Leaf leaf, string text, double x)
    {
        if (right > leaf.Room.Right)
        {
            throw Need.Refused(
                "xHeight",
                (Said)$"{x:0.#} mm for “{text}”",
                $"the letters are wider than the page; take fewer letters or a smaller height"
            );
        }
    }
}
