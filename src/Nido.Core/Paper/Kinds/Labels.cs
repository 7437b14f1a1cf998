namespace Nido.Core.Paper.Kinds;

/// <summary>Labels for boxes: picture and word, so that children put away what they took.</summary>
internal static class Labels
{
    public static SheetKind Kind { get; } =
        new(
            "labels",
            SheetFamily.Room,
            [
                Field.Lines("words", 80, "scissors", "brush", "book", "ball"),
                Field.Mm("width", 40, 190, 90),
                Field.Mm("height", 20, 100, 36),
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
            (leaf, cell, k) =>
            {
                var inside = cell.Inside(2);
                // A number needs no picture.
                var side = words[k].All(char.IsDigit) ? 0 : Math.Min(inside.Height, inside.Width * 0.4);
                if (side > 0)
                {
                    leaf.PictureOf(words[k], new(inside.X, inside.Middle.Y - (side / 2), side, side));
                }

                leaf.Fit(
                    words[k],
                    new(inside.X + side + 2, inside.Y, inside.Width - side - 2, inside.Height),
                    side > 0 ? 12 : 20,
                    "words"
                );
            }
        );
    }
}
