namespace Nido.Core.Paper.Kinds;

/// <summary>
/// Lines and forms to trace, in the order in which most children come to copy them: down, across, circle, cross, right
/// slant,
/// square, left slant, slanting cross, triangle (published order of copied forms; from memory).
/// </summary>
internal static class TraceForms
{
    public static string[] Order { get; } =
    ["down", "across", "circle", "cross", "rightSlant", "square", "leftSlant", "slantingCross", "triangle"];

    public static SheetKind Kind { get; } =
        new(
            "trace-forms",
            SheetFamily.Tracing,
            [
                Field.OneOf("form", Order),
                Field.Mm("width", 2, 24, 12),
                Field.Count("rows", 1, 6, 3),
                Field.Count("across", 1, 5, 3),
            ],
            Draw
        );

    private static void Draw(Pad pad, Values v)
    {
        var (rows, across, width) = (v.Whole("rows"), v.Whole("across"), v.Number("width"));
        var leaf = pad.New();
        var (w, h) = (leaf.Room.Width / across, leaf.Room.Height / rows);
        var size = Math.Min(w, h) - width - 12;
        if (size < width * 1.5)
        {
            throw Making.Need.Refused(
                "width",
                width,
                $"in {rows} rows of {across} a form would be {Math.Max(0, size):0} mm; take fewer or a narrower way"
            );
        }

        for (var k = 0; k < rows * across; k++)
        {
            var box = new Box(
                leaf.Room.X + (k % across * w) + ((w - size) / 2),
                leaf.Room.Y + (k / across * h) + ((h - size) / 2),
                size,
                size
            );
            Way.Draw(leaf, Strokes(v.Text("form"), box), width);
        }
    }

    private static Figure[] Strokes(string form, Box b) =>
        form switch
        {
            "down" => [Figures.Line(new(b.Middle.X, b.Y), new(b.Middle.X, b.Bottom))],
            "across" => [Figures.Line(new(b.X, b.Middle.Y), new(b.Right, b.Middle.Y))],
            "circle" => [Figures.Arc(b.Middle, b.Width / 2, -90, -360)],
            "cross" =>
            [
                Figures.Line(new(b.Middle.X, b.Y), new(b.Middle.X, b.Bottom)),
                Figures.Line(new(b.X, b.Middle.Y), new(b.Right, b.Middle.Y)),
            ],
            "rightSlant" => [Figures.Line(new(b.Right, b.Y), new(b.X, b.Bottom))],
            "leftSlant" => [Figures.Line(new(b.X, b.Y), new(b.Right, b.Bottom))],
            "square" =>
            [
                Figures.Path(
                    [new(b.X, b.Y), new(b.X, b.Bottom), new(b.Right, b.Bottom), new(b.Right, b.Y), new(b.X, b.Y)],
                    false
                ),
            ],
            "slantingCross" =>
            [
                Figures.Line(new(b.X, b.Y), new(b.Right, b.Bottom)),
                Figures.Line(new(b.Right, b.Y), new(b.X, b.Bottom)),
            ],
            _ =>
            [
                Figures.Path(
                    [new(b.Middle.X, b.Y), new(b.X, b.Bottom), new(b.Right, b.Bottom), new(b.Middle.X, b.Y)],
                    false
                ),
            ],
        };
}
