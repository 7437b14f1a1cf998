namespace Nido.Core.Paper.Kinds;

/// <summary>Tracks from a picture to a picture, walls on both sides, no narrower than asked anywhere.</summary>
internal static class TraceTracks
{
    public static SheetKind Kind { get; } =
        new(
            "trace-tracks",
            SheetFamily.Tracing,
            [
                Field.OneOf("line", "straight", "curve", "zigzag", "wave", "bends"),
                Field.Mm("width", 3, 30, 14),
                Field.Count("count", 1, 6, 4),
                Field.Line("from", "van"),
                Field.Line("to", "house"),
            ],
            Draw
        );

    private static void Draw(Pad pad, Values v)
    {
        var (width, count) = (v.Number("width"), v.Whole("count"));
        var leaf = pad.New();
        var row = leaf.Room.Height / count;
        if (row < width + 12)
        {
            throw Making.Need.Refused(
                "count",
                count,
                $"a track of {width:0.#} mm needs {width + 12:0} mm of height; at most {(int)(leaf.Room.Height / (width + 12))} fit"
            );
        }

        for (var k = 0; k < count; k++)
        {
            var middle = leaf.Room.Y + ((k + 0.5) * row);
            var line = CuttingLines.Figure(
                v.Text("line"),
                new(leaf.Room.X + 22, middle),
                leaf.Room.Width - 44,
                row - width - 10
            );
            // A broad white way on a broader black one leaves two walls, exactly as far apart as asked.
            leaf.Draw(leaf.ForHand(line), Stroke.Outline, width + 1, flat: true);
            leaf.Draw(leaf.ForHand(line), Stroke.White, width, flat: true);
            var (start, end) = (line.Runs[0].Start, line.Runs[0].End);
            Put(pad, leaf, v.Text("from"), new(start.X - 21, start.Y - 9, 18, 18));
            Put(pad, leaf, v.Text("to"), new(end.X + 3, end.Y - 9, 18, 18));
        }
    }

    private static void Put(Pad pad, Leaf leaf, string picture, Box box)
    {
        leaf.PictureOf(picture, leaf.ForHand(box));
    }
}
