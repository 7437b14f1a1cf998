using Nido.Core.Ideas.SetUps;

namespace Nido.Core.Paper.Adults;

/// <summary>How a step lies before a child, drawn small and to scale for a card: outlines that print well, thin and
/// without colours.</summary>
internal static class SetUpOnPaper
{
    /// <summary>Highest a picture becomes on a card, mm.</summary>
    public const double Highest = 30;

    private const double Widest = 62;
    private const double Gap = 4;
    private const double Size = 3;

    /// <summary>Room it takes, with what stands beside it.</summary>
    public static double Height(SetUp laid) => (Wide(laid, out var high) > 0 ? high : 0) + 2;

    /// <summary>Draws it with its scale beside it.</summary>
    /// <returns>Where it ends, mm from above.</returns>
    public static double Draw(Pad pad, Leaf leaf, SetUp laid, int step, double y)
    {
        var wide = Wide(laid, out var high);
        var scale = wide / Across(laid);
        var corner = new At(leaf.Room.X, y);
        leaf.Draw(
            Figures.Rectangle(new(corner.X, corner.Y, wide, high)),
            laid.Tray is null ? Stroke.Fold : Stroke.Outline
        );
        var (left, top) = (
            corner.X + ((Across(laid) - laid.Width) * scale / 2),
            corner.Y + ((Down(laid) - laid.Depth) * scale / 2)
        );
        foreach (var shape in laid.Shapes)
        {
            foreach (var figure in Outline(shape, scale, new(left + (shape.X * scale), top + (shape.Y * scale))))
            {
                // What lies on another hides what is below it.
                leaf.Draw(figure, Stroke.White);
                leaf.Draw(figure, Stroke.Fine);
            }
        }

        var words = pad.Words;
        var says = string.Join(
            " · ",
            [
                words.Say("step", $"{step}"),
                $"1 : {1 / scale:0.#}",
                laid.Tray is { } tray
                    ? words.Say("onTray", $"{tray.Length:0}", $"{tray.Width:0}")
                    : words.Say("onTable", $"{laid.Width:0}", $"{laid.Depth:0}"),
                words.Say("atTable", $"{laid.AtTable}"),
            ]
        );
        leaf.Paragraph(says, corner.X + wide + Gap, y, leaf.Room.Width - wide - Gap, Size, Face.Adult);
        return y + high + 2;
    }

    private static double Across(SetUp laid) => laid.Tray?.Length ?? laid.Width;

    private static double Down(SetUp laid) => laid.Tray?.Width ?? laid.Depth;

    private static double Wide(SetUp laid, out double high)
    {
        var scale = Math.Min(Widest / Across(laid), Highest / Down(laid));
        high = Down(laid) * scale;
        return Across(laid) * scale;
    }

    private static IEnumerable<Figure> Outline(SetUpShape shape, double scale, At middle)
    {
        var (wide, deep) = (shape.Width * scale, shape.Depth * scale);
        Box box = new(middle.X - (wide / 2), middle.Y - (deep / 2), wide, deep);
        switch (shape.Kind)
        {
            case SetUpForm.Round or SetUpForm.Filling:
                yield return Figures.Circle(middle, Math.Min(wide, deep) / 2);
                break;
            case SetUpForm.OpenRound:
                yield return Figures.Circle(middle, Math.Min(wide, deep) / 2);
                yield return Figures.Circle(middle, Math.Min(wide, deep) / 2 * 0.88);
                break;
            case SetUpForm.Coil:
                foreach (var part in (double[])[1, 0.7, 0.4])
                {
                    yield return Figures.Circle(middle, Math.Min(wide, deep) / 2 * part);
                }

                break;
            case SetUpForm.OpenSquare:
                yield return Figures.Rectangle(box);
                yield return Figures.Rectangle(
                    new(box.X + (wide * 0.05), box.Y + (deep * 0.07), wide * 0.9, deep * 0.86)
                );
                break;
            default:
                yield return Figures.Rectangle(box);
                break;
        }
    }
}
