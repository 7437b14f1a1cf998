namespace Nido.Core.Paper.Kinds;

/// <summary>A closed shape to cut out, with an easy line outside the exact one, everywhere as far from it.</summary>
internal static class CutShapes
{
    public static SheetKind Kind { get; } =
        new(
            "cut-shapes",
            SheetFamily.Cutting,
            [
                Field.OneOf("shape", ShapeOf.Names),
                Field.Mm("size", 20, 170, 90),
                Field.Mm("outside", 0, 15, 9),
                Field.Mm("width", 0.3, 10, 1),
            ],
            Draw
        );

    private static void Draw(Pad pad, Values v)
    {
        var (shape, size, outside) = (v.Text("shape"), v.Number("size"), v.Number("outside"));
        var leaf = pad.New();
        var of = ShapeOf.Figure(shape, size);
        var bounds = of.Bounds.Inside(-outside - v.Number("width"));
        if (bounds.Width > leaf.Room.Width || bounds.Height > leaf.Room.Height - 12)
        {
            throw Making.Need.Refused(
                "size",
                size,
                $"with its outer line it needs {bounds.Width:0} × {bounds.Height:0} mm; the page has room for "
                    + $"{leaf.Room.Width:0} × {leaf.Room.Height - 12:0} mm"
            );
        }

        var rows = Math.Max(1, (int)((leaf.Room.Height - 12) / (bounds.Height + 4)));
        for (var k = 0; k < rows; k++)
        {
            var at = of.Moved(
                leaf.Room.Middle.X - of.Bounds.Middle.X,
                leaf.Room.Y + 8 + ((k + 0.5) * (leaf.Room.Height - 12) / rows) - of.Bounds.Middle.Y
            );
            if (outside > 0)
            {
                leaf.Draw(Outside.Of(at, outside), Stroke.Cut);
            }

            leaf.Draw(at, Stroke.Outline, v.Number("width"));
        }

        leaf.Text(
            pad.Words.Say(outside > 0 ? "outerFirst" : "cutOut", $"{outside:0.#}"),
            leaf.Room.X,
            leaf.Room.Y + 4,
            3.2,
            grey: 0.3
        );
    }
}
