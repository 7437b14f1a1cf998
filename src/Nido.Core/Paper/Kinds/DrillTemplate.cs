using Nido.Core.Making;

namespace Nido.Core.Paper.Kinds;

/// <summary>Where to drill or hammer for a letter, a numeral or a shape: tape it on the board and go through each
/// cross.</summary>
internal static class DrillTemplate
{
    public static SheetKind Kind { get; } =
        new(
            "drill-template",
            SheetFamily.Plates,
            [
                Field.OneOf("form", [.. (string[])["letter"], .. ShapeOf.Names]),
                Field.Line("letter", "Ñ", 1),
                Field.Mm("size", 40, 180, 120),
                Field.Mm("spacing", 12, 60, 25),
            ],
            Draw
        );

    private static void Draw(Pad pad, Values v)
    {
        var (size, spacing) = (v.Number("size"), v.Number("spacing"));
        var leaf = pad.New();
        Figure[] strokes;
        if (v.Text("form") == "letter")
        {
            strokes =
            [
                .. Skeleton.Of(v.Text("letter"))
                    ?? throw Need.Refused(
                        "letter",
                        v.Text("letter"),
                        $"strokes are known of the letters A to Z, of Spanish and other marked letters, and of the numerals 0 to 9"
                    ),
            ];
            strokes = [.. strokes.Select(s => s.Scaled(size / 10))];
        }
        else
        {
            strokes = [ShapeOf.Figure(v.Text("form"), size)];
        }

        var bounds = Box.Around(strokes.SelectMany(s => s.Runs.SelectMany(r => r.Along())));
        var (dx, dy) = (leaf.Room.Middle.X - bounds.Middle.X, leaf.Room.Y + 14 - bounds.Y);
        var holes = new List<At>();
        foreach (var stroke in strokes.Select(s => s.Moved(dx, dy)))
        {
            leaf.Draw(stroke, Stroke.Fine);
            var closed = stroke.Runs[0].Closed;
            var count = Math.Max(
                closed ? 3 : 2,
                (int)Math.Ceiling((stroke.Length / spacing) - 1e-9) + (closed ? 0 : 1)
            );
            // Where two strokes meet there is one hole.
            holes.AddRange(Spaced.Along(stroke, count, closed).Where(p => holes.All(h => h.To(p) > spacing * 0.45)));
        }

        foreach (var h in holes)
        {
            leaf.Draw(
                Figures.Line(h - new At(3, 0), h + new At(3, 0)).With(Figures.Line(h - new At(0, 3), h + new At(0, 3))),
                Stroke.Outline,
                0.3
            );
            leaf.Draw(Figures.Circle(h, 2), Stroke.Outline, 0.3);
        }

        leaf.Text(pad.Words.Say("drill", $"{holes.Count}"), leaf.Room.X, leaf.Room.Y + 4, 3.2, grey: 0.3);
    }
}
