namespace Nido.Core.Paper.Kinds;

/// <summary>One page in both languages side by side: what to do with what is in the bag.</summary>
internal static class KitInstruction
{
    public static SheetKind Kind { get; } =
        new(
            "kit-instruction",
            SheetFamily.Bags,
            [
                Field.Line("title", "Strips to cut"),
                Field.Lines(
                    "english",
                    12,
                    "Sit side by side.",
                    "Cut one strip together.",
                    "Stop while it is still fun."
                ),
                Field.Lines(
                    "spanish",
                    12,
                    "Siéntense lado a lado.",
                    "Corten una tira juntos.",
                    "Paren cuando todavía divierte."
                ),
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
        var half = (leaf.Room.Width - 8) / 2;
        Column(leaf, "English", v.List("english"), leaf.Room.X, half, "english");
        Column(leaf, "Español", v.List("spanish"), leaf.Room.X + half + 8, half, "spanish");
    }

    private static void Column(
        Leaf leaf,
        string language,
        IReadOnlyList<string> lines,
        double x,
        double wide,
        string field
    )
    {
        leaf.Text(language, x, leaf.Room.Y + 26, 4.4, Face.AdultBold);
        var row = Math.Min(24, (leaf.Room.Height - 34) / lines.Count);
        for (var k = 0; k < lines.Count; k++)
        {
            var y = leaf.Room.Y + 32 + (k * row);
            leaf.Text($"{k + 1}", x, y + 6, 5, Face.AdultBold);
            leaf.Fit(lines[k], new(x + 8, y, wide - 8, row - 2), 5, field, Face.Adult, Align.Left);
        }
    }
}
