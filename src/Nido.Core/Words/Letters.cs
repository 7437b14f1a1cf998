using System.Globalization;

namespace Nido.Core.Words;

/// <summary>
/// Letters of names and words, one for each that is written: é is one however it was typed, ñ a letter of its own.
/// Marks
/// of Latin letters are put together and taken apart by a table, because the runtime's own tables are not on every
/// machine.
/// </summary>
public static class Letters
{
    // A combining mark, then pairs of a plain letter and the letter with it.
    private static readonly string[] Marks =
    [
        "\u0300AÀEÈIÌOÒUÙNǸaàeèiìoòuùnǹ",
        "\u0301AÁCĆEÉIÍLĹNŃOÓRŔSŚUÚYÝZŹaácćeéiílĺnńoórŕsśuúyýzź",
        "\u0302AÂCĈEÊGĜHĤIÎJĴOÔSŜUÛWŴYŶaâcĉeêgĝhĥiîjĵoôsŝuûwŵyŷ",
        "\u0303AÃIĨNÑOÕUŨaãiĩnñoõuũ",
        "\u0304AĀEĒIĪOŌUŪaāeēiīoōuū",
        "\u0306AĂEĔGĞIĬOŎUŬaăeĕgğiĭoŏuŭ",
        "\u0307CĊEĖGĠIİZŻcċeėgġzż",
        "\u0308AÄEËIÏOÖUÜYŸaäeëiïoöuüyÿ",
        "\u030AAÅUŮaåuů",
        "\u030BOŐUŰoőuű",
        "\u030CCČDĎEĚNŇRŘSŠTŤZŽcčdďeěnňrřsštťzž",
        "\u0327CÇGĢKĶLĻNŅRŖSŞTŢcçgģkķlļnņrŗsştţ",
        "\u0328AĄEĘIĮUŲaąeęiįuų",
    ];

    private static readonly Dictionary<string, string> Together = Marks
        .SelectMany(m => m[1..].Chunk(2).Select(p => (Apart: $"{p[0]}{m[0]}", One: $"{p[1]}")))
        .ToDictionary(x => x.Apart, x => x.One);

    private static readonly Dictionary<string, string> Plain = Marks
        .SelectMany(m => m[1..].Chunk(2))
        .ToDictionary(p => $"{p[1]}", p => $"{p[0]}");

    /// <summary>The letters in order; spaces, hyphens, apostrophes and digits are none. A null stands where a new word
    /// begins.</summary>
    public static IEnumerable<string?> WithBreaks(string text)
    {
        foreach (var letter in Elements(text))
        {
            yield return char.IsLetter(letter, 0) ? Together.GetValueOrDefault(letter, letter) : null;
        }
    }

    /// <summary>The letters in order.</summary>
    public static IReadOnlyList<string> Of(string text) => [.. WithBreaks(text).OfType<string>()];

    /// <summary>Letters, digits, spaces, hyphens and apostrophes in order, each put together with its mark; everything
    /// else is left out.</summary>
    public static IEnumerable<string> Signs(string text) =>
        Elements(text)
            .Select(e => Together.GetValueOrDefault(e, e))
            .Where(e => e is " " or "-" or "'" || char.IsLetterOrDigit(e, 0));

    /// <summary>A letter and the mark it bears; null where it bears none. ñ, too, is taken apart: it is for
    /// drawing.</summary>
    public static (char Letter, char Mark)? Apart(string letter)
    {
        var apart = Together.FirstOrDefault(t => t.Value == letter).Key;
        return apart is null ? null : (apart[0], apart[1]);
    }

    /// <summary>The text with each letter and its mark put together, everything else as it is.</summary>
    public static string Composed(string text)
    {
        ArgumentNullException.ThrowIfNull(text);
        return text.All(char.IsAscii)
            ? text
            : string.Concat(Elements(text).Select(e => Together.GetValueOrDefault(e, e)));
    }

    /// <summary>The letter without its mark, or null where it has none or is a letter of its own (ñ).</summary>
    public static string? Base(string letter)
    {
        ArgumentNullException.ThrowIfNull(letter);
        return letter is "ñ" or "Ñ"
            ? null
            : Plain.GetValueOrDefault(letter)
                ?? (
                    letter.Length > 1 && char.GetUnicodeCategory(letter, 1) == UnicodeCategory.NonSpacingMark
                        ? letter[..1]
                        : null
                );
    }

    /// <summary>The text with the marks of its letters left off; ñ stays.</summary>
    public static string Plainly(string text)
    {
        ArgumentNullException.ThrowIfNull(text);
        return string.Concat(text.Select(c => Base($"{c}") ?? $"{c}"));
    }

    private static IEnumerable<string> Elements(string text)
    {
        for (var each = StringInfo.GetTextElementEnumerator(text); each.MoveNext(); )
        {
            yield return each.GetTextElement();
        }
    }
}
