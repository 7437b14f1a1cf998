using System.Text.RegularExpressions;

namespace Nido.Core;

/// <summary>Whether a text names somebody: as a whole word, capitals do not matter.</summary>
public static class Naming
{
    /// <summary>Whether the name stands in the text.</summary>
    public static bool Names(string text, string name)
    {
        ArgumentNullException.ThrowIfNull(text);
        ArgumentNullException.ThrowIfNull(name);
        return Regex.IsMatch(
            text,
            $@"(?<!\p{{L}}){Regex.Escape(name)}(?!\p{{L}})",
            RegexOptions.IgnoreCase,
            TimeSpan.FromSeconds(1)
        );
    }
}
