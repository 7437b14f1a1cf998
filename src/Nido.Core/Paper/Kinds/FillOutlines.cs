namespace Nido.Core.Paper.Kinds;

/// <summary>A large outline to fill with torn or cut pieces: a letter, a numeral, a shape or a picture, with how many
/// pieces it takes.</summary>
internal static class FillOutlines
{
    public static SheetKind Kind { get; } =
        new(
            "fill-outlines",
            SheetFamily.Shapes,
            [
                Field.OneOf("outline", [.. (string[])["text"], .. ShapeOf.Names, "picture"]),
                Field.Line("text", "P", 2),
                Field.Line("picture", "parcel"),
                Field.Mm("piece", 8, 60, 20),
            ],
            Draw
        );

    private static void Draw(Pad pad, Values v)
    {
        var leaf = pad.New();
        var room = leaf.Room with { Y = leaf.Room.Y + 8, Height = leaf.Room.Height - 8 };
        switch (v.Text("outline"))
        {
            case "text":
                leaf.Fit(v.Text("text"), room, 230, "text", hollow: true);
                return;
            case "picture":
                leaf.PictureOf(v.Text("picture"), room.Inside(6));

                return;
            case var shape:
                var figure = ShapeOf.Figure(shape, 100).In(room.Inside(6));
                leaf.Draw(figure, Stroke.Outline);
                var side = v.Number("piece");
                leaf.Text(
                    pad.Words.Say(
                        "fillWith",
                        $"{figure.Area * 0.6 / (side * side):0}",
                        $"{figure.Area * 0.8 / (side * side):0}",
                        $"{side:0.#}"
                    ),
                    leaf.Room.X,
                    leaf.Room.Y + 4,
                    3.2,
                    grey: 0.3
                );
                return;
        }
    }
}
