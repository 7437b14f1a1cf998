using Nido.Core.Making;

namespace Nido.Core.Paper.Kinds;

/// <summary>Openings to cut in a lid: a round hole and a slot, for what goes through and what does not.</summary>
internal static class LidOpenings
{
    public static SheetKind Kind { get; } =
        new(
            "lid-openings",
            SheetFamily.Plates,
            [
                Field.Mm("lid", 60, 185, 120),
                Field.Mm("hole", 5, 150, 45),
                Field.Mm("slotLength", 0, 150, 60),
                Field.Mm("slotWidth", 3, 40, 8),
            ],
            Draw
        );

    private static void Draw(Pad pad, Values v)
    {
        var (lid, hole, length, width) = (
            v.Number("lid"),
            v.Number("hole"),
            v.Number("slotLength"),
            v.Number("slotWidth")
        );
        var needed = hole + (length > 0 ? width + 10 : 0) + 20;
        if (needed > lid || length + 20 > lid)
        {
            throw Need.Refused(
                "lid",
                lid,
                $"openings and their edges need a lid of {Math.Max(needed, length + 20):0} mm; take smaller openings"
            );
        }

        var leaf = pad.New();
        var middle = new At(leaf.Room.Middle.X, leaf.Room.Y + 10 + (lid / 2));
        leaf.Draw(Figures.Circle(middle, lid / 2), Stroke.Outline);
        var up = length > 0 ? (width + 10) / 2 : 0;
        leaf.Draw(Figures.Circle(middle - new At(0, up), hole / 2), Stroke.Cut);
        if (length > 0)
        {
            // Where the slot lies the lid must still be wider than it.
            var y = middle.Y - up + (hole / 2) + 10;
            leaf.Draw(
                Figures.Rectangle(
                    new(middle.X - (length / 2), Math.Min(y, middle.Y + (lid / 2) - width - 10), length, width)
                ),
                Stroke.Cut
            );
        }

        leaf.Text(
            pad.Words.Say("openings", $"{hole:0.#}", $"{length:0.#} × {width:0.#}"),
            leaf.Room.X,
            leaf.Room.Y + 4,
            3.2,
            grey: 0.3
        );
    }
}
