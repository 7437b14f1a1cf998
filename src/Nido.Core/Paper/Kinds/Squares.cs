namespace Nido.Core.Paper.Kinds;

/// <summary>Squares to cut and paste, counted, beside the outline they fill.</summary>
internal static class Squares
{
    public static SheetKind Kind { get; } =
        new(
            "squares",
            SheetFamily.Strips,
            [
                Field.Mm("side", 8, 80, 19),
                Field.Count("count", 1, 2000, 88),
                Field.OneOf("fill", [.. (string[])["nothing"], .. ShapeOf.Names]),
            ],
            Draw
        );

    private static void Draw(Pad pad, Values v)
    {
        var (side, count) = (v.Number("side"), v.Whole("count"));
        pad.Cells(
            count,
            side,
            side,
            "side",
            (_, _, _) => { },
            caption: pad.Words.Say("squares", $"{count}", $"{side:0.#}")
        );
        if (v.Text("fill") is var shape && shape != "nothing")
        {
            var leaf = pad.New();
            var figure = ShapeOf.Figure(shape, 150).In(leaf.Room.Inside(12));
            leaf.Draw(figure, Stroke.Outline);
            // Laid by hand, squares cover six to eight tenths of a patch (common practice).
            var (fewest, most) = (
                (int)Math.Floor(figure.Area * 0.6 / (side * side)),
                (int)Math.Ceiling(figure.Area * 0.8 / (side * side))
            );
            leaf.Text(
                pad.Words.Say("fillWith", $"{fewest}", $"{most}", $"{side:0.#}"),
                leaf.Room.X,
                leaf.Room.Y + 4,
                3.2,
                grey: 0.3
            );
        }
    }
}
