using System.Globalization;
using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Nodes;
using Nido.Core;

namespace Nido.Data.Formats;

/// <summary>A sentence as it is kept, so that it can be spoken in any language later: its key alone, or its key with
/// its values.</summary>
public static class KeptSaid
{
    private const string Begins = """{"say":""";

    private static readonly JsonSerializerOptions Plain = new()
    {
        Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
    };

    /// <summary>The text that is kept.</summary>
    public static string Write(Said said)
    {
        ArgumentNullException.ThrowIfNull(said);
        return said.Values.Count == 0 ? WriteText(said.ToString()) : Node(said).ToJsonString(Plain);
    }

    /// <summary>A text from elsewhere, a file of another house: kept as it is, and never read as more than a
    /// text.</summary>
    public static string WriteText(string text)
    {
        ArgumentNullException.ThrowIfNull(text);
        return text.StartsWith(Begins, StringComparison.Ordinal) ? Node(Said.Name(text)).ToJsonString(Plain) : text;
    }

    /// <summary>The sentence of a kept text; a text of an older house is spoken as it is.</summary>
    public static Said Read(string kept)
    {
        ArgumentNullException.ThrowIfNull(kept);
        if (!kept.StartsWith(Begins, StringComparison.Ordinal))
        {
            return Said.Word(kept);
        }

        try
        {
            var said = Of(JsonNode.Parse(kept)!.AsObject());
            // What cannot be spoken is found out here, not where a week is shown.
            _ = said.ToString();
            return said;
        }
        catch (Exception e) when (e is JsonException or FormatException or InvalidOperationException)
        {
            return Said.Name(kept);
        }
    }

    private static JsonObject Node(Said said) =>
        new() { ["say"] = said.Key, ["with"] = new JsonArray([.. said.Values.Select(Value)]) };

    private static JsonNode? Value(object? value) =>
        value switch
        {
            null => null,
            Said said => Node(said),
            double or int or long or decimal => JsonValue.Create(Convert.ToDouble(value, CultureInfo.InvariantCulture)),
            object?[] many => Node(Said.Of("{0}", [Said.Join(", ", many.Select(m => m as Said ?? Said.Name($"{m}")))])),
            Enum word => Node(Said.Word(word.ToString())),
            _ => JsonValue.Create(string.Create(CultureInfo.InvariantCulture, $"{value}")),
        };

    private static Said Of(JsonObject node) =>
        Said.Of(
            (string?)node["say"] ?? "",
            (node["with"] as JsonArray ?? []).Select(v =>
                v switch
                {
                    JsonObject inner => Of(inner),
                    JsonValue value when value.TryGetValue<double>(out var number) => number,
                    _ => (object?)(string?)v,
                }
            )
        );
}
