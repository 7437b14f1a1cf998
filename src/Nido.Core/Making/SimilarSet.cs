namespace Nido.Core.Making;

/// <summary>Pairs of nearly alike pictures that differ in exactly so many features.</summary>
public static class SimilarSet
{
    /// <summary>Something that can be drawn in several ways.</summary>
    public sealed record Feature(string Name, IReadOnlyList<string> Values);

    /// <summary>What is asked.</summary>
    /// <param name="Features">1–12, each with 2–20 values.</param>
    /// <param name="Pairs">How many pairs.</param>
    /// <param name="DifferBy">Features in which the two of a pair differ.</param>
    /// <param name="Seed">The same seed gives the same pairs.</param>
    public sealed record Ask(IReadOnlyList<Feature> Features, int Pairs, int DifferBy = 1, long Seed = 1);

    /// <summary>Two pictures and the features in which they differ.</summary>
    public sealed record Pair(
        IReadOnlyDictionary<string, string> First,
        IReadOnlyDictionary<string, string> Second,
        IReadOnlyList<string> Differ
    );

    /// <summary>What comes out.</summary>
    public sealed record Answer(IReadOnlyList<Pair> Pairs, IReadOnlyList<Said> Trace);

    /// <summary>How it is asked for.</summary>
    public static Calculator<Ask, Answer> Offer { get; } =
        new("similar-set", 17, Of)
        {
            Fields =
            [
                AskField.Rows(
                    "features",
                    ["name", "values"],
                    ["stamp", "red, blue"],
                    ["flag", "up, down, none"],
                    ["number", "1, 2, 3"]
                ),
                AskField.Number("pairs", 4),
                AskField.Number("differBy", 1),
                AskField.Number("seed", 1),
            ],
        };

    /// <summary>Draws the pairs; no pair twice.</summary>
    public static Answer Of(Ask ask)
    {
        ArgumentNullException.ThrowIfNull(ask);
        var features = Need.Some("features", ask.Features, 1, 12);
        Need.Words("features", [.. features.Select(f => f.Name)], 1, 12);
        for (var f = 0; f < features.Count; f++)
        {
            Need.Words($"features[{f}].values", features[f].Values, 2, 20);
        }

        var differBy = Need.Whole("differBy", ask.DifferBy, 1, features.Count);
        var possible = Possible(features, differBy);
        var pairs = Need.Whole("pairs", ask.Pairs, 1, (int)Math.Min(200, possible));
        var chance = new SeededChance((ulong)ask.Seed);
        var seen = new HashSet<string>();
        var drawn = new List<Pair>();
        while (drawn.Count < pairs)
        {
            int[] first = [.. features.Select(f => chance.Next(f.Values.Count))];
            int[] second = [.. first];
            foreach (var f in Draw.Of(chance, features.Count, differBy))
            {
                second[f] = (first[f] + 1 + chance.Next(features[f].Values.Count - 1)) % features[f].Values.Count;
            }

            var (a, b) = (string.Join(',', first), string.Join(',', second));
            if (seen.Add(string.CompareOrdinal(a, b) < 0 ? $"{a} {b}" : $"{b} {a}"))
            {
                drawn.Add(
                    new(
                        Picture(features, first),
                        Picture(features, second),
                        [.. features.Where((_, f) => first[f] != second[f]).Select(f => f.Name)]
                    )
                );
            }
        }

        return new(
            drawn,
            [
                $"{possible:#,0} pairs differ in exactly {differBy} of {features.Count} features; {pairs} are drawn",
                $"Seed {ask.Seed} gives these every time",
            ]
        );
    }

    /// <summary>Half of all pictures times the ways to change so many features.</summary>
    private static double Possible(IReadOnlyList<Feature> features, int differBy)
    {
        var ways = new double[differBy + 1];
        ways[0] = 1;
        foreach (var n in features.Select(f => f.Values.Count))
        {
            for (var k = differBy; k >= 0; k--)
            {
                ways[k] = (ways[k] * n) + (k > 0 ? ways[k - 1] * n * (n - 1) : 0);
            }
        }

        return ways[differBy] / 2;
    }

    private static Dictionary<string, string> Picture(IReadOnlyList<Feature> features, int[] values) =>
        features.Select((f, k) => (f.Name, Value: f.Values[values[k]])).ToDictionary(x => x.Name, x => x.Value);
}
