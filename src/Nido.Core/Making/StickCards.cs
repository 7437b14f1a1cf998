namespace Nido.Core.Making;

/// <summary>
/// Pictures of sticks in two dimensions: each stick ends where another begins, none crosses or lies on another, so that
/// whoever has
/// the sticks can lay it.
/// </summary>
public static class StickCards
{
    /// <summary>What is asked.</summary>
    /// <param name="Sticks">Sticks of a card, 2–16.</param>
    /// <param name="Length">Of a stick, mm.</param>
    /// <param name="Cards">Different cards wanted, 1–50.</param>
    /// <param name="Turns">quarter for squares, sixth for triangles.</param>
    /// <param name="Seed">The same seed gives the same cards.</param>
    public sealed record Ask(int Sticks, double Length, int Cards = 4, string Turns = "quarter", long Seed = 1);

    /// <summary>A stick from end to end, mm.</summary>
    public sealed record Stick(double FromX, double FromY, double ToX, double ToY);

    /// <summary>A card.</summary>
    /// <param name="Sticks">In the order they can be laid: each touches one that lies already.</param>
    /// <param name="Joints">Places where ends meet.</param>
    /// <param name="Closed">Fields that are closed all round.</param>
    public sealed record Card(IReadOnlyList<Stick> Sticks, int Joints, int Closed);

    /// <summary>What comes out.</summary>
    /// <param name="Cards">No two alike, not even moved.</param>
    /// <param name="Trace">In words.</param>
    public sealed record Answer(IReadOnlyList<Card> Cards, IReadOnlyList<Said> Trace);

    /// <summary>How it is asked for.</summary>
    public static Calculator<Ask, Answer> Offer { get; } =
        new("stick-cards", 16, Of)
        {
            Fields =
            [
                AskField.Count("sticks", 5, 2, 16),
                AskField.Length("length", 40, most: 1000),
                AskField.Count("cards", 4, 1, 50),
                AskField.Choice("turns", "quarter", "quarter", "sixth"),
                AskField.Number("seed", 1),
            ],
        };

    /// <summary>Lays the cards on a grid whose lines are as long as a stick.</summary>
    public static Answer Of(Ask ask)
    {
        ArgumentNullException.ThrowIfNull(ask);
        var count = Need.Whole("sticks", ask.Sticks, 2, 16);
        var length = Need.Length("length", ask.Length, 1000);
        var wanted = Need.Whole("cards", ask.Cards, 1, 50);
        var ways = Need.OneOf("turns", ask.Turns, "quarter", "sixth") == "quarter" ? Quarter : Sixth;
        var chance = new SeededChance((ulong)ask.Seed);
        var seen = new HashSet<string>();
        var cards = new List<Card>();
        // Work is counted: so many draws at most, whatever the machine.
        for (var draw = 0; draw < wanted * 40 && cards.Count < wanted; draw++)
        {
            var laid = Lay(count, ways, chance);
            if (seen.Add(Shape(laid)))
            {
                cards.Add(CardOf(laid, length, ask.Turns == "sixth"));
            }
        }

        return new(
            cards,
            [
                $"{count} sticks of {length:0.#} mm, laid on a grid of "
                    + $"{Said.Word(ask.Turns == "quarter" ? "squares" : "triangles")}: ends meet on its corners, so "
                    + $"none crosses another",
                $"{cards.Count} different cards{Said.When(cards.Count < wanted, $"; more than {wanted} × 40 draws were not tried")}",
            ]
        );
    }

    // Steps on the grid; on triangles the second number counts along 60°.
    private static readonly (int X, int Y)[] Quarter = [(1, 0), (0, 1), (-1, 0), (0, -1)];
    private static readonly (int X, int Y)[] Sixth = [(1, 0), (0, 1), (-1, 1), (-1, 0), (0, -1), (1, -1)];

    private static List<((int X, int Y) From, (int X, int Y) To)> Lay(
        int count,
        (int X, int Y)[] ways,
        SeededChance chance
    )
    {
        var places = new List<(int X, int Y)> { (0, 0) };
        var laid = new List<((int X, int Y) From, (int X, int Y) To)>();
        var taken = new HashSet<((int, int), (int, int))>();
        while (laid.Count < count)
        {
            // The end laid last is gone on from more often, so that pictures reach out.
            var from = chance.Next(3) > 0 ? places[^1] : places[chance.Next(places.Count)];
            var way = ways[chance.Next(ways.Length)];
            var to = (from.X + way.X, from.Y + way.Y);
            if (taken.Add(Edge(from, to)))
            {
                laid.Add((from, to));
                places.Add(to);
            }
        }

        return laid;
    }

    private static ((int, int), (int, int)) Edge((int X, int Y) a, (int X, int Y) b) =>
        a.CompareTo(b) < 0 ? (a, b) : (b, a);

    /// <summary>The same picture elsewhere on the grid is the same card.</summary>
    private static string Shape(List<((int X, int Y) From, (int X, int Y) To)> laid)
    {
        var (x, y) = (laid.Min(s => Math.Min(s.From.X, s.To.X)), laid.Min(s => Math.Min(s.From.Y, s.To.Y)));
        return string.Join(' ', laid.Select(s => Edge((s.From.X - x, s.From.Y - y), (s.To.X - x, s.To.Y - y))).Order());
    }

    private static Card CardOf(List<((int X, int Y) From, (int X, int Y) To)> laid, double length, bool triangles)
    {
        (double X, double Y) Place((int X, int Y) p) =>
            triangles ? ((p.X + (p.Y / 2.0)) * length, p.Y * Math.Sqrt(3) / 2 * length) : (p.X * length, p.Y * length);
        var ends = laid.SelectMany(s => new[] { s.From, s.To })
            .GroupBy(p => p)
            .ToDictionary(g => g.Key, g => g.Count());
        // A connected picture: closed fields = sticks − places + 1 (Euler).
        return new(
            [
                .. laid.Select(s => (Place(s.From), Place(s.To)))
                    .Select(p => new Stick(
                        Need.Round(p.Item1.X),
                        Need.Round(p.Item1.Y),
                        Need.Round(p.Item2.X),
                        Need.Round(p.Item2.Y)
                    )),
            ],
            ends.Count(e => e.Value > 1),
            laid.Count - ends.Count + 1
        );
    }
}
