namespace Nido.Core.Paper.Kinds;

/// <summary>A spiral to cut without stopping, or a way that turns at corners: stop, turn the paper, go on.</summary>
internal static class SpiralAndCorners
{
    public static SheetKind Kind { get; } =
        new(
            "spiral",
            SheetFamily.Cutting,
            [Field.OneOf("line", "spiral", "corners"), Field.Mm("gap", 14, 50, 24), Field.Mm("width", 0.5, 12, 3)],
            Draw
        );

    private static void Draw(Pad pad, Values v)
    {
        var (gap, width) = (v.Number("gap"), Math.Min(v.Number("width"), v.Number("gap") / 2));
        var leaf = pad.New();
        var radius = (Math.Min(leaf.Room.Width, leaf.Room.Height) / 2) - width - (gap / 4);
        var figure =
            v.Text("line") == "spiral"
                ? Figures.Spiral(leaf.Room.Middle, radius, gap)
                : Corners(leaf.Room.Middle, radius, gap);
        leaf.Draw(leaf.ForHand(figure), Stroke.Way, width);
        leaf.Draw(leaf.ForHand(figure), Stroke.Trace, 0.3);
    }

    private static Figure Corners(At middle, double radius, double gap)
    {
        var (left, top, right, bottom) = (middle.X - radius, middle.Y - radius, middle.X + radius, middle.Y + radius);
        var places = new List<At> { new(left, bottom) };
        while (right - left > gap && bottom - top > gap)
        {
            places.Add(new(left, top));
            places.Add(new(right, top));
            places.Add(new(right, bottom));
            left += gap;
            places.Add(new(left, bottom));
            (top, right, bottom) = (top + gap, right - gap, bottom - gap);
            places.Add(new(left, bottom));
        }

        return Figures.Path([.. places.Distinct()], closed: false);
    }
}
