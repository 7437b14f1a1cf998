namespace Nido.Core.Paper.Kinds;

/// <summary>Cards with words of one's own: a challenge, a task, a rule of a game.</summary>
internal static class TextCards
{
    public static SheetKind Kind { get; } =
        new(
            "text-cards",
            SheetFamily.Patterns,
            [
                Field.Lines("texts", 40, "Build a tower as high as your knee.", "Lay a fence for six animals."),
                Field.Mm("width", 40, 190, 90),
                Field.Mm("height", 25, 120, 55),
            ],
            Draw
        );

    private static void Draw(Pad pad, Values v)
    {
        var texts = v.List("texts");
        pad.Cells(
            texts.Count,
            v.Number("width"),
            v.Number("height"),
            "width",
            (leaf, cell, k) => leaf.Fit(texts[k], cell.Inside(5), 9, "texts")
        );
    }
}
