namespace Nido.Core.Paper.Kinds;

/// <summary>A plate with equal sectors to spin on: a paper clip round a pencil is the hand.</summary>
internal static class Spinner
{
    public static SheetKind Kind { get; } =
        new(
            "spinner",
            SheetFamily.Numbers,
            [Field.Lines("sectors", 12, "1", "2", "3", "4", "5", "6"), Field.Mm("diameter", 60, 180, 150)],
            Draw
        );

    private static void Draw(Pad pad, Values v)
    {
        var (sectors, diameter) = (v.List("sectors"), v.Number("diameter"));
        var leaf = pad.New();
        var middle = new At(leaf.Room.Middle.X, leaf.Room.Y + 12 + (diameter / 2));
        for (var k = 0; k < sectors.Count; k++)
        {
            var (from, sweep) = (-90 + (360.0 * k / sectors.Count), 360.0 / sectors.Count);
            leaf.Draw(
                sectors.Count == 1
                    ? Figures.Circle(middle, diameter / 2)
                    : Figures.Sector(middle, diameter / 2, from, sweep),
                Stroke.Outline,
                0.4
            );
            var at = At.OnCircle(middle, diameter * 0.32, from + (sweep / 2));
            var box = Math.Min(diameter * 0.24, Math.PI * diameter * 0.6 / Math.Max(2, sectors.Count));
            leaf.Fit(sectors[k], new(at.X - (box / 2), at.Y - (box / 2), box, box), 16, "sectors");
        }

        leaf.Draw(Figures.Circle(middle, 1), Stroke.Solid);
        leaf.Text(pad.Words.Say("spin"), leaf.Room.X, leaf.Room.Y + 5, 3.2, grey: 0.3);
    }
}
