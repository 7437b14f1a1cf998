using System.Text.Json.Nodes;
using System.Text.Json.Schema;
using Nido.Core.Group;

namespace Nido.Data.Formats;

/// <summary>The published JSON Schema of a unit document, made from the types so that it cannot drift from
/// them.</summary>
public static class UnitSchema
{
    /// <summary>The schema as text.</summary>
    public static string Text { get; } = Make().ToJsonString(Units.Json);

    private static JsonObject Make()
    {
        var schema = (JsonObject)
            Units.Json.GetJsonSchemaAsNode(
                typeof(UnitDocument),
                new JsonSchemaExporterOptions
                {
                    TreatNullObliviousAsNonNullable = true,
                    TransformSchemaNode = (context, node) =>
                        context.TypeInfo.Type == typeof(WeekDays) ? Days()
                        : context.TypeInfo.Type == typeof(DateOnly)
                            ? new JsonObject { ["type"] = "string", ["format"] = "date" }
                        : node,
                }
            );
        schema.Insert(0, "$schema", "https://json-schema.org/draft/2020-12/schema");
        schema.Insert(1, "title", "Nido unit");
        return schema;
    }

    internal static JsonObject Days() =>
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
