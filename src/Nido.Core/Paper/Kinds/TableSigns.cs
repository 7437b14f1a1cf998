namespace Nido.Core.Paper.Kinds;

/// <summary>Signs for tables: what lies there, and which allergens are in it.</summary>
internal static class TableSigns
{
    public static SheetKind Kind { get; } =
        new(
            "table-signs",
            SheetFamily.Room,
            [
                Field.Line("title", "Cut the stamps"),
                Field.Lines("things", 20, "scissors", "paper"),
                Field.Line("contains", ""),
            ],
            Draw
        );

    private static void Draw(Pad pad, Values v)
    {
        var leaf = pad.New();
        leaf.Fit(v.Text("title"), new(leaf.Room.X, leaf.Room.Y + 4, leaf.Room.Width, 40), 22, "title", Face.AdultBold);
        var things = v.List("things");
        var row = Math.Min(18, (leaf.Room.Height - 90) / things.Count);
        for (var k = 0; k < things.Count; k++)
        {
            var y = leaf.Room.Y + 52 + (k * row);
            if (Pictures.Of(things[k]) is { } id)
            {
                leaf.Picture(id, new(leaf.Room.X, y, row - 2, row - 2));
            }

            leaf.Fit(
                things[k],
                new(leaf.Room.X + row + 2, y, leaf.Room.Width - row - 2, row - 2),
                9,
                "things",
                Face.Adult,
                Align.Left
            );
        }

        var box = new Box(leaf.Room.X, leaf.Room.Bottom - 32, leaf.Room.Width, 30);
        leaf.Draw(Figures.Rectangle(box), Stroke.Outline, 1);
        // Nothing told is not "nothing in it".
        leaf.Fit(
            v.Text("contains").Length > 0 ? pad.Words.Say("contains", v.Text("contains")) : pad.Words.Say("askFirst"),
            box.Inside(4),
            9,
            "contains",
            Face.AdultBold
        );
    }
}
