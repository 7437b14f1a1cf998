namespace Nido.Core.Paper.Kinds;

/// <summary>
/// Lines to cut along, each from a thumb to a picture: the broad way narrows by step, so that a hand that strays a
/// little still
/// cuts well (common practice).
/// </summary>
internal static class CuttingLines
{
    public static SheetKind Kind { get; } =
        new(
            "cutting-lines",
            SheetFamily.Cutting,
            [
                Field.OneOf("line", "straight", "bends", "curve", "zigzag", "wave"),
                Field.Mm("width", 0.5, 20, 6),
                Field.Count("count", 1, 8, 5),
                Field.OneOf("widths", "same", "falling"),
                Field.Line("picture", "envelope"),
            ],
            Draw
        );

    private static void Draw(Pad pad, Values v)
    {
        var (line, width, count) = (v.Text("line"), v.Number("width"), v.Whole("count"));
        var leaf = pad.New();
        leaf.Text(pad.Words.Say("fromThumb"), leaf.Room.X, leaf.Room.Y + 5, 4.2, Face.Child);
        var row = (leaf.Room.Height - 8) / count;
        for (var k = 0; k < count; k++)
        {
            // The last is less than half as wide as the first.
            var wide = v.Text("widths") == "falling" && count > 1 ? width * (1 - (0.6 * k / (count - 1))) : width;
            var middle = leaf.Room.Y + 8 + ((k + 0.55) * row);
            Row(
                pad,
                leaf,
                Figure(line, new(leaf.Room.X + 8, middle), leaf.Room.Width - 30, row - wide - 10),
                wide,
                middle,
                v.Text("picture")
            );
            leaf.Text(
                $"{pad.Words.Choice(line)} · {wide:0.#} mm",
                leaf.Room.X + 8,
                line == "straight" ? middle - (wide / 2) - 2 : middle - (row / 2) + 3.4,
                2.6,
                grey: 0.35
            );
        }
    }

    /// <summary>A line of a kind, from a place to the right.</summary>
    public static Figure Figure(string line, At from, double width, double height) =>
        line switch
        {
            "straight" => Figures.Line(from, from + new At(width, 0)),
            "bends" => Figures.Path(
                [
                    from + new At(0, height / 3),
                    from + new At(width * 0.33, height / 3),
                    from + new At(width * 0.6, -height / 3),
                    from + new At(width, -height / 3),
                ],
                false
            ),
            "curve" => Figures.Wave(from, width, height / 2, 2),
            "zigzag" => Figures.Zigzag(from, width, height * 0.9, 5),
            _ => Figures.Wave(from, width, height / 2, 5),
        };

    private static void Row(Pad pad, Leaf leaf, Figure line, double wide, double middle, string picture)
    {
        leaf.Draw(leaf.ForHand(line), Stroke.Way, wide, flat: true);
        leaf.Draw(leaf.ForHand(line), Stroke.Trace, 0.3);
        var start = line.Runs[0].Start;
        leaf.Draw(
            leaf.ForHand(Figures.Path([start + new At(-7, -3), start + new At(-2, 0), start + new At(-7, 3)], true)),
            Stroke.Solid
        );
        var end = line.Runs[0].End;
        var size = 16.0;
        leaf.PictureOf(
            picture,
            leaf.ForHand(
                new Box(end.X + 4, Math.Clamp(end.Y - (size / 2), leaf.Room.Y, leaf.Room.Bottom - size), size, size)
            )
        );
    }
}
