using System.Text.Json.Nodes;

namespace Nido.Data.Formats;

/// <summary>Unit files of earlier versions of Nido, told in the words of today. A file once written is opened for
/// good.</summary>
public static class OlderUnits
{
    // Former name of a field, and its name today.
    private static readonly Dictionary<string, string> Renamed = new()
    {
        ["happenings"] = "cameUp",
        ["happeningsBefore"] = "cameUpBefore",
        ["happeningsAfter"] = "cameUpAfter",
    };

    /// <summary>The same file with the names of today.</summary>
    /// <exception cref="System.Text.Json.JsonException">The text is no JSON.</exception>
    public static string InTodaysWords(string text)
    {
        var file = JsonNode.Parse(text);
        if (file is not JsonObject unit || !unit.ContainsKey("happenings"))
        {
            return text;
        }

        Rename(unit);
        foreach (var change in (unit["changes"] as JsonArray ?? []).OfType<JsonObject>())
        {
            Rename(change);
        }

        return unit.ToJsonString();
    }

    private static void Rename(JsonObject fields)
    {
        foreach (var (former, today) in Renamed)
        {
            if (fields.Remove(former, out var value))
            {
                fields[today] = value;
            }
        }
    }
}
