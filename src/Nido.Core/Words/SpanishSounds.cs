namespace Nido.Core.Words;

/// <summary>
/// Spanish words by the rules of its spelling, as said in Latin America (c before e and i, and z, like s): the spelling
/// tells the sounds, the syllables and the stress.
/// </summary>
public static class SpanishSounds
{
    private const string Vowels = "aeiouáéíóúü";
    private const string Strong = "aeoáéó";
    private const string Marked = "áéíóú";

    /// <summary>How a word is said, or null where it has no vowel at all.</summary>
    public static Pronunciation? Find(string word)
    {
        ArgumentNullException.ThrowIfNull(word);
        var text = word.Trim().ToLowerInvariant();
        var said = Said(text).ToArray();
        var nuclei = Nuclei(text);
        if (said.Length == 0 || nuclei.Count == 0)
        {
            return null;
        }

        var stressed = nuclei[Stressed(text, nuclei)];
        // The rhyme runs from the stressed vowel on; of a diphthong, from its strong one.
        var vowel = Enumerable
            .Range(stressed.From, stressed.Length)
            .OrderByDescending(i => Marked.Contains(text[i]))
            .ThenByDescending(i => Strong.Contains(text[i]))
            .ThenByDescending(i => i)
            .First();
        return new(
            [.. said.Select(s => s.Sound)],
            nuclei.Count,
            string.Join(' ', said.Where(s => s.At >= vowel).Select(s => s.Sound))
        );
    }

    /// <summary>Sounds with the place of their letter.</summary>
    private static IEnumerable<(string Sound, int At)> Said(string text)
    {
        for (var i = 0; i < text.Length; i++)
        {
            var next = i + 1 < text.Length ? text[i + 1] : ' ';
            var soft = "eiéí".Contains(next);
            switch (text[i])
            {
                case 'c' when next == 'h':
                    yield return ("CH", i++);
                    break;
                case 'l' when next == 'l':
                    yield return ("Y", i++);
                    break;
                case 'r' when next == 'r':
                    yield return ("RR", i++);
                    break;
                case 'q' when next == 'u':
                    yield return ("K", i++);
                    break;
                case 'g' when next == 'u' && i + 2 < text.Length && "eiéí".Contains(text[i + 2]):
                    yield return ("G", i++);
                    break;
                case 'h' when next == 'u' && i + 2 < text.Length && Vowels.Contains(text[i + 2]):
                    yield return ("W", i++);
                    break;
                case 'h':
                    break;
                case 'c':
                    yield return (soft ? "S" : "K", i);
                    break;
                case 'g':
                    yield return (soft ? "J" : "G", i);
                    break;
                case 'z':
                    yield return ("S", i);
                    break;
                case 'v':
                    yield return ("B", i);
                    break;
                case 'x':
                    yield return (i == 0 ? "S" : "KS", i);
                    break;
                case 'r' when i == 0:
                    yield return ("RR", i);
                    break;
                case 'y' when next is ' ' || !Vowels.Contains(next):
                    yield return ("I", i);
                    break;
                case 'ñ':
                    yield return ("Ñ", i);
                    break;
                default:
                    if (char.IsLetter(text[i]))
                    {
                        yield return (Letters.Plainly($"{text[i]}").ToUpperInvariant(), i);
                    }

                    break;
            }
        }
    }

    /// <summary>The vowels of each syllable: two strong ones part, a marked weak one parts too, an h between changes
    /// nothing.</summary>
    private static List<(int From, int Length)> Nuclei(string text)
    {
        var found = new List<(int From, int Length)>();
        var last = -2;
        for (var i = 0; i < text.Length; i++)
        {
            if (!IsVowel(text, i))
            {
                continue;
            }

            var joined =
                last >= 0 && (last == i - 1 || (last == i - 2 && text[i - 1] == 'h')) && Together(text[last], text[i]);
            if (joined)
            {
                found[^1] = (found[^1].From, i - found[^1].From + 1);
            }
            else
            {
                found.Add((i, 1));
            }

            last = i;
        }

        return found;
    }

    /// <summary>Vowels that are said: the u of que, qui, gue, gui is none, a y at the end of a word is one.</summary>
    private static bool IsVowel(string text, int i)
    {
        var silent =
            text[i] == 'u' && i > 0 && i + 1 < text.Length && "eiéí".Contains(text[i + 1]) && text[i - 1] is 'q' or 'g';
        return (Vowels.Contains(text[i]) && !silent) || (text[i] == 'y' && i == text.Length - 1 && i > 0);
    }

    private static bool Together(char a, char b) =>
        !(Strong.Contains(a) && Strong.Contains(b)) && a is not ('í' or 'ú') && b is not ('í' or 'ú');

    /// <summary>Where a mark stands; else the last but one after a vowel, n or s, the last otherwise.</summary>
    private static int Stressed(string text, List<(int From, int Length)> nuclei)
    {
        var marked = nuclei.FindIndex(n => text.Substring(n.From, n.Length).Any(Marked.Contains));
        return marked >= 0 ? marked
            : "aeiouns".Contains(text[^1]) ? Math.Max(0, nuclei.Count - 2)
            : nuclei.Count - 1;
    }
}
