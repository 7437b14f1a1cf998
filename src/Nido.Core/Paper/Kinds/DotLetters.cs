using Nido.Core.Making;

namespace Nido.Core.Paper.Kinds;

/// <summary>A letter of empty circles: dab a dot in each, or tear paper and paste it on.</summary>
internal static class DotLetters
{
    public static SheetKind Kind { get; } =
        new(
            "dot-letters",
            SheetFamily.Letters,
            [Field.Line("letters", "P", 8), Field.Mm("height", 60, 200, 170), Field.Mm("dot", 6, 30, 16)],
            Draw
        );

    private static void Draw(Pad pad, Values v)
    {
        foreach (var letter in Words.Letters.Signs(v.Text("letters")).Where(l => l != " "))
        {
            var strokes =
                Skeleton.Of(letter)
                ?? throw Need.Refused(
                    "letters",
                    letter,
                    $"strokes are known of the letters A to Z, of marked letters, and of the numerals 0 to 9"
                );
            var (unit, dot) = (v.Number("height") / 14, v.Number("dot"));
            var leaf = pad.New();
            var bounds = Box.Around(strokes.SelectMany(s => s.Scaled(unit).Runs.SelectMany(r => r.Along())));
            if (bounds.Width + dot > leaf.Room.Width || bounds.Height + dot > leaf.Room.Height)
            {
                throw Need.Refused(
                    "height",
                    v.Number("height"),
                    $"{letter} would be {bounds.Width + dot:0} × {bounds.Height + dot:0} mm; the page has "
                        + $"{leaf.Room.Width:0} × {leaf.Room.Height:0}"
                );
            }

            var dots = new List<At>();
            foreach (
                var stroke in strokes.Select(s =>
                    s.Scaled(unit).Moved(leaf.Room.Middle.X - bounds.Middle.X, leaf.Room.Middle.Y - bounds.Middle.Y)
                )
            )
            {
                // Dots never overlap: a stroke that crosses another leaves out the dots that lie there already.
                var count = Math.Max(1, (int)(stroke.Length / (dot * 1.15)) + 1);
                foreach (
                    var p in Spaced.Along(stroke, count, closed: stroke.Runs[0].Start.To(stroke.Runs[0].End) < 0.5)
                )
                {
                    if (dots.All(d => d.To(p) >= dot * 1.02))
                    {
                        dots.Add(p);
                    }
                }
            }

            foreach (var p in dots)
            {
                leaf.Draw(Figures.Circle(p, dot / 2), Stroke.Outline, 0.4);
            }

            leaf.Text(
                pad.Words.Say("dots", $"{dots.Count}", $"{dot:0.#}"),
                leaf.Room.X,
                leaf.Room.Y + 4,
                3.2,
                grey: 0.3
            );
        }
    }
}
