using Nido.Core.Making;

namespace Nido.Core.Paper.Kinds;

/// <summary>Rows of pieces on half circles, one inside the other: a place for each piece, or free lines only.</summary>
internal static class ArcRowsSheet
{
    public static SheetKind Kind { get; } =
        new(
            "arc-rows",
            SheetFamily.Plates,
            [
                Field.Mm("outerRadius", 30, 95, 85),
                Field.Mm("rowPitch", 8, 60, 22),
                Field.Count("rows", 1, 6, 3),
                Field.Mm("piece", 5, 50, 19),
                Field.OneOf("guide", "places", "lines"),
            ],
            Draw
        );

    private static void Draw(Pad pad, Values v)
    {
        var (outer, pitch, rows, piece) = (
            v.Number("outerRadius"),
            v.Number("rowPitch"),
            v.Whole("rows"),
            v.Number("piece")
        );
        var made = ArcRows.Of(new(outer, pitch, rows, piece, 0, 1));
        var leaf = pad.New();
        if ((2 * outer) + piece > leaf.Room.Width - 1)
        {
            throw Need.Refused(
                "outerRadius",
                outer,
                $"with pieces of {piece:0.#} mm at most {(leaf.Room.Width - 1 - piece) / 2:0.#} mm goes across the page"
            );
        }

        var foot = new At(leaf.Room.Middle.X, leaf.Room.Y + 14 + outer + (piece / 2));
        for (var k = 0; k < rows; k++)
        {
            var radius = outer - (k * pitch);
            leaf.Draw(Figures.Arc(foot, radius, 180, 180), Stroke.Fine, 0.4);
            for (var i = 0; i < made.PiecesPerRow[k]; i++)
            {
                var place = At.OnCircle(foot, radius, 180 + (180 * (i + 0.5) / made.PiecesPerRow[k]));
                leaf.Draw(
                    Figures.Circle(place, v.Text("guide") == "places" ? piece / 2 : 0.8),
                    v.Text("guide") == "places" ? Stroke.Outline : Stroke.Fine,
                    0.35
                );
            }
        }

        leaf.Text(
            pad.Words.Say("piecesEach", $"{made.PerChild}", $"{piece:0.#}"),
            leaf.Room.X,
            leaf.Room.Y + 4,
            3.2,
            grey: 0.3
        );
    }
}
