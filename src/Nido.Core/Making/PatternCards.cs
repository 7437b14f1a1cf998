namespace Nido.Core.Making;

/// <summary>Cards with a pattern to copy or go on with, or rings of beads: how many there can be, and some of
/// them.</summary>
public static class PatternCards
{
    private static readonly Dictionary<string, int[]> Units = new()
    {
        ["AB"] = [0, 1],
        ["AAB"] = [0, 0, 1],
        ["ABB"] = [0, 1, 1],
        ["ABC"] = [0, 1, 2],
        ["AABB"] = [0, 0, 1, 1],
    };

    /// <summary>What is asked.</summary>
    /// <param name="Kind">AB, AAB, ABB, ABC, AABB or ring.</param>
    /// <param name="Colours">Colours to choose from, 2–12.</param>
    /// <param name="Length">Pieces shown, or beads of the ring.</param>
    /// <param name="Available">Pieces there are of a colour; a colour left out is plenty.</param>
    /// <param name="Flip">A ring turned over counts as the same.</param>
    /// <param name="MaxCards">Cards wanted at most.</param>
    /// <param name="Seed">The same seed gives the same cards.</param>
    public sealed record Ask(
        string Kind,
        IReadOnlyList<string> Colours,
        int Length,
        IReadOnlyDictionary<string, int>? Available = null,
        bool Flip = false,
        int MaxCards = 12,
        long Seed = 1
    );

    /// <summary>What comes out.</summary>
    /// <param name="Possible">How many different ones there are with these colours.</param>
    /// <param name="Cards">Different ones that can all be laid at once.</param>
    /// <param name="LimitedBy">possible, maxCards, or the colour that runs out.</param>
    /// <param name="Trace">In words.</param>
    public sealed record Answer(
        long Possible,
        IReadOnlyList<IReadOnlyList<string>> Cards,
        string LimitedBy,
        IReadOnlyList<Said> Trace
    );

    /// <summary>How it is asked for.</summary>
    public static Calculator<Ask, Answer> Offer { get; } =
        new("pattern-cards", 12, Of, "possible")
        {
            Fields =
            [
                AskField.Choice("kind", "AAB", "AB", "AAB", "ABB", "ABC", "AABB", "ring"),
                new("colours", AskKind.Words, "red, cream, blue"),
                AskField.Count("length", 6, 3, 60),
                new("available", AskKind.Amounts, ""),
                AskField.Flag("flip"),
                AskField.Count("maxCards", 8, 1, 200),
                AskField.Number("seed", 1),
            ],
        };

    /// <summary>Counts and draws the cards.</summary>
    public static Answer Of(Ask ask)
    {
        ArgumentNullException.ThrowIfNull(ask);
        var kind = Need.OneOf("kind", ask.Kind, [.. Units.Keys, "ring"]);
        var colours = Need.Words("colours", ask.Colours, 2, 12);
        var most = Need.Whole("maxCards", ask.MaxCards, 1, 200);
        foreach (var (colour, n) in ask.Available ?? new Dictionary<string, int>())
        {
            Need.Whole($"available.{colour}", n, 0, 100_000);
        }

        var chance = new SeededChance((ulong)ask.Seed);
        var (possible, drawn, trace) =
            kind == "ring"
                ? Rings(Need.Whole("length", ask.Length, 2, 24), colours.Count, ask.Flip, most, chance)
                : Rows(kind, ask.Length, colours.Count, chance);
        var left = colours.Select(c => ask.Available?.GetValueOrDefault(c, int.MaxValue) ?? int.MaxValue).ToArray();
        var cards = new List<string[]>();
        var shortOf = -1;
        foreach (var card in drawn)
        {
            if (cards.Count == most)
            {
                break;
            }

            if (
                Enumerable.Range(0, left.Length).FirstOrDefault(c => card.Count(x => x == c) > left[c], -1)
                is >= 0
                    and var lacking
            )
            {
                shortOf = lacking;
                continue;
            }

            foreach (var c in card)
            {
                left[c] -= left[c] == int.MaxValue ? 0 : 1;
            }

            cards.Add([.. card.Select(c => colours[c])]);
        }

        var limitedBy =
            cards.Count == most ? "maxCards"
            : shortOf >= 0 ? colours[shortOf]
            : "possible";
        return new(
            possible,
            cards,
            limitedBy,
            [
                .. trace,
                limitedBy == "maxCards" ? (Said)$"{cards.Count} cards are laid out, as many as asked"
                : limitedBy == "possible" ? (Said)$"{cards.Count} cards are laid out, all there are"
                : $"{cards.Count} cards are laid out, then {Said.Word(limitedBy)} runs out",
            ]
        );
    }

