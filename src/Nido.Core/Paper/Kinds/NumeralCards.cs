namespace Nido.Core.Paper.Kinds;

/// <summary>Numerals on cards, with dots to count beneath where wished.</summary>
internal static class NumeralCards
{
    public static SheetKind Kind { get; } =
        new(
            "numeral-cards",
            SheetFamily.Numbers,
            [
                Field.Count("from", 0, 99, 1),
                Field.Count("to", 0, 100, 10),
                Field.Mm("width", 25, 90, 47),
                Field.Mm("height", 30, 120, 70),
                Field.OneOf("dots", "no", "yes"),
            ],
            Draw
        );

    private static void Draw(Pad pad, Values v)
    {
        var (from, to) = (v.Whole("from"), v.Whole("to"));
        if (to < from)
        {
            throw Making.Need.Refused("to", to, $"a number from {from} on is wanted");
        }

        // One size on all cards: that of the widest numeral.
        var widest = Enumerable.Range(from, to - from + 1).Max(n => pad.Type.Width($"{n}", Face.Child, 1));
        var size = Math.Min((v.Number("width") - 6) / widest, (v.Number("height") - 6) * 0.8) * 0.999;
        pad.Cells(
            to - from + 1,
            v.Number("width"),
            v.Number("height"),
            "width",
            (leaf, cell, k) =>
            {
                var inside = cell.Inside(3);
                var dotted = v.Text("dots") == "yes" && from + k is > 0 and <= 10;
                leaf.Fit(
                    $"{from + k}",
                    inside with
                    {
                        Height = inside.Height * (dotted ? 0.66 : 1),
                    },
                    dotted ? Math.Min(size, inside.Height * 0.55) : size,
                    "to"
                );
                if (dotted)
                {
                    PegPlaces.DotsIn(
                        leaf,
                        new(inside.X, inside.Y + (inside.Height * 0.7), inside.Width, inside.Height * 0.3),
                        from + k
                    );
                }
            }
        );
    }
}
