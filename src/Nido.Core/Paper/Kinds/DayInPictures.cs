namespace Nido.Core.Paper.Kinds;

/// <summary>The day in pictures: a card a part of the day, to hang in a row and turn round when it is over.</summary>
internal static class DayInPictures
{
    public static SheetKind Kind { get; } =
        new(
            "day-pictures",
            SheetFamily.Room,
            [
                Field.Lines("parts", 14, "Hello", "Shelf", "Table", "Outdoors", "Story", "Goodbye"),
                Field.Mm("card", 50, 90, 60),
            ],
            Draw
        );

    private static void Draw(Pad pad, Values v)
    {
        var (parts, card) = (v.List("parts"), v.Number("card"));
        pad.Cells(
            parts.Count,
            card,
            card + 16,
            "card",
            (leaf, cell, k) =>
            {
                leaf.PictureOf(parts[k], new Box(cell.X, cell.Y, card, card).Inside(6));
                leaf.Fit(parts[k], new(cell.X + 3, cell.Bottom - 15, card - 6, 12), 8, "parts");
            }
        );
    }
}
