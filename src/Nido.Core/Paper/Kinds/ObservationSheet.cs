namespace Nido.Core.Paper.Kinds;

/// <summary>A sheet for the shelf: who, what was seen, by four marks, a line for words; entered afterwards.</summary>
internal static class ObservationSheet
{
    public static SheetKind Kind { get; } =
        new(
            "observation-sheet",
            SheetFamily.Adults,
            [Field.Lines("names", 200, "Ada"), Field.Line("idea", ""), Field.Line("step", "")],
            Draw
        );

    private static void Draw(Pad pad, Values v)
    {
        var names = v.List("names");
        Leaf? leaf = null;
        var y = 0.0;
        foreach (var name in names)
        {
            if (leaf is null || y + 11 > leaf.Room.Bottom)
            {
                leaf = pad.New();
                y = Top(pad, leaf, v);
            }

            leaf.Fit(name, new(leaf.Room.X, y + 1, 46, 8), 4, "names", Face.Adult, Align.Left);
            for (var k = 0; k < 4; k++)
            {
                leaf.Tick(leaf.Room.X + 54 + (k * 16), y + 3, 4);
            }

            leaf.WriteOn(leaf.Room.X + 118, y + 8, leaf.Room.Width - 118);
            y += 11;
        }
    }

    private static double Top(Pad pad, Leaf leaf, Values v)
    {
        leaf.Fit(
            $"{v.Text("idea")} {v.Text("step")}".Trim() is { Length: > 0 } what ? what : pad.Words.Say("whatSeen"),
            new(leaf.Room.X, leaf.Room.Y, leaf.Room.Width, 9),
            5,
            "idea",
            Face.AdultBold,
            Align.Left
        );
        string[] heads =
        [
            pad.Words.Say("alone"),
            pad.Words.Say("shown"),
            pad.Words.Say("hands"),
            pad.Words.Say("notYet"),
        ];
        for (var k = 0; k < 4; k++)
        {
            leaf.Fit(heads[k], new(leaf.Room.X + 49 + (k * 16), leaf.Room.Y + 10, 15, 8), 2.8, "idea", Face.Adult);
        }

        return leaf.Room.Y + 19;
    }
}
