using System.Text.Json.Nodes;

namespace Nido.Web.Tests;

/// <summary>What the API says it takes, and calls made from it.</summary>
internal static class ApiDescription
{
    public static Task<JsonNode> OfAsync(NidoApp app) => app.GetAsync("/openapi/v1.json");

    public static string Filled(string path, Dictionary<string, string> ids) =>
        string.Join(
            '/',
            path.Split('/')
                .Select(part => part.StartsWith('{') ? ids.GetValueOrDefault(part.Trim('{', '}'), "1") : part)
        );

    public static IEnumerable<(string Path, string Method, JsonNode Schema)> Writes(JsonNode described) =>
        from path in described["paths"]!.AsObject()
        from operation in path.Value!.AsObject()
        where operation.Key is "post" or "put" or "patch"
        let schema = operation.Value!["requestBody"]?["content"]?["application/json"]?["schema"]
        where schema?["$ref"] is not null
        select (path.Key, operation.Key, Of(described, schema));

    public static JsonNode Of(JsonNode described, JsonNode schema) =>
        schema["$ref"] is { } to ? described["components"]!["schemas"]![to.GetValue<string>().Split('/')[^1]]! : schema;

    public static JsonObject Sample(JsonNode described, JsonNode schema) =>
        new(schema["properties"]?.AsObject().Select(p => KeyValuePair.Create(p.Key, Value(described, p.Value!))) ?? []);

    private static JsonNode? Value(JsonNode described, JsonNode schema)
    {
        var of = Of(described, schema);
        var type = of["type"] is JsonArray several
            ? several[^1]!.GetValue<string>()
            : of["type"]?.GetValue<string>() ?? "object";
        return of["enum"] is JsonArray words
            ? words[0]!.DeepClone()
            : type switch
            {
                "string" => "x",
                "integer" or "number" => 1,
                "boolean" => true,
                "array" => new JsonArray(),
                _ => new JsonObject(),
            };
    }
}
