namespace Nido.Core.Paper.Kinds;

/// <summary>A sheet with its folds, numbered in their order.</summary>
internal static class FoldLines
{
    public static SheetKind Kind { get; } =
        new(
            "fold-lines",
            SheetFamily.Strips,
            [Field.OneOf("fold", "inTwo", "inThree", "cross", "envelope", "fan"), Field.Mm("size", 60, 190, 150)],
            Draw
        );

    private static void Draw(Pad pad, Values v)
    {
        var leaf = pad.New();
        var size = Math.Min(v.Number("size"), leaf.Room.Width);
        var sheet = new Box(leaf.Room.Middle.X - (size / 2), leaf.Room.Y + 10, size, size);
        leaf.Draw(Figures.Rectangle(sheet), Stroke.Cut);
        (At From, At To)[] folds = v.Text("fold") switch
        {
            "inTwo" => [Level(sheet, 0.5)],
            "inThree" => [Level(sheet, 1 / 3.0), Level(sheet, 2 / 3.0)],
            "cross" => [Level(sheet, 0.5), (new(sheet.Middle.X, sheet.Y), new(sheet.Middle.X, sheet.Bottom))],
            // Turned like a kite: the four corners come to the middle, the last one closes it.
            "envelope" =>
            [
                (new(sheet.X, sheet.Middle.Y), new(sheet.Middle.X, sheet.Bottom)),
                (new(sheet.X, sheet.Middle.Y), new(sheet.Middle.X, sheet.Y)),
                (new(sheet.Right, sheet.Middle.Y), new(sheet.Middle.X, sheet.Bottom)),
                (new(sheet.Middle.X, sheet.Y), new(sheet.Right, sheet.Middle.Y)),
            ],
            _ => [.. Enumerable.Range(1, 7).Select(k => Level(sheet, k / 8.0))],
        };
        foreach (var ((from, to), k) in folds.Select((f, k) => (f, k)))
        {
            leaf.Draw(Figures.Line(from, to), Stroke.Fold);
            leaf.Text(
                $"{k + 1}",
                from.X + ((to.X - from.X) * 0.12) + 1.5,
                from.Y + ((to.Y - from.Y) * 0.12) - 1.5,
                6,
                Face.Child
            );
        }

        leaf.Text(pad.Words.Say("foldOrder"), leaf.Room.X, leaf.Room.Y + 4, 3.2, grey: 0.3);
    }

    private static (At, At) Level(Box sheet, double part) =>
        (new(sheet.X, sheet.Y + (sheet.Height * part)), new(sheet.Right, sheet.Y + (sheet.Height * part)));
}
