using System.Text;
using Nido.Core;
using Nido.Core.Words;

namespace Nido.Data.Formats;

/// <summary>
/// Text as a person writes it: each letter and its mark put together whoever typed it, and free of signs that hide,
/// turn
/// around or end what follows. One gate for everything that comes in: bodies, units, tables.
/// </summary>
public static class PlainText
{
    /// <summary>Longest text taken in one field, in UTF-16 units.</summary>
    public const int Longest = 20_000;

    /// <summary>The text composed, or null with the reason it is not taken.</summary>
    /// <param name="text">As it came.</param>
    /// <param name="problem">Why not and the way out; empty where it is taken.</param>
    public static string? Of(string text, out Said problem)
    {
        ArgumentNullException.ThrowIfNull(text);
        problem =
            text.Length > Longest ? (Said)$"The text has {text.Length} letters; at most {Longest} are taken."
            : Broken(text) ? (Said)$"The text holds half a letter (a lone surrogate). Type it again."
            : text.EnumerateRunes().FirstOrDefault(Hides) is { Value: > 0 } sign
                ? (Said)$"The text holds a sign that cannot be seen (U+{sign.Value:X4}). Type it again."
            : text.Contains('\0', StringComparison.Ordinal)
                ? (Said)$"The text holds a sign that cannot be seen (U+0000). Type it again."
            : Said.None;
        return problem.IsNone ? Letters.Composed(text) : null;
    }

    /// <summary>Whether a text can be a name: something of it is seen, and it is not too long.</summary>
    /// <param name="name">The name.</param>
    /// <param name="most">Most letters.</param>
    public static bool IsName(string? name, int most) =>
        name is not null
        && name.Length <= most
        && name.EnumerateRunes().Any(r => Rune.IsLetterOrDigit(r) || Rune.IsSymbol(r));

    private static bool Broken(string text)
    {
        for (var i = 0; i < text.Length; i++)
        {
            if (char.IsHighSurrogate(text[i]) && i + 1 < text.Length && char.IsLowSurrogate(text[i + 1]))
            {
                i++;
            }
            else if (char.IsSurrogate(text[i]))
            {
                return true;
            }
        }

        return false;
    }

    // Control signs but tab and line ends; marks that turn the direction of writing (UAX #9); signs that were given up
    // (U+FFF9–FFFB, tags).
    private static bool Hides(Rune r) =>
        (Rune.IsControl(r) && r.Value is not ('\t' or '\n' or '\r'))
        || r.Value
            is (>= 0x202A and <= 0x202E)
                or (>= 0x2066 and <= 0x2069)
                or (>= 0xFFF9 and <= 0xFFFB)
                or (>= 0xE0000 and <= 0xE007F);
}
