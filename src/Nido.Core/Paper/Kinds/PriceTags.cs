namespace Nido.Core.Paper.Kinds;

/// <summary>Price tags for a shop, and round pieces to pay with; no money of any country.</summary>
internal static class PriceTags
{
    public static SheetKind Kind { get; } =
        new(
            "price-tags",
            SheetFamily.Numbers,
            [
                Field.Lines("things", 24, "stamp", "parcel", "envelope"),
                Field.Count("dearest", 1, 20, 5),
                Field.Count("coins", 0, 60, 12),
                Field.Count("seed", 1, 100_000, 1),
            ],
            Draw
        );

    private static void Draw(Pad pad, Values v)
    {
        var (things, dearest) = (v.List("things"), v.Whole("dearest"));
        var chance = new SeededChance((ulong)v.Whole("seed"));
        pad.Cells(
            things.Count,
            62,
            42,
            "things",
            (leaf, cell, k) =>
            {
                var price = 1 + chance.Next(dearest);
                leaf.Draw(Figures.Circle(new(cell.X + 6, cell.Y + 6), 2.5), Stroke.Outline, 0.35);
                leaf.PictureOf(things[k], new(cell.X + 10, cell.Y + 3, 20, 20));
                leaf.Fit(things[k], new(cell.X + 3, cell.Y + 25, 28, 12), 5, "things");
                leaf.Fit($"{price}", new(cell.X + 34, cell.Y + 3, 25, 22), 18, "things");
                PegPlaces.DotsIn(leaf, new(cell.X + 34, cell.Y + 28, 25, 11), Math.Min(price, 10));
            }
        );
        pad.Cells(
            v.Whole("coins"),
            30,
            30,
            "coins",
            (leaf, cell, k) =>
            {
                leaf.Draw(Figures.Circle(cell.Middle, 13), Stroke.Cut);
                leaf.Fit($"{((int[])[1, 1, 1, 2, 2, 5])[k % 6]}", cell.Inside(7), 12, "coins");
            },
            cut: false
        );
    }
}
