namespace Nido.Core.Making;

/// <summary>Strips of arrows to follow, no two alike.</summary>
public static class DirectionStrips
{
    /// <summary>What is asked.</summary>
    /// <param name="Length">Arrows on a strip, 1–20.</param>
    /// <param name="Strips">How many.</param>
    /// <param name="Directions">To choose from, 2–8.</param>
    /// <param name="Seed">The same seed gives the same strips.</param>
    public sealed record Ask(int Length, int Strips, IReadOnlyList<string> Directions, long Seed = 1);

    /// <summary>What comes out.</summary>
    /// <param name="Strips">Each different from every other.</param>
    /// <param name="Counts">Arrows of each direction.</param>
    /// <param name="Pieces">Arrows in all.</param>
    /// <param name="Trace">In words.</param>
    public sealed record Answer(
        IReadOnlyList<IReadOnlyList<string>> Strips,
        IReadOnlyDictionary<string, int> Counts,
        int Pieces,
        IReadOnlyList<Said> Trace
    );

    /// <summary>How it is asked for.</summary>
    public static Calculator<Ask, Answer> Offer { get; } =
        new("direction-strips", 18, Of, "pieces")
        {
            Fields =
            [
                AskField.Count("length", 4, 1, 20),
                AskField.Number("strips", 6),
                new("directions", AskKind.Words, "up, right, down, left"),
                AskField.Number("seed", 1),
            ],
        };

    /// <summary>Draws the strips.</summary>
    public static Answer Of(Ask ask)
    {
        ArgumentNullException.ThrowIfNull(ask);
        var length = Need.Whole("length", ask.Length, 1, 20);
        var directions = Need.Words("directions", ask.Directions, 2, 8);
        var possible = Math.Pow(directions.Count, length);
        var count = Need.Whole("strips", ask.Strips, 1, (int)Math.Min(500, possible));
        var chance = new SeededChance((ulong)ask.Seed);
        var seen = new HashSet<string>();
        var strips = new List<string[]>();
        while (strips.Count < count)
        {
            string[] strip = [.. Enumerable.Range(0, length).Select(_ => directions[chance.Next(directions.Count)])];
            if (seen.Add(string.Join('\n', strip)))
            {
                strips.Add(strip);
            }
        }

        var counts = directions.ToDictionary(d => d, d => strips.Sum(s => s.Count(x => x == d)));
        return new(
            strips,
            counts,
            count * length,
            [
                $"{directions.Count}^{length} = {possible:#,0} strips are possible; {count} different ones are drawn",
                $"{count} × {length} = {count * length} arrows: {counts.Select(c => (Said)$"{c.Value} {Said.Word(c.Key)}")}",
            ]
        );
    }
}
