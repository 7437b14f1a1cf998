using Nido.Core.Making;
using Nido.Core.Words;

namespace Nido.Core.Paper.Kinds;

/// <summary>One's own name four ways, from easy to hard: find it, build it of tiles, trace it, write it.</summary>
internal static class OwnName
{
    public static SheetKind Kind { get; } =
        new(
            "own-name",
            SheetFamily.Tracing,
            [
                Field.Lines("names", 200, "Ada"),
                Field.Mm("tile", 12, 40, 22),
                Field.OneOf("letters", "asWritten", "capitals"),
            ],
            Draw
        );

    private static void Draw(Pad pad, Values v)
    {
        foreach (var written in v.List("names"))
        {
            var name = v.Text("letters") == "capitals" ? written.ToUpperInvariant() : written;
            var leaf = pad.New();
            var (room, quarter) = (leaf.Room, leaf.Room.Height / 4);
            for (var k = 0; k < 4; k++)
            {
                leaf.Text(
                    pad.Words.Say(((string[])["nameFind", "nameBuild", "nameTrace", "nameWrite"])[k]),
                    room.X,
                    room.Y + (k * quarter) + 4,
                    3.2,
                    grey: 0.3
                );
            }

            leaf.Fit(name, new(room.X, room.Y + 8, room.Width, quarter - 14), 32, "names");
            Tiles(leaf, name, new(room.X, room.Y + quarter + 8, room.Width, quarter - 12), v.Number("tile"));
            Trace(pad, leaf, name, room.Y + (2 * quarter) + 8, quarter - 12);
            var foot = room.Y + (4 * quarter) - 16;
            leaf.Draw(Figures.Line(new(room.X, foot), new(room.Right, foot)), Stroke.Fine, 0.5);
            leaf.Draw(Figures.Line(new(room.X, foot - 16), new(room.Right, foot - 16)), Stroke.Fine, 0.2);
        }
    }

    /// <summary>A place for each letter, in as many rows as they take.</summary>
    private static void Tiles(Leaf leaf, string name, Box box, double tile)
    {
        IReadOnlyList<string> letters = Letters.Of(name);
        var side = tile;
        while ((int)(box.Width / side) * (int)(box.Height / side) < letters.Count)
        {
            side *= 0.95;
            if (side < 6)
            {
                throw Need.Refused("names", name, $"{letters.Count} letters have no room; take a shorter form");
            }
        }

        var across = (int)(box.Width / side);
        for (var k = 0; k < letters.Count; k++)
        {
            leaf.Draw(
                Figures.Rectangle(
                    new Box(box.X + (k % across * side), box.Y + (k / across * side), side, side).Inside(0.6)
                ),
                Stroke.Outline,
                0.35
            );
        }
    }

    private static void Trace(Pad pad, Leaf leaf, string name, double top, double height)
    {
        if (pad.Type.Missing(name).Length > 0)
        {
            leaf.Fit(name, new(leaf.Room.X, top, leaf.Room.Width, height), 20, "names");
            return;
        }

        var x = Math.Min(height / 16 * Skeleton.XHeight, 16);
        var wide = TraceLetters.Width(pad, name, x);
        x = Math.Min(x, x * leaf.Room.Width / wide * 0.98);
        if (x < 3.5)
        {
            // Too long for one row: hollow letters, over several lines.
            leaf.Fit(name, new(leaf.Room.X, top, leaf.Room.Width, height), 22, "names", hollow: true);
            return;
        }

        TraceLetters.Row(pad, leaf, name, top + (x / Skeleton.XHeight * 12), x, lined: true, filled: true);
    }
}
