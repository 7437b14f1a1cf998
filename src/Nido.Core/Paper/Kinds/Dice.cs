namespace Nido.Core.Paper.Kinds;

/// <summary>A die to cut, fold and paste: dots, numerals or pictures on its six sides. Opposite sides of dots make
/// seven.</summary>
internal static class Dice
{
    public static SheetKind Kind { get; } =
        new(
            "dice",
            SheetFamily.Numbers,
            [
                Field.OneOf("sides", "dots", "numerals", "pictures"),
                Field.Mm("side", 25, 50, 45),
                Field.Lines("pictures", 6, "parcel", "snail", "train", "leaf", "moon", "van"),
            ],
            Draw
        );

    private static void Draw(Pad pad, Values v)
    {
        var side = v.Number("side");
        var leaf = pad.New();
        var tab = side * 0.25;
        var left = leaf.Room.Middle.X - (1.5 * side);
        var top = leaf.Room.Y + 12;
        // A cross of four down and one on each hand of the second; opposite sides are two apart down the cross.
        (int Column, int Row, int Value)[] net = [(1, 0, 1), (1, 1, 2), (1, 2, 6), (1, 3, 5), (0, 1, 3), (2, 1, 4)];
        foreach (var (c, r, value) in net)
        {
            var box = new Box(left + (c * side), top + (r * side), side, side);
            leaf.Draw(Figures.Rectangle(box), Stroke.Fold);
            Side(pad, leaf, v, box.Inside(side * 0.16), value);
        }

        foreach (var tabAt in Tabs(left, top, side, tab))
        {
            leaf.Draw(tabAt, Stroke.Glue);
            leaf.Draw(tabAt, Stroke.Cut);
        }

        leaf.Text(pad.Words.Say("diceHow"), leaf.Room.X, leaf.Room.Y + 5, 3.2, grey: 0.3);
    }

    private static void Side(Pad pad, Leaf leaf, Values v, Box box, int value)
    {
        switch (v.Text("sides"))
        {
            case "dots":
                foreach (var p in DotCards.Face(value, box))
                {
                    leaf.Draw(Figures.Circle(p, box.Width * 0.09), Stroke.Solid);
                }

                break;
            case "numerals":
                leaf.Fit($"{value}", box, box.Height * 0.9, "side");
                break;
            default:
                var pictures = v.List("pictures");
                leaf.PictureOf(pictures[(value - 1) % pictures.Count], box);

                break;
        }
    }

    // Of the fourteen free edges of the net each second one that meets has a tab: seven are enough.
    private static IEnumerable<Figure> Tabs(double left, double top, double side, double tab)
    {
        Figure Upright(double x, double y, double by) =>
            Figures.Path(
                [new(x, y), new(x + by, y + (tab * 0.6)), new(x + by, y + side - (tab * 0.6)), new(x, y + side)],
                true
            );
        Figure Level(double x, double y, double by) =>
            Figures.Path(
                [new(x, y), new(x + (tab * 0.6), y + by), new(x + side - (tab * 0.6), y + by), new(x + side, y)],
                true
            );
        yield return Upright(left + side, top, -tab);
        yield return Upright(left + (2 * side), top, tab);
        yield return Upright(left + side, top + (2 * side), -tab);
        yield return Upright(left + (2 * side), top + (2 * side), tab);
        yield return Upright(left + side, top + (3 * side), -tab);
        yield return Upright(left + (2 * side), top + (3 * side), tab);
        yield return Level(left + side, top + (4 * side), tab);
    }
}
