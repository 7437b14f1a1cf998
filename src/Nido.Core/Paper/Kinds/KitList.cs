namespace Nido.Core.Paper.Kinds;

/// <summary>What is in a bag or a kit, to be ticked when it goes and when it comes back.</summary>
internal static class KitList
{
    public static SheetKind Kind { get; } =
        new(
            "kit-list",
            SheetFamily.Bags,
            [
                Field.Line("title", "Week bag"),
                Field.Lines("things", 40, "1 pair of scissors", "6 strips to cut", "1 pencil"),
            ],
            Draw
        );

    private static void Draw(Pad pad, Values v)
    {
        var leaf = pad.New();
        leaf.Fit(
            v.Text("title"),
            new(leaf.Room.X, leaf.Room.Y, leaf.Room.Width, 16),
            10,
            "title",
            Face.AdultBold,
            Align.Left
        );
        leaf.Text(pad.Words.Say("goesOut"), leaf.Room.X, leaf.Room.Y + 24, 3.2, grey: 0.3);
        leaf.Text(pad.Words.Say("comesBack"), leaf.Room.X + 18, leaf.Room.Y + 24, 3.2, grey: 0.3);
        var things = v.List("things");
        var row = Math.Min(10, (leaf.Room.Height - 30) / things.Count);
        for (var k = 0; k < things.Count; k++)
        {
            var y = leaf.Room.Y + 28 + (k * row);
            leaf.Tick(leaf.Room.X + 3, y, Math.Min(4, row - 1));
            leaf.Tick(leaf.Room.X + 21, y, Math.Min(4, row - 1));
            leaf.Fit(
                things[k],
                new(leaf.Room.X + 34, y - 1, leaf.Room.Width - 34, row),
                4.6,
                "things",
                Face.Adult,
                Align.Left
            );
        }
    }
}
