using System.Collections.Concurrent;
using System.Globalization;
using System.Text;

namespace Nido.Core;

/// <summary>A language in which sentences are spoken: their words, how numbers are written, how a list ends.</summary>
/// <param name="language">Two small letters, ISO 639-1.</param>
/// <param name="sentences">Sentences by their English key; what is missing is spoken in English.</param>
/// <param name="numbers">How numbers are written.</param>
public sealed class Tongue(string language, IReadOnlyDictionary<string, string> sentences, NumberFormatInfo numbers)
{
    private readonly ConcurrentDictionary<string, Piece[]> read = new(StringComparer.Ordinal);

    /// <summary>The language the keys are written in.</summary>
    public static Tongue English { get; } = new("en", new Dictionary<string, string>(), NumberFormatInfo.InvariantInfo);

    /// <summary>Two small letters, ISO 639-1.</summary>
    public string Language { get; } = language;

    /// <summary>Keys of the sentences it has words for.</summary>
    public IEnumerable<string> Sentences => sentences.Keys.Except(Words);

    /// <summary>Words of closed lists it knows.</summary>
    public IReadOnlySet<string> Words { get; init; } = new HashSet<string>();

    /// <summary>It has words of its own for a sentence.</summary>
    public bool Knows(string key) => sentences.ContainsKey(key);

    /// <summary>Spanish, with a comma for decimals.</summary>
    /// <param name="sentences">By their English key.</param>
    /// <param name="words">Which of them are words of closed lists.</param>
    public static Tongue Spanish(IReadOnlyDictionary<string, string> sentences, IReadOnlySet<string>? words = null) =>
        new("es", sentences, new NumberFormatInfo { NumberDecimalSeparator = ",", NumberGroupSeparator = "." })
        {
            Words = words ?? new HashSet<string>(),
        };

    /// <summary>A word or sentence without places.</summary>
    public string Speak(string english)
    {
        ArgumentNullException.ThrowIfNull(english);
        return sentences.TryGetValue(english, out var own) ? own : english;
    }

    /// <summary>A sentence in this language.</summary>
    public string Speak(Said said)
    {
        ArgumentNullException.ThrowIfNull(said);
        var own = sentences.GetValueOrDefault(said.Key) ?? said.Key;
        if (said.Values.Count == 0)
        {
            // Words may come from anybody: they are not kept among the sentences.
            return own.Replace("{{", "{").Replace("}}", "}");
        }

        var spoken = new StringBuilder();
        foreach (var piece in read.GetOrAdd(own, Piece.Read))
        {
            spoken.Append(piece.Literal);
            if (piece.Place >= 0 && piece.Place < said.Values.Count)
            {
                // A translation that only names a place writes it as the key does.
                var format = piece.Format ?? FormatIn(said.Key, piece.Place);
                spoken.Append(Spoken(said.Values[piece.Place], format));
            }
        }

        return spoken.ToString();
    }

    private string? FormatIn(string key, int place) =>
        read.GetOrAdd(key, Piece.Read).FirstOrDefault(p => p.Place == place && p.Format?.Contains('|') != true)?.Format;

    private string Spoken(object? value, string? format) =>
        (value, format) switch
        {
            (null, _) => "",
            (Said said, _) => Speak(said),
            (string text, _) => text,
            (INamed thing, _) => thing.NameIn(Language),
            (object?[] many, _) => Listed([.. many.Select(v => Spoken(v, null))], format),
            (DayOfWeek day, _) => Speak(day.ToString()),
            (Enum word, _) => Speak(word.ToString()),
            (IConvertible number, { } words) when words.Contains('|') => words.Split('|')[
                Math.Abs(Convert.ToDouble(number, CultureInfo.InvariantCulture)) == 1 ? 0 : 1
            ],
            (DateOnly or TimeOnly or DateTime or DateTimeOffset, _) => ((IFormattable)value).ToString(
                format,
                CultureInfo.InvariantCulture
            ),
            (IFormattable number, _) => number.ToString(format, numbers),
            _ => value.ToString() ?? "",
        };

    private string Listed(string[] many, string? format) =>
        format is not ("and" or "or")
            ? string.Join(
                format is null ? ", "
                    : format is ";" ? "; "
                    : $" {format} ",
                many
            )
        : many.Length < 2 ? string.Concat(many)
        : $"{string.Join(", ", many[..^1])} {Last(format, many[^1])} {many[^1]}";

    // In Spanish "y" becomes "e" before the sound i, and "o" becomes "u" before the sound o.
    private string Last(string word, string next) =>
        Language != "es" ? word
        : word == "and" ? (Begins(next, "i", "í", "hi", "hí") && !Begins(next, "hie", "hia") ? "e" : "y")
        : Begins(next, "o", "ó", "ho", "hó") ? "u"
        : "o";

    private static bool Begins(string word, params string[] with) =>
        with.Any(w => word.StartsWith(w, StringComparison.OrdinalIgnoreCase));

    /// <summary>A stretch of words with the place after it.</summary>
    private sealed record Piece(string Literal, int Place, string? Format)
    {
        public static Piece[] Read(string template)
        {
            var pieces = new List<Piece>();
            var literal = new StringBuilder();
            for (var k = 0; k < template.Length; k++)
            {
                var c = template[k];
                if (c is '{' or '}' && k + 1 < template.Length && template[k + 1] == c)
                {
                    literal.Append(c);
                    k++;
                }
                else if (
                    c == '{'
                    && template.IndexOf('}', k) is var end and > 0
                    && template[(k + 1)..end].Split(':', 2) is var place
                    && int.TryParse(place[0], NumberStyles.None, CultureInfo.InvariantCulture, out var number)
                )
                {
                    pieces.Add(new(literal.ToString(), number, place.ElementAtOrDefault(1)));
                    literal.Clear();
                    k = end;
                }
                else
                {
                    literal.Append(c);
                }
            }

            return [.. pieces, new(literal.ToString(), -1, null)];
        }
    }
}
