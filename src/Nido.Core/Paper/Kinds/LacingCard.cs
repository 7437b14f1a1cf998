using Nido.Core.Making;

namespace Nido.Core.Paper.Kinds;

/// <summary>A card to lace: holes evenly along the edge, as far in as a hole punch reaches.</summary>
internal static class LacingCard
{
    public static SheetKind Kind { get; } =
        new(
            "lacing-card",
            SheetFamily.Plates,
            [
                Field.OneOf("shape", ShapeOf.Names),
                Field.Mm("size", 60, 185, 140),
                Field.Count("holes", 4, 60, 12),
                Field.Mm("hole", 3, 12, 6),
                Field.Mm("reach", 5, 30, 10),
            ],
            Draw
        );

    private static void Draw(Pad pad, Values v)
    {
        var (size, holes, hole, reach) = (v.Number("size"), v.Whole("holes"), v.Number("hole"), v.Number("reach"));
        var leaf = pad.New();
        var of = ShapeOf.Figure(v.Text("shape"), size);
        var at = of.Moved(leaf.Room.Middle.X - of.Bounds.Middle.X, leaf.Room.Y + 8);
        if (reach < (hole / 2) + 3)
        {
            throw Need.Refused(
                "reach",
                reach,
                $"a hole of {hole:0.#} mm needs {(hole / 2) + 3:0.#} mm from the edge, or the paper tears"
            );
        }

        var inner = Outside.Of(at, -reach);
        var places = Spaced.Along(inner, holes, closed: true);
        var apart = inner.Length / holes;
        if (apart < hole + 3)
        {
            throw Need.Refused(
                "holes",
                holes,
                $"they would lie {apart:0.#} mm apart; at most {(int)(inner.Length / (hole + 3))} of {hole:0.#} mm fit"
            );
        }

        leaf.Draw(at, Stroke.Cut);
        foreach (var p in places)
        {
            leaf.Draw(Figures.Circle(p, hole / 2), Stroke.Outline, 0.35);
        }

        leaf.Text(
            pad.Words.Say("holes", $"{holes}", $"{hole:0.#}", $"{apart:0.#}"),
            leaf.Room.X,
            leaf.Room.Y + 4,
            3.2,
            grey: 0.3
        );
    }
}
