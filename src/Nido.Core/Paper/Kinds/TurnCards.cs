namespace Nido.Core.Paper.Kinds;

/// <summary>Whose turn it is: a card a place, with picture or number.</summary>
internal static class TurnCards
{
    public static SheetKind Kind { get; } =
        new(
            "turn-cards",
            SheetFamily.Room,
            [
                Field.Count("places", 2, 24, 6),
                Field.OneOf("show", "pictures", "numerals"),
                Field.Mm("card", 35, 90, 55),
            ],
            Draw
        );

    private static void Draw(Pad pad, Values v)
    {
        string[] pictures = [.. Pictures.All.Keys];
        pad.Cells(
            v.Whole("places"),
            v.Number("card"),
            v.Number("card"),
            "card",
            (leaf, cell, k) =>
            {
                if (v.Text("show") == "pictures" && k < pictures.Length)
                {
                    leaf.Picture(pictures[k], cell.Inside(7));
                }
                else
                {
                    leaf.Fit($"{k + 1}", cell.Inside(7), cell.Height * 0.7, "card");
                }
            }
        );
    }
}
