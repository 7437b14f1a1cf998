namespace Nido.Core.Paper.Kinds;

/// <summary>A row that repeats, and one place more than a repeat takes, so that going on is more than
/// copying.</summary>
internal static class PatternStrips
{
    public static SheetKind Kind { get; } =
        new(
            "pattern-strips",
            SheetFamily.Patterns,
            [
                Field.OneOf("pattern", "AB", "AAB", "ABB", "ABC", "AABB"),
                Field.Count("repeats", 1, 4, 2),
                Field.Count("strips", 1, 12, 4),
                Field.Mm("piece", 8, 40, 18),
            ],
            Draw
        );

    private static void Draw(Pad pad, Values v)
    {
        var (unit, repeats, piece) = (v.Text("pattern"), v.Whole("repeats"), v.Number("piece"));
        var places = (unit.Length * repeats) + unit.Length + 1;
        var wide = Page.SizeOf(pad.Setting.Paper).Width - (2 * Page.Margin);
        if ((places * (piece + 3)) + 6 > wide)
        {
            throw Making.Need.Refused(
                "piece",
                piece,
                $"{places} places of {piece:0.#} mm are wider than the page; take smaller pieces or fewer repeats"
            );
        }

        pad.Cells(
            v.Whole("strips"),
            wide,
            piece + 12,
            "piece",
            (leaf, cell, k) =>
            {
                for (var i = 0; i < places; i++)
                {
                    var box = new Box(cell.X + 4 + (i * (piece + 3)), cell.Y + 6, piece, piece);
                    if (i < unit.Length * repeats)
                    {
                        Sign(leaf, (unit[i % unit.Length] - 'A' + k) % 4, box.Inside(1));
                    }
                    else
                    {
                        leaf.Draw(Figures.Rectangle(box), Stroke.Fine, 0.4);
                    }
                }
            },
            gap: 3
        );
    }

    /// <summary>Told apart by shape and filling, never by colour.</summary>
    public static void Sign(Leaf leaf, int which, Box box)
    {
        var figure = which switch
        {
            0 => Figures.Circle(box.Middle, box.Width / 2),
            1 => Figures.Rectangle(box),
            2 => Figures.Path([new(box.Middle.X, box.Y), new(box.Right, box.Bottom), new(box.X, box.Bottom)], true),
            _ => Figures.Star(box.Middle, box.Width / 2),
        };
        leaf.Draw(figure, which is 0 or 2 ? Stroke.Solid : Stroke.Outline);
    }
}
