using System.Collections;
using System.Globalization;
using System.Runtime.CompilerServices;
using System.Text;

namespace Nido.Core;

/// <summary>
/// A sentence that is not spoken yet: a key with its values. The key is the English sentence with numbered places,
/// such as "{0:0.#} mm is more than {1:0.#} mm", so that a formula and its trace are read side by side; a
/// <see cref="Tongue" /> speaks it in the reader's language. Written as <c>Said s = $"…"</c>; a place may be a number
/// with its unit format, a name (spoken as it is), another <see cref="Said" />, a day of the week, or a list. The
/// format <c>one|many</c> stands for the word that goes with the number, <c>and</c> or <c>or</c> for how a list ends.
/// </summary>
[InterpolatedStringHandler]
public sealed class Said : IEquatable<Said>
{
    private readonly StringBuilder key;
    private readonly List<object?> values;
    private string? keyRead;

    /// <summary>Made by the compiler for <c>$"…"</c>.</summary>
    /// <param name="literalLength">Letters outside the places.</param>
    /// <param name="formattedCount">Places.</param>
    public Said(int literalLength, int formattedCount)
    {
        key = new(literalLength + (4 * formattedCount));
        values = new(formattedCount);
    }

    private Said(string key, IEnumerable<object?> values)
    {
        this.key = new(key);
        this.values = [.. values];
    }

    /// <summary>Nothing to say.</summary>
    public static Said None { get; } = new(0, 0);

    /// <summary>The English sentence with its numbered places.</summary>
    public string Key => keyRead ??= key.ToString();

    /// <summary>What stands in the places.</summary>
    public IReadOnlyList<object?> Values => values;

    /// <summary>There is nothing to say.</summary>
    public bool IsNone => key.Length == 0;

    /// <summary>A word of a closed list, spoken in the reader's language.</summary>
    /// <param name="english">The word as Core knows it.</param>
    public static Said Word(string english)
    {
        ArgumentNullException.ThrowIfNull(english);
        return new(Escaped(english), []);
    }

    /// <summary>A name: of a child, a thing, an idea. It is the same in every language.</summary>
    public static Said Name(string name) => new("{0}", [name]);

    /// <summary>The name of a thing, in the reader's language.</summary>
    public static Said Name(INamed thing) => new("{0}", [thing]);

    /// <summary>The sentence itself, where the compiler has to be told that a long one, written in parts, is
    /// one.</summary>
    public static Said That(Said sentence) => sentence;

    /// <summary>The sentence where it holds, nothing where it does not.</summary>
    public static Said When(bool holds, Said sentence) => holds ? sentence : None;

    /// <summary>Several, one after the other, with the same between any two.</summary>
    public static Said Join(string between, IEnumerable<Said> parts)
    {
        ArgumentNullException.ThrowIfNull(parts);
        var said = parts.ToArray();
        return new(string.Join(Escaped(between), said.Select((_, k) => $"{{{k}}}")), said);
    }

    /// <summary>A sentence read back from its key and its values.</summary>
    public static Said Of(string key, IEnumerable<object?> values) => new(key, values);

    /// <summary>Words between the places.</summary>
    public void AppendLiteral(string value) => key.Append(Escaped(value));

    /// <summary>A place.</summary>
    /// <param name="value">What stands there.</param>
    /// <param name="format">How it is written.</param>
    public void AppendFormatted<T>(T value, string? format = null)
    {
        key.Append('{').Append(CultureInfo.InvariantCulture, $"{values.Count}");
        if (format is { Length: > 0 })
        {
            key.Append(':').Append(format);
        }

        key.Append('}');
        // A list is taken as it is now, not as it may be when it is spoken.
        values.Add(value is IEnumerable many and not string ? many.Cast<object?>().ToArray() : value);
    }

    /// <inheritdoc />
    public bool Equals(Said? other) =>
        other is not null
        && other.Key == Key
        && other.values.Count == values.Count
        && values.Zip(other.values).All(v => Same(v.First, v.Second));

    /// <inheritdoc />
    public override bool Equals(object? obj) => Equals(obj as Said);

    /// <inheritdoc />
    public override int GetHashCode() => HashCode.Combine(Key, values.Count);

    /// <summary>In English.</summary>
    public override string ToString() => Tongue.English.Speak(this);

    private static bool Same(object? one, object? other) =>
        one is object?[] many && other is object?[] others ? many.SequenceEqual(others) : Equals(one, other);

    private static string Escaped(string text) => text.Replace("{", "{{").Replace("}", "}}");
}
