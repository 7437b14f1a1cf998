namespace Nido.Core.Paper.Kinds;

/// <summary>Name tags with a picture of one's own, so that nobody needs to read yet.</summary>
internal static class NameTags
{
    public static SheetKind Kind { get; } =
        new(
            "name-tags",
            SheetFamily.Room,
            [
                Field.Lines("names", 200, "Ada"),
                Field.Mm("width", 40, 190, 90),
                Field.Mm("height", 20, 100, 40),
                Field.OneOf("pictures", "yes", "no"),
            ],
            Draw
        );

    private static void Draw(Pad pad, Values v)
    {
        var names = v.List("names");
        string[] pictures = [.. Pictures.All.Keys];
        pad.Cells(
            names.Count,
            v.Number("width"),
            v.Number("height"),
            "width",
            (leaf, cell, k) =>
            {
                var inside = cell.Inside(3);
                var side = v.Text("pictures") == "yes" ? Math.Min(inside.Height, inside.Width * 0.34) : 0;
                if (side > 0)
                {
                    leaf.Picture(
                        pictures[k % pictures.Length],
                        new(inside.X, inside.Middle.Y - (side / 2), side, side)
                    );
                }

                leaf.Fit(
                    names[k],
                    new(inside.X + side + 2, inside.Y, inside.Width - side - 2, inside.Height),
                    16,
                    "names"
                );
            }
        );
    }
}
