namespace Nido.Core.Words;

/// <summary>Sorts words for a letter and its sound, and finds which rhyme.</summary>
public static class WordSort
{
    /// <summary>What each letter usually says at the beginning of an English word; common practice of first letter
    /// sounds.</summary>
    private static readonly Dictionary<char, string[]> English = new()
    {
        ['a'] = ["AE"],
        ['b'] = ["B"],
        ['c'] = ["K"],
        ['d'] = ["D"],
        ['e'] = ["EH"],
        ['f'] = ["F"],
        ['g'] = ["G"],
        ['h'] = ["HH"],
        ['i'] = ["IH"],
        ['j'] = ["JH"],
        ['k'] = ["K"],
        ['l'] = ["L"],
        ['m'] = ["M"],
        ['n'] = ["N"],
        ['o'] = ["AA", "AO"],
        ['p'] = ["P"],
        ['q'] = ["K"],
        ['r'] = ["R"],
        ['s'] = ["S"],
        ['t'] = ["T"],
        ['u'] = ["AH"],
        ['v'] = ["V"],
        ['w'] = ["W"],
        ['x'] = ["K"],
        ['y'] = ["Y"],
        ['z'] = ["Z"],
    };

    private static readonly Dictionary<char, string[]> Spanish = new()
    {
        ['a'] = ["A"],
        ['b'] = ["B"],
        ['c'] = ["K"],
        ['d'] = ["D"],
        ['e'] = ["E"],
        ['f'] = ["F"],
        ['g'] = ["G"],
        ['h'] = [],
        ['i'] = ["I"],
        ['j'] = ["J"],
        ['k'] = ["K"],
        ['l'] = ["L"],
        ['m'] = ["M"],
        ['n'] = ["N"],
        ['ñ'] = ["Ñ"],
        ['o'] = ["O"],
        ['p'] = ["P"],
        ['q'] = ["K"],
        ['r'] = ["RR"],
        ['s'] = ["S"],
        ['t'] = ["T"],
        ['u'] = ["U"],
        ['v'] = ["B"],
        ['w'] = ["W"],
        ['x'] = ["S"],
        ['y'] = ["Y"],
        ['z'] = ["S"],
    };

    /// <summary>A word sorted.</summary>
    /// <param name="Word">As written.</param>
    /// <param name="Fit">For the letter.</param>
    /// <param name="Said">How it is said, or null where that is not known.</param>
    /// <param name="Rhymes">Words of the list that rhyme with it.</param>
    public sealed record Sorted(string Word, LetterFit Fit, Pronunciation? Said, IReadOnlyList<string> Rhymes);

    /// <summary>Sorts a list of words.</summary>
    /// <param name="words">Single words; capitals and marks do not matter for English.</param>
    /// <param name="letter">The letter of the week.</param>
    /// <param name="spanish">Spanish by rule; English from the dictionary otherwise.</param>
    /// <param name="find">The dictionary.</param>
    /// <param name="known">How words go with the letter that the dictionary does not know, set by an adult.</param>
    public static IReadOnlyList<Sorted> Of(
        IReadOnlyList<string> words,
        char letter,
        bool spanish,
        Func<string, Pronunciation?> find,
        IReadOnlyDictionary<string, LetterFit>? known = null
    )
    {
        ArgumentNullException.ThrowIfNull(words);
        ArgumentNullException.ThrowIfNull(find);
        var said = words.Select(find).ToArray();
        return
        [
            .. words.Select(
                (w, i) =>
                    new Sorted(
                        w,
                        said[i] is null && known?.TryGetValue(w, out var set) == true
                            ? set
                            : Fit(w, letter, said[i], spanish),
                        said[i],
                        [
                            .. words.Where(
                                (other, k) =>
                                    k != i
                                    && said[i] is { } a
                                    && said[k] is { } b
                                    && a.RhymePart == b.RhymePart
                                    && !other.Equals(w, StringComparison.OrdinalIgnoreCase)
                            ),
                        ]
                    )
            ),
        ];
    }

    /// <summary>How well a word goes with a letter.</summary>
    public static LetterFit Fit(string word, char letter, Pronunciation? said, bool spanish)
    {
        ArgumentException.ThrowIfNullOrWhiteSpace(word);
        var text = spanish ? word.Trim().ToLowerInvariant() : Letters.Plainly(word.Trim()).ToLowerInvariant();
        var wanted = char.ToLowerInvariant(letter);
        var usual = (spanish ? Spanish : English).GetValueOrDefault(wanted) ?? [];
        if (text[0] != wanted && !(spanish && Letters.Plainly($"{text[0]}")[0] == wanted))
        {
            return said is null ? LetterFit.Unknown
                : usual.Contains(said.First) ? LetterFit.OtherLetter
                : LetterFit.NotThis;
        }

        return said is null ? LetterFit.Unknown
            : IsHidden(text, said, spanish) ? LetterFit.Hidden
            : IsBlend(text, spanish) ? LetterFit.BlendOrDigraph
            : usual.Contains(said.First) ? LetterFit.Clear
            : LetterFit.OtherSound;
    }

    /// <summary>The first letter is silent: what is heard first belongs to the second.</summary>
    private static bool IsHidden(string text, Pronunciation said, bool spanish) =>
        text.Length > 1
        && (
            spanish
                ? text[0] == 'h'
                : (text[..2] is "kn" or "gn" or "pn" && said.First == "N")
                    || (text[..2] == "wr" && said.First == "R")
                    || (text[..2] is "ps" && said.First == "S")
                    || (text[..2] == "wh" && said.First == "HH")
                    || (text[0] == 'h' && said.First != "HH")
        );

    /// <summary>Two consonants at the beginning, whether they run into each other or make one sound.</summary>
    private static bool IsBlend(string text, bool spanish) =>
        text.Length > 1
        && (
            spanish
                ? (
                    text[..2] is "ch" or "ll"
                    || ("bcdfgpt".Contains(text[0]) && text[1] is 'l' or 'r' && text[0] != text[1])
                )
                : !"aeiouy".Contains(text[0]) && !"aeiouy".Contains(text[1]) && text[1] != '\''
        );
}
