namespace Nido.Core.Paper.Kinds;

/// <summary>Strips to snip: short marks along the edge for a fringe, or marks right across for one cut each.</summary>
internal static class SnipStrips
{
    public static SheetKind Kind { get; } =
        new(
            "snip-strips",
            SheetFamily.Cutting,
            [
                Field.OneOf("marks", "fringe", "across"),
                Field.Mm("stripWidth", 15, 80, 30),
                Field.Mm("apart", 8, 60, 20),
                Field.Mm("width", 0.5, 15, 4),
                Field.Count("strips", 1, 60, 6),
            ],
            Draw
        );

    private static void Draw(Pad pad, Values v)
    {
        var (wide, apart, line, fringe) = (
            v.Number("stripWidth"),
            v.Number("apart"),
            v.Number("width"),
            v.Text("marks") == "fringe"
        );
        var across = Page.SizeOf(pad.Setting.Paper).Width - (2 * Page.Margin);
        pad.Cells(
            v.Whole("strips"),
            across,
            wide,
            "stripWidth",
            (leaf, cell, _) =>
            {
                for (var x = cell.X + apart; x < cell.Right - (apart / 2); x += apart)
                {
                    var mark = Figures.Line(
                        new(x, cell.Bottom),
                        new(x, fringe ? cell.Y + (cell.Height * 0.4) : cell.Y)
                    );
                    leaf.Draw(leaf.ForHand(mark), Stroke.Way, Math.Min(line, apart / 2), flat: true);
                    leaf.Draw(leaf.ForHand(mark), Stroke.Trace, 0.3);
                }
            }
        );
    }
}
