namespace Nido.Core.Paper.Kinds;

/// <summary>Pictures twice, to find what is the same; or nearly the same, with one thing that differs.</summary>
internal static class PicturePairs
{
    public static SheetKind Kind { get; } =
        new(
            "picture-pairs",
            SheetFamily.Words,
            [
                Field.Lines("pictures", 24, "parcel", "snail", "train", "leaf", "moon", "van"),
                Field.OneOf("pairs", "alike", "nearlyAlike"),
                Field.Mm("card", 30, 90, 60),
            ],
            Draw
        );

    private static void Draw(Pad pad, Values v)
    {
        var (pictures, card, near) = (v.List("pictures"), v.Number("card"), v.Text("pairs") == "nearlyAlike");
        pad.Cells(
            2 * pictures.Count,
            card,
            card,
            "card",
            (leaf, cell, k) =>
            {
                var box = cell.Inside(card * 0.12);
                if (!near || k % 2 == 0 || Pictures.Of(pictures[k / 2]) is not { } id)
                {
                    leaf.PictureOf(pictures[k / 2], box);
                    return;
                }

                // What differs goes round: turned about, smaller, a dot more, shaded.
                switch (k / 2 % 4)
                {
                    case 0:
                        leaf.Draw(Pictures.All[id].In(box).Mirrored(box.Middle.X), Stroke.Outline);
                        break;
                    case 1:
                        leaf.Picture(id, box.Inside(box.Width * 0.18));
                        break;
                    case 2:
                        leaf.Picture(id, box);
                        leaf.Draw(Figures.Circle(new(box.Right - 3, box.Y + 3), 2.5), Stroke.Solid);
                        break;
                    default:
                        leaf.Draw(Figures.Rectangle(box), Stroke.Shade);
                        leaf.Picture(id, box);
                        break;
                }
            }
        );
        if (near)
        {
            pad.Note(pad.Words.Say("differs"));
        }
    }
}
