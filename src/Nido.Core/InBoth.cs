using System.Diagnostics.CodeAnalysis;
using System.Text.Json.Serialization;

namespace Nido.Core;

/// <summary>A text of the catalogue that was written in both languages.</summary>
/// <param name="En">English.</param>
/// <param name="Es">Spanish.</param>
[JsonConverter(typeof(InBothJson))]
public sealed record InBoth(string En, string Es) : INamed
{
    /// <summary>Nothing in either language.</summary>
    public static InBoth None { get; } = new("", "");

    /// <summary>Words of one's own, which nobody put into the other language.</summary>
    public static InBoth Same(string text) => new(text, text);

    /// <summary>Said in the reader's language.</summary>
    [return: NotNullIfNotNull(nameof(text))]
    public static implicit operator Said?(InBoth? text) => text is null ? null : Said.Name(text);

    /// <summary>It is called so in one of the languages; capitals do not matter.</summary>
    public bool Is(string name) =>
        En.Equals(name, StringComparison.OrdinalIgnoreCase) || Es.Equals(name, StringComparison.OrdinalIgnoreCase);

    /// <summary>There is nothing to read.</summary>
    public bool IsNone => En.Length == 0;

    /// <inheritdoc />
    public string NameIn(string language) => language == "es" ? Es : En;

    /// <summary>In English, as traces and files have it.</summary>
    public override string ToString() => En;
}
