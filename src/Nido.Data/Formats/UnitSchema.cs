using System.Text.Json.Nodes;
using System.Text.Json.Schema;
using Nido.Core;
using Nido.Core.Group;
using Nido.Core.Ideas;

namespace Nido.Data.Formats;

/// <summary>The published JSON Schema of a unit document, made from the types so that it cannot drift from
/// them.</summary>
public static class UnitSchema
{
    /// <summary>The schema as text.</summary>
    public static string Text { get; } = Of<UnitDocument>("Nido unit");

    /// <summary>The schema of any document of ours, made from its type.</summary>
    /// <param name="title">What it is called.</param>
    internal static string Of<TDocument>(string title)
    {
        var schema = (JsonObject)
            Units.Json.GetJsonSchemaAsNode(
                typeof(TDocument),
                new JsonSchemaExporterOptions
                {
                    TreatNullObliviousAsNonNullable = true,
                    TransformSchemaNode = AsWritten,
                }
            );
        schema.Insert(0, "$schema", "https://json-schema.org/draft/2020-12/schema");
        schema.Insert(1, "title", title);
        return schema.ToJsonString(Units.Json);
    }

    /// <summary>Days, dates and texts as they are written, where a converter of ours writes them.</summary>
    private static JsonNode AsWritten(JsonSchemaExporterContext context, JsonNode node) =>
        context.TypeInfo.Type == typeof(WeekDays) ? Days()
        : context.TypeInfo.Type == typeof(DateOnly) ? new JsonObject { ["type"] = "string", ["format"] = "date" }
        : context.TypeInfo.Type == typeof(InBoth) || context.TypeInfo.Type == typeof(SlotWord) ? TextOrPair()
        : node;

    /// <summary>A text: one string where both languages have the same, else English and Spanish.</summary>
    private static JsonObject TextOrPair() =>
        new()
        {
            ["oneOf"] = new JsonArray(
                new JsonObject { ["type"] = "string" },
                new JsonObject
                {
                    ["type"] = "object",
                    ["properties"] = new JsonObject
                    {
                        ["en"] = new JsonObject { ["type"] = "string" },
                        ["es"] = new JsonObject { ["type"] = "string" },
                    },
                    ["required"] = new JsonArray("en", "es"),
                }
            ),
        };

    private static JsonObject Days() =>
        new()
        {
            ["type"] = "array",
            ["items"] = new JsonObject
            {
                ["type"] = "string",
                ["enum"] = new JsonArray([.. WeekDaysJson.Words.Select(w => (JsonNode)w)]),
            },
        };
}
