namespace Nido.Core.Paper.Kinds;

/// <summary>A story in order: a frame to draw in over each sentence, and a place for its number.</summary>
internal static class StoryOrder
{
    public static SheetKind Kind { get; } =
        new(
            "story-order",
            SheetFamily.Words,
            [
                Field.Lines(
                    "sentences",
                    6,
                    "The letter is written.",
                    "The letter is sealed.",
                    "The van brings it.",
                    "Somebody opens the door."
                ),
            ],
            Draw
        );

    private static void Draw(Pad pad, Values v)
    {
        var sentences = v.List("sentences");
        var leaf0 = Page.SizeOf(pad.Setting.Paper);
        var (w, h) = ((leaf0.Width - (2 * Page.Margin)) / 2, (leaf0.Height - 44) / 3);
        pad.Cells(
            sentences.Count,
            w,
            h,
            "sentences",
            (leaf, cell, k) =>
            {
                var inside = cell.Inside(4);
                leaf.Draw(Figures.Rectangle(inside with { Height = inside.Height - 18 }), Stroke.Fine);
                leaf.Draw(Figures.Circle(new(inside.X + 6, inside.Bottom - 8), 5), Stroke.Fine, 0.4);
                leaf.Fit(
                    sentences[k],
                    new(inside.X + 14, inside.Bottom - 16, inside.Width - 14, 16),
                    5.5,
                    "sentences",
                    align: Align.Left
                );
            }
        );
    }
}
