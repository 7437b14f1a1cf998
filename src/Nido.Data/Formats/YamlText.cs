using System.Globalization;
using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.RegularExpressions;
using Nido.Core;
using YamlDotNet.Core;
using YamlDotNet.Core.Events;
using YamlDotNet.RepresentationModel;

namespace Nido.Data.Formats;

/// <summary>
/// A document of ours as YAML, to be read and mended by hand, and back. What JSON can say is said, and no more: of a stranger's
/// file neither anchors (a few lines that unfold to gigabytes), nor tags, nor a key twice, nor a hundred levels are taken.
/// </summary>
public static partial class YamlText
{
    private const int Deepest = 24;

    /// <summary>Writes a document.</summary>
    public static string Write(JsonNode document)
    {
        using var text = new StringWriter(CultureInfo.InvariantCulture);
        new YamlStream(new YamlDocument(Node(document))).Save(text, assignAnchors: false);
        // The end of the stream is a mark for programs.
        return text.ToString()
            .Replace("\r\n", "\n", StringComparison.Ordinal)
            .Replace("\n...\n", "\n", StringComparison.Ordinal);
    }

    /// <summary>Reads a document.</summary>
    /// <param name="text">YAML.</param>
    /// <returns>What it says, or the line that could not be read and why.</returns>
    public static (JsonNode? Document, int Line, Said Problem) Read(string text)
    {
        using var reader = new StringReader(text);
        var parser = new Parser(reader);
        try
        {
            parser.Consume<StreamStart>();
            if (!parser.Accept<DocumentStart>(out _))
            {
                return (null, 1, $"nothing stands in it");
            }

            parser.Consume<DocumentStart>();
            var document = Value(parser, 0);
            parser.Consume<DocumentEnd>();
            return parser.Accept<StreamEnd>(out var end)
                ? (document, 0, Said.None)
                : (null, (int)parser.Current!.Start.Line, $"one document a file is wanted");
        }
        catch (NotTaken e)
        {
            return (null, (int)e.Start.Line, e.Why);
        }
        catch (YamlException e)
        {
            return (null, (int)Math.Max(1, e.Start.Line), $"it is not written as YAML is");
        }
        catch (InvalidOperationException)
        {
            // The parser gives up this way on a list or mapping that is never closed.
            return (null, 1, $"a bracket or a brace is opened and never closed");
        }
    }

    private static JsonNode? Value(IParser parser, int depth)
    {
        var at = parser.Current ?? throw new YamlException(Mark.Empty, Mark.Empty, "");
        if (depth > Deepest)
        {
            throw new NotTaken(at, $"more than {Deepest} levels stand in each other");
        }

        if (
            at is NodeEvent { Tag: { IsEmpty: false } tag } and not Scalar { Style: not ScalarStyle.Plain }
            && !tag.IsNonSpecific
        )
        {
            throw new NotTaken(at, $"a tag (!) means nothing here");
        }

        if (at is AnchorAlias or NodeEvent { Anchor.IsEmpty: false })
        {
            throw new NotTaken(at, $"an anchor (&, *) is not taken: write it out");
        }

        if (parser.TryConsume<Scalar>(out var scalar))
        {
            return scalar.Style == ScalarStyle.Plain ? Plain(scalar) : JsonValue.Create(scalar.Value);
        }

        if (parser.TryConsume<SequenceStart>(out _))
        {
            var list = new JsonArray();
            while (!parser.TryConsume<SequenceEnd>(out _))
            {
                list.Add(Value(parser, depth + 1));
            }

            return list;
        }

        if (parser.TryConsume<MappingStart>(out _))
        {
            var map = new JsonObject();
            while (!parser.TryConsume<MappingEnd>(out _))
            {
                var key = parser.Consume<Scalar>();
                if (map.ContainsKey(key.Value))
                {
                    throw new NotTaken(key, $"`{key.Value}` stands here twice");
                }

                map[key.Value] = Value(parser, depth + 1);
            }

            return map;
        }

        throw new NotTaken(at, $"a text, a list or lines of `key: value` are wanted here");
    }

    private static JsonValue? Plain(Scalar scalar) =>
        scalar.Value switch
        {
            "" or "~" or "null" => null,
            "true" => JsonValue.Create(true),
            "false" => JsonValue.Create(false),
            { } number when Number().IsMatch(number) => JsonSerializer.Deserialize<JsonValue>(number),
            var word => JsonValue.Create(word),
        };

    private static YamlNode Node(JsonNode? value) =>
        value switch
        {
            JsonObject map => new YamlMappingNode(map.SelectMany(m => new[] { Text(m.Key), Node(m.Value) })),
            JsonArray list => new YamlSequenceNode(list.Select(Node))
            {
                Style = list.All(v => v is JsonValue) ? SequenceStyle.Flow : SequenceStyle.Block,
            },
            JsonValue text when text.GetValueKind() == JsonValueKind.String => Text(text.GetValue<string>()),
            null => new YamlScalarNode("null") { Style = ScalarStyle.Plain },
            _ => new YamlScalarNode(value.ToJsonString()) { Style = ScalarStyle.Plain },
        };

    /// <summary>A text that would be read as something else stands in quotes.</summary>
    private static YamlScalarNode Text(string text) =>
        new(text)
        {
            Style =
                text is "" or "~" or "null" or "true" or "false" || Number().IsMatch(text) || text.Any(char.IsControl)
                    ? ScalarStyle.DoubleQuoted
                    : ScalarStyle.Any,
        };

    /// <summary>Written as YAML is, and not taken here.</summary>
#pragma warning disable CA1032 // Thrown and caught here, and nowhere else.
    private sealed class NotTaken(ParsingEvent at, Said why) : YamlException(at.Start, at.End, "")
#pragma warning restore CA1032
    {
        public Said Why { get; } = why;
    }

    [GeneratedRegex(@"^-?(0|[1-9][0-9]*)(\.[0-9]+)?([eE][+-]?[0-9]+)?$")]
    private static partial Regex Number();
}