    private static (long, IEnumerable<int[]>, Said[]) Rows(string kind, int length, int k, SeededChance chance)
    {
        var unit = Units[kind];
        var letters = unit.Max() + 1;
        Need.Whole("length", length, 2 * unit.Length, 60);
        if (k < letters)
        {
            throw Need.Refused("colours", k, $"the pattern {kind} needs {letters} colours");
        }

        var choices = Arrangements(k, letters).ToArray();
        int[] order = Draw.Of(chance, choices.Length, choices.Length);
        return (
            choices.Length,
            order.Select(i => (int[])[.. Enumerable.Range(0, length).Select(p => choices[i][unit[p % unit.Length]])]),
            [
                $"{Said.Word(kind)} with {k} colours: {Enumerable.Range(0, letters).Select(i => k - i):×} = "
                    + $"{choices.Length} ways to choose them",
                $"{length} pieces show {length / unit.Length} whole repeats, so what comes next is one colour only",
            ]
        );
    }

    /// <summary>Ordered choices of so many different colours.</summary>
    private static IEnumerable<int[]> Arrangements(int k, int letters) =>
        letters == 0
            ?
            [
                [],
            ]
            : Arrangements(k, letters - 1)
                .SelectMany(a => Enumerable.Range(0, k).Where(c => !a.Contains(c)).Select(c => (int[])[.. a, c]));

    /// <summary>Rings up to turning, or also up to turning over (Burnside); colours may stay unused.</summary>
    private static (long, IEnumerable<int[]>, Said[]) Rings(int n, int k, bool flip, int most, SeededChance chance)
    {
        var possible = RingCount(n, k, flip);
        return (
            possible,
            possible <= 5000 && Math.Pow(k, n) <= 2_000_000
                ? Shuffled(All(n, k, flip), chance)
                : Drawn(n, k, flip, most, chance),
            [
                $"{n} beads in {k} colours, "
                    + $"{(flip ? Said.Word("turned round and over") : Said.Word("turned round"))} counting as the "
                    + $"same: {possible} rings (Burnside)",
            ]
        );
    }

    /// <summary>How many rings of n beads in k colours there are.</summary>
    internal static long RingCount(int n, int k, bool flip)
    {
        var turned = Enumerable.Range(0, n).Sum(r => Power(k, Gcd(r, n)));
        if (!flip)
        {
            return (long)(turned / n);
        }

        var over = n % 2 == 1 ? n * Power(k, (n + 1) / 2) : (n / 2 * Power(k, (n / 2) + 1)) + (n / 2 * Power(k, n / 2));
        return (long)((turned + over) / (2 * n));
    }

    private static IEnumerable<int[]> All(int n, int k, bool flip)
    {
        var ring = new int[n];
        do
        {
            if (Least(ring, flip).AsSpan().SequenceEqual(ring))
            {
                yield return [.. ring];
            }

            var at = n - 1;
            while (at >= 0 && ++ring[at] == k)
            {
                ring[at--] = 0;
            }
        } while (ring.Any(c => c != 0));
    }

    private static IEnumerable<int[]> Shuffled(IEnumerable<int[]> rings, SeededChance chance)
    {
        int[][] all = [.. rings];
        return Draw.Of(chance, all.Length, all.Length).Select(i => all[i]);
    }

    private static IEnumerable<int[]> Drawn(int n, int k, bool flip, int most, SeededChance chance)
    {
        var seen = new HashSet<string>();
        for (var tries = 0; seen.Count < most * 20 && tries < most * 200; tries++)
        {
            var ring = Least([.. Enumerable.Range(0, n).Select(_ => chance.Next(k))], flip);
            if (seen.Add(string.Join(',', ring)))
            {
                yield return ring;
            }
        }
    }

    /// <summary>Of all turnings of a ring the one that comes first.</summary>
    private static int[] Least(int[] ring, bool flip)
    {
        var best = ring;
        foreach (var way in flip ? new[] { ring, [.. ring.Reverse()] } : [ring])
        {
            for (var r = 0; r < ring.Length; r++)
            {
                int[] turned = [.. way[r..], .. way[..r]];
                best = turned.AsSpan().SequenceCompareTo(best) < 0 ? turned : best;
            }
        }

        return best;
    }

    private static System.Numerics.BigInteger Power(int k, int e) => System.Numerics.BigInteger.Pow(k, e);

    private static int Gcd(int a, int b) => b == 0 ? a : Gcd(b, a % b);

    private static System.Numerics.BigInteger Sum<T>(
        this IEnumerable<T> items,
        Func<T, System.Numerics.BigInteger> of
    ) => items.Aggregate(System.Numerics.BigInteger.Zero, (sum, x) => sum + of(x));
}
