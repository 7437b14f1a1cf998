using System.Globalization;

namespace Nido.Core.Paper.Kinds;

/// <summary>A recipe in pictures: as many cups and spoons as it takes, then the steps; children read it
/// themselves.</summary>
internal static class RecipeCard
{
    public static SheetKind Kind { get; } =
        new(
            "recipe-card",
            SheetFamily.Adults,
            [
                Field.Line("title", "Cornstarch paste"),
                Field.Lines("measures", 12, "0.5 cup cornstarch", "2 cup water"),
                Field.Lines(
                    "steps",
                    10,
                    "Stir the cornstarch into a little cold water.",
                    "An adult pours on the rest hot and stirs until clear.",
                    "Let it cool."
                ),
            ],
            Draw
        );

    /// <summary>Measures that are drawn; what is asked in another is written.</summary>
    private static readonly Dictionary<string, string> Drawn = new()
    {
        ["cup"] = "M 20 10 L 80 10 L 72 92 L 28 92 Z",
        ["tbsp"] = "A 50 26 20 24 0 360 Z M 50 50 L 50 96",
        ["tsp"] = "A 50 34 13 16 0 360 Z M 50 50 L 50 96",
    };

    private static void Draw(Pad pad, Values v)
    {
        var leaf = pad.New();
        leaf.Fit(v.Text("title"), leaf.Room with { Height = 16 }, 11, "title", Face.AdultBold, Align.Left);
        var (measures, steps) = (v.List("measures"), v.List("steps"));
        var row = Math.Min(26, (leaf.Room.Height - 24) * 0.55 / measures.Count);
        for (var k = 0; k < measures.Count; k++)
        {
            Measure(leaf, measures[k], new(leaf.Room.X, leaf.Room.Y + 20 + (k * row), leaf.Room.Width, row));
        }

        var top = leaf.Room.Y + 24 + (measures.Count * row);
        leaf.Draw(Figures.Line(new(leaf.Room.X, top), new(leaf.Room.Right, top)), Stroke.Fine);
        var each = Math.Min(22, (leaf.Room.Bottom - top - 4) / steps.Count);
        for (var k = 0; k < steps.Count; k++)
        {
            var y = top + 3 + (k * each);
            leaf.Fit($"{k + 1}", new(leaf.Room.X, y, 12, each - 2), 9, "steps", Face.AdultBold);
            leaf.Fit(steps[k], new(leaf.Room.X + 15, y, leaf.Room.Width - 15, each - 2), 6, "steps", align: Align.Left);
        }
    }

    /// <summary>"2.5 cup water": two whole cups and a half one, then the name.</summary>
    private static void Measure(Leaf leaf, string line, Box box)
    {
        var words = line.Split(' ', 3, StringSplitOptions.RemoveEmptyEntries);
        var side = Math.Min(box.Height - 3, 20);
        if (
            words.Length < 3
            || !double.TryParse(words[0].Replace(',', '.'), CultureInfo.InvariantCulture, out var amount)
            || amount is <= 0 or > 6
            || !Drawn.TryGetValue(words[1].TrimEnd('s'), out var shape)
        )
        {
            leaf.Fit(line, box with { Height = side }, 7, "measures", align: Align.Left);
            return;
        }

        var count = (int)Math.Ceiling(amount - 1e-9);
        for (var k = 0; k < count; k++)
        {
            var at = new Box(box.X + (k * (side + 2)), box.Y, side, side);
            var part = Math.Min(1, amount - k);
            var measure = Figures.Of(shape).In(at.Inside(1));
            if (part < 1 - 1e-9)
            {
                // How far it is filled is shaded beside it, so that halves and thirds can be told apart.
                leaf.Draw(
                    Figures.Rectangle(new(at.Right - 1.5, at.Y + (side * (1 - part)), 1.5, side * part)),
                    Stroke.Solid
                );
                leaf.Draw(Figures.Rectangle(new(at.Right - 1.5, at.Y, 1.5, side)), Stroke.Outline, 0.25);
            }

            leaf.Draw(measure, Stroke.Outline);
        }

        var left = box.X + (count * (side + 2)) + 3;
        leaf.Fit(
            $"{words[0]} {words[1]} {words[2]}",
            new(left, box.Y, box.Right - left, side),
            7,
            "measures",
            align: Align.Left
        );
    }
}
