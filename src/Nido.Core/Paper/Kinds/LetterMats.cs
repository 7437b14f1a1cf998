using Nido.Core.Making;

namespace Nido.Core.Paper.Kinds;

/// <summary>Mats with a letter to lay pieces on: the capital, the small one, as broad as the pieces.</summary>
internal static class LetterMats
{
    public static SheetKind Kind { get; } =
        new(
            "letter-mats",
            SheetFamily.Letters,
            [Field.Line("letters", "Pp", 8), Field.Mm("xHeight", 20, 90, 60), Field.Mm("piece", 6, 30, 15)],
            Draw
        );

    private static void Draw(Pad pad, Values v)
    {
        foreach (var letter in Words.Letters.Signs(v.Text("letters")).Where(l => l != " "))
        {
            var leaf = pad.New();
            if (Skeleton.Of(letter) is not { } strokes)
            {
                leaf.Fit(letter, leaf.Room, 200, "letters", hollow: true);
                continue;
            }

            var (unit, piece) = (v.Number("xHeight") / Skeleton.XHeight, v.Number("piece"));
            var bounds = Box.Around(strokes.SelectMany(s => s.Scaled(unit).Runs.SelectMany(r => r.Along())));
            if (bounds.Width + piece > leaf.Room.Width || bounds.Height + piece > leaf.Room.Height)
            {
                throw Need.Refused(
                    "xHeight",
                    v.Number("xHeight"),
                    $"{letter} would be {bounds.Width + piece:0} × {bounds.Height + piece:0} mm; the page has "
                        + $"{leaf.Room.Width:0} × {leaf.Room.Height:0}"
                );
            }

            var (dx, dy) = (leaf.Room.Middle.X - bounds.Middle.X, leaf.Room.Middle.Y - bounds.Middle.Y);
            Way.Draw(leaf, [.. strokes.Select(s => s.Scaled(unit).Moved(dx, dy))], piece + 2);
        }
    }
}
