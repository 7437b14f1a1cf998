using System.Text.Json;

namespace Nido.Core;

/// <summary>Two texts as JSON: one string where they are the same, else <c>{"en": …, "es": …}</c>.</summary>
internal static class TextPair
{
    public static T Read<T>(ref Utf8JsonReader reader, Func<string, string, T> make)
    {
        if (reader.TokenType == JsonTokenType.String)
        {
            var text = reader.GetString() ?? "";
            return make(text, text);
        }

        using var pair = JsonDocument.ParseValue(ref reader);
        return
            pair.RootElement.ValueKind == JsonValueKind.Object
            && pair.RootElement.TryGetProperty("en", out var en)
            && pair.RootElement.TryGetProperty("es", out var es)
            && en.GetString() is { } english
            && es.GetString() is { } spanish
            ? make(english, spanish)
            : throw new JsonException("A text is a string, or an object with en and es.");
    }

    public static void Write(Utf8JsonWriter writer, string en, string es)
    {
        if (en == es)
        {
            writer.WriteStringValue(en);
            return;
        }

        writer.WriteStartObject();
        writer.WriteString("en", en);
        writer.WriteString("es", es);
        writer.WriteEndObject();
    }
}
