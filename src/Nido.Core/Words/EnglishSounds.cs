using System.Text;

namespace Nido.Core.Words;

/// <summary>
/// English words as they are said, from the CMU Pronouncing Dictionary. The text stays as it was read, sorted, a line a
/// word; a word is found by halving it.
/// </summary>
/// <param name="lines">Lines of "word sounds", sorted by word, each ended; a sound is one letter of
/// <see cref="Code"/>.</param>
public sealed class EnglishSounds(byte[] lines)
{
    private const char FirstCode = '!';

    // Vowels stand three times: without stress, with the main and with a second one.
    private static readonly string[] Phones =
    [
        "AA*",
        "AE*",
        "AH*",
        "AO*",
        "AW*",
        "AY*",
        "B",
        "CH",
        "D",
        "DH",
        "EH*",
        "ER*",
        "EY*",
        "F",
        "G",
        "HH",
        "IH*",
        "IY*",
        "JH",
        "K",
        "L",
        "M",
        "N",
        "NG",
        "OW*",
        "OY*",
        "P",
        "R",
        "S",
        "SH",
        "T",
        "TH",
        "UH*",
        "UW*",
        "V",
        "W",
        "Y",
        "Z",
        "ZH",
    ];

    private static readonly string[] Codes =
    [
        .. Phones.SelectMany(
            p => p[^1] == '*' ? ["0", "1", "2"] : (string[])[""],
            (p, stress) => p.TrimEnd('*') + stress
        ),
    ];

    /// <summary>The sounds by code, vowels with their stress.</summary>
    public static IReadOnlyList<string> Code => Codes;

    /// <summary>How a word is said, or null where the dictionary does not have it.</summary>
    /// <param name="word">Capitals and marks do not matter.</param>
    public Pronunciation? Find(string word)
    {
        ArgumentNullException.ThrowIfNull(word);
        var wanted = Encoding.ASCII.GetBytes(Letters.Plainly(word.Trim()).ToLowerInvariant());
        var (low, high) = (0, lines.Length);
        while (low < high)
        {
            var start = LineAt((low + high) / 2, low);
            var space = Array.IndexOf(lines, (byte)' ', start);
            var end = Array.IndexOf(lines, (byte)'\n', space);
            var order = lines.AsSpan(start, space - start).SequenceCompareTo(wanted);
            if (order == 0)
            {
                return Said(lines.AsSpan(space + 1, end - space - 1));
            }

            (low, high) = order < 0 ? (end + 1, high) : (low, start);
        }

        return null;
    }

    /// <summary>Where the line begins that holds a place.</summary>
    private int LineAt(int place, int notBefore)
    {
        while (place > notBefore && lines[place - 1] != '\n')
        {
            place--;
        }

        return place;
    }

    private static Pronunciation Said(ReadOnlySpan<byte> codes)
    {
        var said = new string[codes.Length];
        for (var i = 0; i < said.Length; i++)
        {
            said[i] = Codes[codes[i] - FirstCode];
        }

        var stressed = Array.FindLastIndex(said, s => s[^1] is '1' or '2');
        var from = stressed >= 0 ? stressed : Math.Max(0, Array.FindLastIndex(said, s => s[^1] == '0'));
        string[] plain = [.. said.Select(s => s.TrimEnd('0', '1', '2'))];
        return new(plain, said.Count(s => char.IsDigit(s[^1])), string.Join(' ', plain[from..]));
    }
}
