using Nido.Core.Making;

namespace Nido.Core.Paper.Kinds;

/// <summary>A plate with its sectors: cut along the lines, or lay a colour in each.</summary>
internal static class Plate
{
    public static SheetKind Kind { get; } =
        new(
            "plate",
            SheetFamily.Plates,
            [
                Field.Mm("diameter", 40, 185, 180),
                Field.Count("diameters", 1, 18, 6),
                Field.Lines("pattern", 12, "A", "B"),
                Field.OneOf("lines", "cut", "fold"),
            ],
            Draw
        );

    private static void Draw(Pad pad, Values v)
    {
        var (diameter, lines, pattern) = (v.Number("diameter"), v.Whole("diameters"), v.List("pattern"));
        var made = RadialCuts.Of(new(diameter, lines, pattern));
        var leaf = pad.New();
        var middle = new At(leaf.Room.Middle.X, leaf.Room.Y + 10 + (diameter / 2));
        leaf.Draw(Figures.Circle(middle, diameter / 2), Stroke.Cut);
        for (var k = 0; k < lines; k++)
        {
            var angle = -90 + (180.0 * k / lines);
            leaf.Draw(
                Figures.Line(At.OnCircle(middle, diameter / 2, angle), At.OnCircle(middle, diameter / 2, angle + 180)),
                v.Text("lines") == "cut" ? Stroke.Cut : Stroke.Fold
            );
        }

        for (var k = 0; k < made.Sectors; k++)
        {
            var at = At.OnCircle(middle, diameter * 0.36, -90 + (360.0 * (k + 0.5) / made.Sectors));
            var box = Math.Min(14, made.EdgeArc * 0.6);
            leaf.Fit(pattern[k % pattern.Count], new(at.X - (box / 2), at.Y - (box / 2), box, box), 6, "pattern");
        }

        leaf.Text(
            pad.Words.Say("sectors", $"{made.Sectors}", $"{made.EdgeArc:0.#}"),
            leaf.Room.X,
            leaf.Room.Y + 4,
            3.2,
            grey: 0.3
        );
        if (!made.PatternFits)
        {
            pad.Note(pad.Words.Say("patternLeft", $"{pattern.Count}", $"{made.Sectors}"));
        }
    }
}
