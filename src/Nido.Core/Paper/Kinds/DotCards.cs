using Nido.Core.Making;

namespace Nido.Core.Paper.Kinds;

/// <summary>Dots to see at a glance: as on dice, in a frame of ten, or scattered so that none touches
/// another.</summary>
internal static class DotCards
{
    public static SheetKind Kind { get; } =
        new(
            "dot-cards",
            SheetFamily.Numbers,
            [
                Field.Count("to", 1, 10, 6),
                Field.OneOf("lie", "dice", "frame", "scattered"),
                Field.Mm("card", 30, 90, 60),
                Field.Count("seed", 1, 100_000, 1),
            ],
            Draw
        );

    // Places on a field of three by three, as on dice; common practice.
    private static readonly int[][] Dice =
    [
        [4],
        [0, 8],
        [0, 4, 8],
        [0, 2, 6, 8],
        [0, 2, 4, 6, 8],
        [0, 2, 3, 5, 6, 8],
    ];

    private static void Draw(Pad pad, Values v)
    {
        var (to, lie, card) = (v.Whole("to"), v.Text("lie"), v.Number("card"));
        if (lie == "dice" && to > 6)
        {
            throw Need.Refused("to", to, $"dice go to 6; take a frame of ten or scattered dots for more");
        }

        var chance = new SeededChance((ulong)v.Whole("seed"));
        pad.Cells(
            to,
            card,
            card,
            "card",
            (leaf, cell, k) =>
            {
                foreach (var p in Places(lie, k + 1, cell.Inside(card * 0.1), chance))
                {
                    leaf.Draw(Figures.Circle(p, card * 0.07), Stroke.Solid);
                }

                if (lie == "frame")
                {
                    Frame(leaf, cell.Inside(card * 0.1));
                }
            }
        );
    }

    /// <summary>Where the dots of a card lie.</summary>
    public static IReadOnlyList<At> Places(string lie, int count, Box box, SeededChance chance) =>
        lie switch
        {
            "dice" => Face(count, box),
            "frame" =>
            [
                .. Enumerable
                    .Range(0, count)
                    .Select(k => new At(
                        box.X + (box.Width * ((k % 5) + 0.5) / 5),
                        box.Middle.Y + (box.Width / 5 * ((k / 5) - 0.5))
                    )),
            ],
            _ => Scattered(count, box, box.Width * 0.0875, chance),
        };

    /// <summary>Dots as on a die.</summary>
    public static IReadOnlyList<At> Face(int count, Box box) =>
        [
            .. Dice[count - 1]
                .Select(p => new At(
                    box.X + (box.Width * ((p % 3) + 0.5) / 3),
                    box.Y + (box.Height * ((p / 3) + 0.5) / 3)
                )),
        ];

    private static void Frame(Leaf leaf, Box box)
    {
        var side = box.Width / 5;
        for (var k = 0; k < 10; k++)
        {
            leaf.Draw(
                Figures.Rectangle(new(box.X + (k % 5 * side), box.Middle.Y - side + (k / 5 * side), side, side)),
                Stroke.Fine,
                0.35
            );
        }
    }

    // One dot a square of a field of four by four, moved within it: whatever is drawn, no two touch.
    private static IReadOnlyList<At> Scattered(int count, Box box, double radius, SeededChance chance)
    {
        var (w, h) = (box.Width / 4, box.Height / 4);
        return
        [
            .. Making
                .Draw.Of(chance, 16, count)
                .Select(k => new At(
                    box.X + (k % 4 * w) + Within(w, radius, chance),
                    box.Y + (k / 4 * h) + Within(h, radius, chance)
                )),
        ];
    }

    private static double Within(double size, double radius, SeededChance chance) =>
        radius + ((size - (2 * radius)) * chance.Next(1000) / 1000);
}
