using System.Globalization;
using Nido.Core.Words;

namespace Nido.Core.Making;

/// <summary>Names in pieces, a letter a piece: what to write on how many.</summary>
public static class NameSets
{
    /// <summary>What is asked.</summary>
    /// <param name="Names">Names of the children, in any script.</param>
    /// <param name="Case">upper, lower or title.</param>
    /// <param name="TwoSets">A set to lay out and a set to match.</param>
    public sealed record Ask(IReadOnlyList<string> Names, string Case = "title", bool TwoSets = false);

    /// <summary>What comes out.</summary>
    /// <param name="Pieces">Pieces in all.</param>
    /// <param name="PerChild">Pieces of each name.</param>
    /// <param name="LetterCounts">How often each letter is written, in the order of the alphabet.</param>
    /// <param name="Bases">For letters with a mark, the letter without it; ñ is a letter of its own.</param>
    /// <param name="Sets">The pieces of each name in order, for the drawing.</param>
    /// <param name="Trace">In words.</param>
    public sealed record Answer(
        int Pieces,
        IReadOnlyDictionary<string, int> PerChild,
        IReadOnlyDictionary<string, int> LetterCounts,
        IReadOnlyDictionary<string, string> Bases,
        IReadOnlyDictionary<string, IReadOnlyList<string>> Sets,
        IReadOnlyList<Said> Trace
    );

    /// <summary>How it is asked for.</summary>
    public static Calculator<Ask, Answer> Offer { get; } =
        new("name-sets", 2, Of, "pieces")
        {
            Fields =
            [
                new("names", AskKind.Words, "Anouk, Bao, Ciro, Zoë"),
                AskField.Choice("case", "title", "title", "upper", "lower"),
                AskField.Flag("twoSets"),
            ],
        };

    /// <summary>Takes the names apart, grapheme by grapheme; spaces, hyphens and apostrophes are no pieces.</summary>
    public static Answer Of(Ask ask)
    {
        ArgumentNullException.ThrowIfNull(ask);
        var names = Need.Words("names", ask.Names, 1, 200);
        var letterCase = Need.OneOf("case", ask.Case, "upper", "lower", "title");
        var sets = names.ToDictionary(n => n, n => (IReadOnlyList<string>)Pieces(n, letterCase));
        if (sets.FirstOrDefault(s => s.Value.Count == 0).Key is { } empty)
        {
            throw Need.Refused("names", empty, $"a name needs at least one letter");
        }

        var times = ask.TwoSets ? 2 : 1;
        var letters = sets
            .Values.SelectMany(p => p)
            .GroupBy(l => l)
            .OrderBy(g => g.Key, StringComparer.Create(CultureInfo.InvariantCulture, false))
            .ToDictionary(g => g.Key, g => g.Count() * times);
        var total = letters.Values.Sum();
        return new(
            total,
            sets.ToDictionary(s => s.Key, s => s.Value.Count * times),
            letters,
            letters
                .Keys.Select(l => (l, Base: Letters.Base(l)))
                .Where(x => x.Base is not null)
                .ToDictionary(x => x.l, x => x.Base!),
            sets,
            [
                $"{sets.Values.Select(s => s.Count):+} = {sets.Values.Sum(s => s.Count)} "
                    + $"letters{Said.When(ask.TwoSets, $", two sets: {total}")}",
                $"Most often: {letters.OrderByDescending(l => l.Value).Take(3).Select(l => (Said)$"{l.Key} {l.Value}×")}",
            ]
        );
    }

    private static string[] Pieces(string name, string letterCase)
    {
        var pieces = new List<string>();
        var first = true;
        foreach (var letter in Letters.WithBreaks(name))
        {
            if (letter is not null)
            {
                pieces.Add(
                    letterCase == "upper" || (letterCase == "title" && first)
                        ? letter.ToUpperInvariant()
                        : letter.ToLowerInvariant()
                );
            }

            first = letter is null;
        }

        return [.. pieces];
    }
}
