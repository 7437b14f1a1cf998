namespace Nido.Core.Paper.Kinds;

/// <summary>Cards with a picture, the word, and its beats as dots.</summary>
internal static class WordCards
{
    public static SheetKind Kind { get; } =
        new(
            "word-cards",
            SheetFamily.Words,
            [
                Field.Lines("words", 60, "parcel", "stamp", "van", "envelope"),
                Field.Mm("width", 40, 190, 90),
                Field.Mm("height", 30, 200, 60),
                Field.OneOf("beats", "yes", "no"),
            ],
            Draw
        );

    private static void Draw(Pad pad, Values v)
    {
        var words = v.List("words");
        pad.Cells(
            words.Count,
            v.Number("width"),
            v.Number("height"),
            "width",
            (leaf, cell, k) => Face(pad, leaf, cell.Inside(3), words[k], v.Text("beats") == "yes")
        );
    }

    /// <summary>A picture over its word; an empty frame to draw in where there is no picture, and a word to whoever
    /// prints.</summary>
    public static void Face(Pad pad, Leaf leaf, Box box, string word, bool beats)
    {
        var foot = Math.Min(14, box.Height * 0.28) + (beats ? 5 : 0);
        var side = Math.Min(box.Width, box.Height - foot);
        leaf.PictureOf(word, new(box.Middle.X - (side / 2), box.Y, side, side));

        leaf.Fit(word, new(box.X, box.Bottom - foot, box.Width, foot - (beats ? 5 : 0)), 10, "words");
        if (beats && pad.Setting.Beats?.Invoke(word) is { } count)
        {
            for (var i = 0; i < count; i++)
            {
                leaf.Draw(
                    Figures.Circle(new(box.Middle.X + ((i - ((count - 1) / 2.0)) * 6), box.Bottom - 2), 1.6),
                    Stroke.Solid
                );
            }
        }
    }
}
