using Nido.Core.Words;

namespace Nido.Core.Ideas;

/// <summary>Which words, letters and numbers of the theme a child works with at a step.</summary>
public static class WordsForStep
{
    /// <summary>Words listed on a card at most.</summary>
    public const int Most = 8;

    /// <summary>A line for the card, or null where the ladder has nothing to do with words, letters or
    /// numbers.</summary>
    /// <param name="ladder">Id of the ladder.</param>
    /// <param name="step">Number on it.</param>
    /// <param name="words">Words of the theme, sorted for its letter.</param>
    /// <param name="theme">The theme.</param>
    public static Said? Of(string ladder, int step, IReadOnlyList<WordSort.Sorted> words, Ideas.Theme theme)
    {
        ArgumentNullException.ThrowIfNull(words);
        ArgumentNullException.ThrowIfNull(theme);
        Said? List(IEnumerable<WordSort.Sorted> of) =>
            of.Select(w => w.Word).Take(Most).ToArray() is { Length: > 0 } some ? (Said)$"{some}" : null;
        var clear = words.Where(w => w.Fit == LetterFit.Clear).ToArray();
        var misleading = words.Where(w => w.Fit is LetterFit.Hidden or LetterFit.OtherSound).ToArray();
        return (ladder, step) switch
        {
            ("sounds", <= 3) => List(clear.Take(3).Concat(words.Where(w => w.Fit == LetterFit.NotThis).Take(3))),
            ("sounds", 4 or 5) => Beats(words),
            ("sounds", 6 or 7) => List(clear.Concat(words.Where(w => w.Fit == LetterFit.OtherLetter))),
            ("sounds", _) => misleading.Length == 0 ? List(clear) : $"{List(clear)}; leave out {List(misleading)}",
            ("letters", <= 4) => $"{theme.Letter}: {List(clear) ?? List(words)}",
            ("letters", _) => $"{theme.Letter} and {theme.SecondLetter}: "
                + $"{List(clear.Concat(words.Where(w => w.Fit == LetterFit.BlendOrDigraph))) ?? List(words)}",
            ("talk", <= 3) => List(words.Where(w => w.Said?.Syllables == 1)) ?? List(words),
            ("rhyme", >= 5) => Rhymes(words) ?? List(words),
            ("blending", 2) => List(words.Where(w => w.Said?.Syllables == 2)) ?? List(words),
            ("blending", >= 4) => List(words.Where(w => w.Said?.Syllables == 1)) ?? List(words),
            ("rhyme" or "blending", _) => List(words),
            ("talk", _) => List(words),
            ("count" or "rote" or "one-to-one" or "numerals", <= 3) => $"numbers 1 to {Math.Min(3, theme.NumbersTo)}",
            ("count" or "rote" or "one-to-one" or "numerals", <= 5) => $"numbers 1 to {theme.NumbersTo}",
            ("count" or "rote" or "one-to-one" or "numerals", _) => $"numbers 1 to {theme.OlderNumbersTo}",
            _ => null,
        };
    }

    private static Said? Beats(IReadOnlyList<WordSort.Sorted> words)
    {
        Said[] byBeats =
        [
            .. words
                .Where(w => w.Said is not null)
                .GroupBy(w => w.Said!.Syllables)
                .OrderBy(g => g.Key)
                .Select(g => (Said)$"{g.Key}: {g.Take(3).Select(w => w.Word)}"),
        ];
        return byBeats.Length == 0 ? null : Said.Join("; ", byBeats);
    }

    private static Said? Rhymes(IReadOnlyList<WordSort.Sorted> words)
    {
        string[] pairs =
        [
            .. words
                .Where(w => w.Rhymes.Count > 0)
                .Select(w => (string[])[w.Word, w.Rhymes[0]])
                .DistinctBy(p => string.Join(' ', p.Order(StringComparer.Ordinal)))
                .Take(4)
                .Select(p => $"{p[0]} – {p[1]}"),
        ];
        return pairs.Length == 0 ? null : (Said)$"{pairs}";
    }
}
