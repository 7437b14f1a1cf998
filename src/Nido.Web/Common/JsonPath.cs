using System.Text.Json;

namespace Nido.Web.Common;

/// <summary>Where a reader is in a JSON text, as a path a person can follow: <c>children[3].name</c>.</summary>
internal sealed class JsonPath
{
    private readonly Stack<(bool IsList, int Index, string Name)> open = new();
    private string name = "";

    /// <summary>Takes the token the reader stands on.</summary>
    public void Next(ref Utf8JsonReader reader)
    {
        if (reader.TokenType is JsonTokenType.EndArray or JsonTokenType.EndObject)
        {
            open.Pop();
            return;
        }

        if (reader.TokenType == JsonTokenType.PropertyName)
        {
            name = reader.ValueSpan.Length <= 100 ? System.Text.Encoding.UTF8.GetString(reader.ValueSpan) : "…";
            return;
        }

        if (open.TryPeek(out var top) && top.IsList)
        {
            open.Pop();
            open.Push((true, top.Index + 1, top.Name));
        }

        if (reader.TokenType is JsonTokenType.StartArray or JsonTokenType.StartObject)
        {
            open.Push(
                (reader.TokenType == JsonTokenType.StartArray, -1, open.TryPeek(out var of) && of.IsList ? "" : name)
            );
        }
    }

    /// <inheritdoc />
    public override string ToString()
    {
        var parts = open.Reverse()
            .Select(o => o.Name + (o.IsList ? $"[{Math.Max(o.Index, 0)}]" : ""))
            .Append(open.TryPeek(out var top) && top.IsList ? "" : name);
        return string.Join('.', parts.Where(p => p.Length > 0)).Replace(".[", "[", StringComparison.Ordinal);
    }
}
