namespace Nido.Core.Paper.Kinds;

/// <summary>A mat for each number: the numeral, and as many places as it says.</summary>
internal static class FillMats
{
    public static SheetKind Kind { get; } =
        new(
            "fill-mats",
            SheetFamily.Numbers,
            [
                Field.Count("from", 1, 20, 1),
                Field.Count("to", 1, 20, 6),
                Field.Mm("piece", 8, 50, 25),
                Field.OneOf("places", "circles", "none"),
            ],
            Draw
        );

    private static void Draw(Pad pad, Values v)
    {
        var (from, to, piece) = (v.Whole("from"), v.Whole("to"), v.Number("piece"));
        if (to < from)
        {
            throw Making.Need.Refused("to", to, $"a number from {from} on is wanted");
        }

        var size = Page.SizeOf(pad.Setting.Paper);
        pad.Cells(
            to - from + 1,
            size.Width - (2 * Page.Margin),
            (size.Height - 42) / 3,
            "piece",
            (leaf, cell, k) =>
            {
                var number = from + k;
                leaf.Fit($"{number}", new(cell.X + 4, cell.Y + 6, 44, cell.Height - 12), 60, "to");
                if (v.Text("places") == "none")
                {
                    return;
                }

                var room = new Box(cell.X + 52, cell.Y + 4, cell.Width - 56, cell.Height - 8);
                var pitch = piece + 3;
                var across = (int)(room.Width / pitch);
                if (across * (int)(room.Height / pitch) < number)
                {
                    throw Making.Need.Refused(
                        "piece",
                        piece,
                        $"{number} places of {piece:0.#} mm have no room on a mat; take smaller pieces"
                    );
                }

                for (var i = 0; i < number; i++)
                {
                    leaf.Draw(
                        Figures.Circle(
                            new(room.X + ((i % across) + 0.5) * pitch, room.Y + ((i / across) + 0.5) * pitch),
                            piece / 2
                        ),
                        Stroke.Fine,
                        0.4
                    );
                }
            }
        );
    }
}
