namespace Nido.Core.Paper.Kinds;

/// <summary>A wheel with a place at its rim for each peg, numbered or dotted.</summary>
internal static class PegPlaces
{
    public static SheetKind Kind { get; } =
        new(
            "peg-wheel",
            SheetFamily.Plates,
            [
                Field.Mm("diameter", 80, 185, 170),
                Field.Count("pegs", 2, 20, 8),
                Field.OneOf("show", "dots", "numerals", "both"),
                Field.Count("from", 0, 80, 1),
            ],
            Draw
        );

    private static void Draw(Pad pad, Values v)
    {
        var (diameter, pegs, from) = (v.Number("diameter"), v.Whole("pegs"), v.Whole("from"));
        var leaf = pad.New();
        var middle = new At(leaf.Room.Middle.X, leaf.Room.Y + 6 + (diameter / 2));
        leaf.Draw(Figures.Circle(middle, diameter / 2), Stroke.Cut);
        var size = Math.Min(diameter * 0.16, Math.PI * diameter * 0.4 / pegs * 0.7);
        for (var k = 0; k < pegs; k++)
        {
            leaf.Draw(Figures.Line(middle, At.OnCircle(middle, diameter / 2, -90 + (360.0 * k / pegs))), Stroke.Fine);
            var at = At.OnCircle(middle, diameter * 0.39, -90 + (360.0 * (k + 0.5) / pegs));
            var box = new Box(at.X - (size / 2), at.Y - (size / 2), size, size);
            if (v.Text("show") != "numerals" && from + k <= 10)
            {
                DotsIn(
                    leaf,
                    v.Text("show") == "both" ? box with { Y = box.Y + (size * 0.55), Height = size * 0.5 } : box,
                    from + k
                );
            }

            if (v.Text("show") != "dots" || from + k > 10)
            {
                leaf.Fit(
                    $"{from + k}",
                    v.Text("show") == "both" ? box with { Height = size * 0.55 } : box,
                    size,
                    "pegs"
                );
            }
        }
    }

    /// <summary>Dots in two rows, that never touch.</summary>
    public static void DotsIn(Leaf leaf, Box box, int count)
    {
        var columns = Math.Max(1, (count + 1) / 2);
        var (dx, dy) = (box.Width / columns, box.Height / (count > 1 ? 2 : 1));
        for (var k = 0; k < count; k++)
        {
            leaf.Draw(
                Figures.Circle(
                    new(box.X + ((k / 2) + 0.5) * dx, box.Y + ((k % 2) + 0.5) * dy),
                    Math.Min(dx, dy) * 0.32
                ),
                Stroke.Solid
            );
        }
    }
}
