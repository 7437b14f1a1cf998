namespace Nido.Core.Paper.Kinds;

/// <summary>A ball and a box: in, on, under, beside, before, behind, between, above.</summary>
internal static class PositionCards
{
    public static SheetKind Kind { get; } =
        new(
            "position-cards",
            SheetFamily.Patterns,
            [Field.OneOf("words", "yes", "no"), Field.Mm("card", 45, 90, 60)],
            Draw
        );

    private static readonly string[] Places = ["in", "on", "under", "beside", "before", "behind", "between", "above"];

    private static void Draw(Pad pad, Values v) =>
        pad.Cells(
            Places.Length,
            v.Number("card"),
            v.Number("card") + 14,
            "card",
            (leaf, cell, k) =>
            {
                var s = v.Number("card");
                var box = new Box(cell.X + (s * 0.34), cell.Y + (s * 0.42), s * 0.32, s * 0.3);
                var (r, place) = (s * 0.09, Places[k]);
                void Ball(double x, double y)
                {
                    leaf.Draw(Figures.Circle(new(x, y), r), Stroke.White);
                    leaf.Draw(Figures.Circle(new(x, y), r), Stroke.Outline, 1);
                }

                void Crate()
                {
                    leaf.Draw(Figures.Rectangle(box), Stroke.White);
                    leaf.Draw(Figures.Rectangle(box), Stroke.Outline);
                }

                switch (place)
                {
                    case "behind":
                        Ball(box.Right - (r * 0.4), box.Y - (r * 0.2));
                        Crate();
                        break;
                    case "in":
                        // Open at the top, so that what lies in it is seen.
                        leaf.Draw(
                            Figures.Path(
                                [
                                    new(box.X, box.Y),
                                    new(box.X, box.Bottom),
                                    new(box.Right, box.Bottom),
                                    new(box.Right, box.Y),
                                ],
                                false
                            ),
                            Stroke.Outline
                        );
                        Ball(box.Middle.X, box.Bottom - r - 1);
                        break;
                    case "under":
                        // Raised on legs.
                        leaf.Draw(
                            Figures.Rectangle(box with { Y = box.Y - (s * 0.18), Height = box.Height * 0.6 }),
                            Stroke.Outline
                        );
                        leaf.Draw(
                            Figures
                                .Line(new(box.X + 1, box.Y), new(box.X + 1, box.Bottom))
                                .With(Figures.Line(new(box.Right - 1, box.Y), new(box.Right - 1, box.Bottom))),
                            Stroke.Outline
                        );
                        Ball(box.Middle.X, box.Bottom - r);
                        break;
                    case "between":
                        leaf.Draw(Figures.Rectangle(box with { X = box.X - (s * 0.22) }), Stroke.Outline);
                        leaf.Draw(Figures.Rectangle(box with { X = box.X + (s * 0.28) }), Stroke.Outline);
                        Ball(box.Middle.X + (s * 0.03), box.Bottom - r);
                        break;
                    default:
                        Crate();
                        var (x, y) = place switch
                        {
                            "on" => (box.Middle.X, box.Y - r),
                            "beside" => (box.Right + (2 * r), box.Bottom - r),
                            "before" => (box.Middle.X, box.Bottom - (r * 0.2)),
                            _ => (box.Middle.X, box.Y - (2.6 * r)),
                        };
                        Ball(x, y);
                        break;
                }

                if (v.Text("words") == "yes")
                {
                    leaf.Fit(pad.Words.Say($"place.{place}"), new(cell.X + 2, cell.Bottom - 13, s - 4, 11), 7, "card");
                }
            }
        );
}
