using Nido.Core.Making;

namespace Nido.Core.Paper.Kinds;

/// <summary>Pictures to lay with sticks, true to size: ends touch, none crosses another, each can be laid with the
/// sticks there are.</summary>
internal static class StickCardsSheet
{
    public static SheetKind Kind { get; } =
        new(
            "stick-cards",
            SheetFamily.Patterns,
            [
                Field.Count("sticks", 2, 16, 5),
                Field.Mm("length", 15, 65, 40),
                Field.Count("cards", 1, 12, 4),
                Field.OneOf("turns", "quarter", "sixth"),
                Field.Count("seed", 1, 100_000, 1),
            ],
            Draw
        );

    private static void Draw(Pad pad, Values v)
    {
        var made = StickCards.Of(
            new(v.Whole("sticks"), v.Number("length"), v.Whole("cards"), v.Text("turns"), v.Whole("seed"))
        );
        foreach (var card in made.Cards)
        {
            var leaf = pad.New();
            var bounds = Box.Around(card.Sticks.SelectMany(s => (At[])[new(s.FromX, s.FromY), new(s.ToX, s.ToY)]));
            if (bounds.Width + 8 > leaf.Room.Width || bounds.Height + 8 > leaf.Room.Height)
            {
                throw Need.Refused(
                    "length",
                    v.Number("length"),
                    $"the picture is {bounds.Width:0} × {bounds.Height:0} mm; take shorter sticks or fewer"
                );
            }

            foreach (var s in card.Sticks)
            {
                var (dx, dy) = (leaf.Room.Middle.X - bounds.Middle.X, leaf.Room.Middle.Y - bounds.Middle.Y);
                var (from, to) = (new At(s.FromX + dx, s.FromY + dy), new At(s.ToX + dx, s.ToY + dy));
                leaf.Draw(Figures.Line(from, to), Stroke.Way, 3);
                leaf.Draw(Figures.Circle(from, 1.6).With(Figures.Circle(to, 1.6)), Stroke.Outline, 0.3);
            }

            leaf.Text(
                pad.Words.Say("sticks", $"{card.Sticks.Count}", $"{v.Number("length"):0.#}"),
                leaf.Room.X,
                leaf.Room.Y + 4,
                3.2,
                grey: 0.3
            );
        }
    }
}
