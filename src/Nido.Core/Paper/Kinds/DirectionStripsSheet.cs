using Nido.Core.Making;

namespace Nido.Core.Paper.Kinds;

/// <summary>Strips of arrows to walk, drive or lay by, no two alike.</summary>
internal static class DirectionStripsSheet
{
    public static SheetKind Kind { get; } =
        new(
            "direction-strips",
            SheetFamily.Patterns,
            [
                Field.Count("length", 2, 8, 4),
                Field.Count("strips", 1, 24, 6),
                Field.Count("directions", 2, 4, 4),
                Field.Count("seed", 1, 100_000, 1),
            ],
            Draw
        );

    private static readonly string[] Names = ["up", "right", "down", "left"];

    private static void Draw(Pad pad, Values v)
    {
        var length = v.Whole("length");
        var made = DirectionStrips.Of(new(length, v.Whole("strips"), Names[..v.Whole("directions")], v.Whole("seed")));
        pad.Cells(
            made.Strips.Count,
            (length * 22) + 8,
            30,
            "length",
            (leaf, cell, k) =>
            {
                for (var i = 0; i < length; i++)
                {
                    Arrow(
                        leaf,
                        new(cell.X + 15 + (i * 22), cell.Middle.Y),
                        8,
                        (Array.IndexOf(Names, made.Strips[k][i]) * 90) - 90
                    );
                }
            },
            gap: 3
        );
    }

    private static void Arrow(Leaf leaf, At middle, double size, double degrees)
    {
        var arrow = Figures.Path(
            [
                new(-size, -size * 0.3),
                new(0.1 * size, -size * 0.3),
                new(0.1 * size, -size * 0.8),
                new(size, 0),
                new(0.1 * size, size * 0.8),
                new(0.1 * size, size * 0.3),
                new(-size, size * 0.3),
            ],
            true
        );
        leaf.Draw(arrow.Turned(degrees, new(0, 0)).Moved(middle.X, middle.Y), Stroke.Solid);
    }
}
