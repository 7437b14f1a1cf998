namespace Nido.Core.Paper.Kinds;

/// <summary>A board to go along: fields in a bow from a start to a goal, for a die and a counter each.</summary>
internal static class PathBoard
{
    public static SheetKind Kind { get; } =
        new(
            "path-board",
            SheetFamily.Numbers,
            [
                Field.Count("fields", 6, 60, 20),
                Field.OneOf("numbers", "yes", "no"),
                Field.Line("start", "house"),
                Field.Line("goal", "star"),
            ],
            Draw
        );

    private static void Draw(Pad pad, Values v)
    {
        var fields = v.Whole("fields");
        var leaf = pad.New();
        var across =
            fields <= 12 ? 3
            : fields <= 25 ? 5
            : 6;
        var rows = (int)Math.Ceiling(fields / (double)across);
        var side = Math.Min(leaf.Room.Width / across, (leaf.Room.Height - 50) / rows);
        var left = leaf.Room.Middle.X - (across * side / 2);
        // From below upwards, turning at the end of each row.
        for (var k = 0; k < fields; k++)
        {
            var (row, column) = (k / across, k % across);
            var x = left + ((row % 2 == 0 ? column : across - 1 - column) * side);
            var y = leaf.Room.Bottom - 25 - ((row + 1) * side);
            leaf.Draw(Figures.Rectangle(new Box(x, y, side, side).Inside(1)), Stroke.Outline, 0.5);
            if (v.Text("numbers") == "yes")
            {
                leaf.Fit($"{k + 1}", new Box(x, y, side, side).Inside(side * 0.2), side * 0.5, "fields");
            }
        }

        leaf.PictureOf(v.Text("start"), new(left, leaf.Room.Bottom - 23, 22, 22));
        var last = fields - 1;
        var goalX =
            left + (((last / across) % 2 == 0 ? last % across : across - 1 - (last % across)) * side) + (side / 2);
        leaf.PictureOf(
            v.Text("goal"),
            new(
                Math.Clamp(goalX - 11, leaf.Room.X, leaf.Room.Right - 22),
                leaf.Room.Bottom - 25 - (rows * side) - 23,
                22,
                22
            )
        );
    }
}
