using Nido.Core.Making;

namespace Nido.Core.Paper.Kinds;

/// <summary>Shapes to cut, nested so that little paper is left over: circles in rows between each other, triangles head
/// to foot.</summary>
internal static class Shapes
{
    public static SheetKind Kind { get; } =
        new(
            "shapes",
            SheetFamily.Shapes,
            [Field.OneOf("shape", ShapeOf.Names), Field.Mm("side", 15, 120, 40), Field.Count("count", 1, 1000, 12)],
            Draw
        );

    private static void Draw(Pad pad, Values v)
    {
        var (shape, side, count) = (v.Text("shape"), v.Number("side"), v.Whole("count"));
        for (var left = count; left > 0; )
        {
            var leaf = pad.New();
            var room = leaf.Room with { Y = leaf.Room.Y + 6, Height = leaf.Room.Height - 6 };
            Figure[] nested = [.. Nested(shape, side, room).Take(left)];
            if (nested.Length == 0)
            {
                throw Need.Refused(
                    "side",
                    side,
                    $"not one fits the page's {room.Width:0} × {room.Height:0} mm; take a smaller size"
                );
            }

            foreach (var figure in nested)
            {
                leaf.Draw(figure, Stroke.Cut);
            }

            leaf.Text(
                pad.Words.Say("shapesHere", $"{nested.Length}", $"{count}", $"{side:0.#}"),
                leaf.Room.X,
                leaf.Room.Y + 3.4,
                3,
                grey: 0.3
            );
            left -= nested.Length;
        }
    }

    /// <summary>As many as a room takes, one at a time.</summary>
    private static IEnumerable<Figure> Nested(string shape, double side, Box room)
    {
        var one = ShapeOf.Figure(shape, side);
        var (w, h) = (one.Bounds.Width, one.Bounds.Height);
        if (w > room.Width || h > room.Height)
        {
            yield break;
        }

        if (shape == "triangle")
        {
            // Each other triangle stands on its head: two take a side and a half of width.
            for (var y = room.Y; y + h <= room.Bottom + 1e-9; y += h)
            {
                for (var k = 0; room.X + (k * side / 2) + side <= room.Right + 1e-9; k++)
                {
                    var at = one.Moved(room.X + (k * side / 2), y);
                    yield return k % 2 == 0 ? at : at.Turned(180, at.Bounds.Middle);
                }
            }

            yield break;
        }

        var laid =
            shape == "circle"
                ? SheetYield.Of(new(room.Width, room.Height, Diameter: side))
                : SheetYield.Of(new(room.Width, room.Height, w, h));
        foreach (var p in laid.Positions)
        {
            yield return shape == "circle" ? one.Moved(room.X + p.X - (side / 2), room.Y + p.Y - (side / 2))
            : laid.Turned && w != h ? one.Turned(90, new(0, 0)).Moved(h, 0).Moved(room.X + p.X, room.Y + p.Y)
            : one.Moved(room.X + p.X, room.Y + p.Y);
        }
    }
}
