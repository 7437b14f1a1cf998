using Nido.Core.Words;

namespace Nido.Core.Ideas;

/// <summary>Letter and numbers a week has of its own, by the plan of the term, whatever its theme brings.</summary>
/// <param name="Letter">One letter.</param>
/// <param name="NumbersTo">Numbers from 1 to this, 2–20.</param>
/// <param name="OlderNumbersTo">For the older ones, to 100.</param>
public sealed record WeekFocus(string Letter, int NumbersTo, int OlderNumbersTo)
{
    // Said where an English theme has no word with the letter: plain things every child knows, ours.
    private static readonly string[] PlainWords =
    [
        "apple",
        "ball",
        "cup",
        "door",
        "egg",
        "fish",
        "garden",
        "hat",
        "insect",
        "jar",
        "kite",
        "lamp",
        "moon",
        "nest",
        "orange",
        "pot",
        "queen",
        "rain",
        "sun",
        "table",
        "umbrella",
        "van",
        "water",
        "box",
        "yarn",
        "zip",
    ];

    /// <summary>The theme with this letter and these numbers.</summary>
    /// <param name="theme">The theme as it comes.</param>
    /// <param name="sort">Sorts its words for a letter.</param>
    public Theme Over(Theme theme, Func<string, IReadOnlyList<WordSort.Sorted>> sort)
    {
        ArgumentNullException.ThrowIfNull(theme);
        ArgumentNullException.ThrowIfNull(sort);
        var letter = Letter.Trim().ToUpperInvariant();
        var counted = theme with { NumbersTo = NumbersTo, OlderNumbersTo = OlderNumbersTo };
        if (letter.Equals(theme.Letter, StringComparison.OrdinalIgnoreCase))
        {
            return counted;
        }

        var sorted = sort(letter);
        var word =
            sorted.FirstOrDefault(s => s.Fit == LetterFit.Clear)?.Word
            ?? (theme.Language == "en" ? PlainWords : []).FirstOrDefault(w =>
                w.StartsWith(letter, StringComparison.OrdinalIgnoreCase)
            )
            ?? letter;
        return counted with
        {
            Letter = letter,
            Sound = $"/{letter.ToLowerInvariant()}/",
            LetterWord = word,
            // The theme's own letter is still all over its words: it comes second.
            SecondLetter = theme.Letter,
        };
    }
}
