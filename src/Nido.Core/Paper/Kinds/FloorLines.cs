namespace Nido.Core.Paper.Kinds;

/// <summary>Lines for the floor: sheets to tape end to end and walk on, with a mark where the next one
/// begins.</summary>
internal static class FloorLines
{
    public static SheetKind Kind { get; } =
        new(
            "floor-lines",
            SheetFamily.Room,
            [
                Field.OneOf("line", "straight", "wave", "zigzag"),
                Field.Mm("width", 20, 120, 60),
                Field.Count("sheets", 1, 20, 4),
            ],
            Draw
        );

    private static void Draw(Pad pad, Values v)
    {
        for (var k = 0; k < v.Whole("sheets"); k++)
        {
            var leaf = pad.New(landscape: true);
            var width = v.Number("width");
            var from = new At(leaf.Room.X, leaf.Room.Middle.Y);
            var height = Math.Max(0, (leaf.Room.Height - width) * 0.8);
            var line = v.Text("line") switch
            {
                "straight" => Figures.Line(from, from + new At(leaf.Room.Width, 0)),
                "wave" => Figures.Wave(from, leaf.Room.Width, height / 2, 2),
                _ => Figures.Path(
                    [
                        from,
                        from + new At(leaf.Room.Width / 4, -height / 2),
                        from + new At(leaf.Room.Width * 3 / 4, height / 2),
                        from + new At(leaf.Room.Width, 0),
                    ],
                    false
                ),
            };
            leaf.Draw(line, Stroke.Way, width, flat: true);
            leaf.Draw(
                Figures.Line(new(leaf.Room.X, leaf.Room.Y), new(leaf.Room.X, leaf.Room.Bottom)),
                Stroke.Glue,
                0.4
            );
            leaf.Text(pad.Words.Say("floorJoin", $"{k + 1}"), leaf.Room.X + 2, leaf.Room.Bottom - 2, 3.2, grey: 0.3);
        }
    }
}
