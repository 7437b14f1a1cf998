namespace Nido.Core.Paper.Kinds;

/// <summary>A letter and eight pictures: which of them begin with it?</summary>
internal static class FirstSound
{
    public static SheetKind Kind { get; } =
        new(
            "first-sound",
            SheetFamily.Letters,
            [
                Field.Line("letter", "P", 2),
                Field.Lines("words", 8, "parcel", "snail", "post", "moon", "leaf", "packet", "train", "star"),
            ],
            Draw
        );

    private static void Draw(Pad pad, Values v)
    {
        var words = v.List("words");
        var leaf = pad.New();
        var top = new Box(leaf.Room.X, leaf.Room.Y, 50, 44);
        leaf.Draw(Figures.Rectangle(top), Stroke.Outline);
        leaf.Fit(v.Text("letter"), top.Inside(3), 36, "letter");
        leaf.Text(pad.Words.Say("firstSound"), top.Right + 6, top.Middle.Y + 2, 4.2, Face.Child);
        var rows = (words.Count + 1) / 2;
        var (w, h) = (leaf.Room.Width / 2, Math.Min(46, (leaf.Room.Height - 50) / rows));
        for (var k = 0; k < words.Count; k++)
        {
            var cell = new Box(leaf.Room.X + (k % 2 * w), leaf.Room.Y + 50 + (k / 2 * h), w, h).Inside(2);
            WordCards.Face(pad, leaf, cell, words[k], beats: false);
            leaf.Draw(Figures.Circle(new(cell.Right - 7, cell.Y + 7), 4.5), Stroke.Outline, 0.4);
        }
    }
}
