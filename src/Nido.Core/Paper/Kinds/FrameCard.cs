using Nido.Core.Making;

namespace Nido.Core.Paper.Kinds;

/// <summary>A frame of sticks and joints to build after: seen from the front and a little from above, with how many it
/// takes.</summary>
internal static class FrameCard
{
    public static SheetKind Kind { get; } =
        new(
            "frame-card",
            SheetFamily.Plates,
            [
                Field.OneOf("frame", [.. FrameShapes.Names]),
                Field.Count("storeys", 1, 4, 1),
                Field.OneOf("braces", "no", "yes"),
            ],
            Draw
        );

    private static void Draw(Pad pad, Values v)
    {
        var made = Frame.Of(new(v.Text("frame"), v.Whole("storeys")));
        var leaf = pad.New();
        At[] flat = [.. made.Points.Select(p => Seen(p, made.IsFlat))];
        var all = Box.Around(flat);
        var room = (leaf.Room with { Y = leaf.Room.Y + 10, Height = leaf.Room.Height - 10 }).Inside(14);
        var k = Math.Min(room.Width / Math.Max(all.Width, 1e-6), room.Height / Math.Max(all.Height, 1e-6));
        At Place(int i) =>
            new(room.Middle.X + ((flat[i].X - all.Middle.X) * k), room.Middle.Y + ((flat[i].Y - all.Middle.Y) * k));
        if (v.Text("braces") == "yes")
        {
            foreach (var brace in made.Braces)
            {
                leaf.Draw(Figures.Line(Place(brace.I), Place(brace.J)), Stroke.Fold, 0.8);
            }
        }

        foreach (var line in made.Lines)
        {
            leaf.Draw(Figures.Line(Place(line[0]), Place(line[1])), Stroke.Way, 3);
        }

        for (var i = 0; i < flat.Length; i++)
        {
            leaf.Draw(Figures.Circle(Place(i), 3), Stroke.White);
            leaf.Draw(Figures.Circle(Place(i), 3), Stroke.Outline);
        }

        leaf.Text(
            pad.Words.Say("frame", $"{made.Sticks}", $"{made.Joints}", $"{made.BracesToStandStill}"),
            leaf.Room.X,
            leaf.Room.Y + 4,
            3.2,
            grey: 0.3
        );
    }

    // Flat things lie in the page; others are turned a little, so that no stick hides another.
    private static At Seen(double[] p, bool flat)
    {
        var (x, y, z) = (p.ElementAtOrDefault(0), p.ElementAtOrDefault(1), p.ElementAtOrDefault(2));
        var (sin, cos) = Math.SinCos(0.42);
        return flat ? new(x, -y - z) : new((x * cos) - (y * sin), (-z * 0.94) - (((x * sin) + (y * cos)) * 0.34));
    }
}
