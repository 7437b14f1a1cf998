using System.Text.Json;
using System.Text.Json.Serialization;
using Nido.Core.Group;

namespace Nido.Data.Formats;

/// <summary>Writes a set of days as a list of words: ["monday", "tuesday"].</summary>
public sealed class WeekDaysJson : JsonConverter<WeekDays>
{
    /// <summary>The words, Monday first.</summary>
    public static IReadOnlyList<string> Words { get; } =
    [.. ((WeekDays)63).Listed().Select(d => $"{d}".ToLowerInvariant())];

    /// <inheritdoc />
    public override WeekDays Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options)
    {
        if (reader.TokenType == JsonTokenType.StartArray)
        {
            var days = WeekDays.None;
            while (reader.Read() && reader.TokenType != JsonTokenType.EndArray)
            {
                days |=
                    reader.TokenType == JsonTokenType.String
                    && Enum.TryParse<WeekDays>(reader.GetString(), ignoreCase: true, out var day)
                        ? day
                        : throw new JsonException($"a day is one of {string.Join(", ", Words)}");
            }

            return days;
        }

        throw new JsonException($"days are a list of {string.Join(", ", Words)}");
    }

    /// <inheritdoc />
    public override void Write(Utf8JsonWriter writer, WeekDays value, JsonSerializerOptions options)
    {
        writer.WriteStartArray();
        foreach (var day in value.Listed())
        {
            writer.WriteStringValue($"{day}".ToLowerInvariant());
        }

        writer.WriteEndArray();
    }
}
