using System.Text.Json;
using System.Text.Json.Serialization;

namespace Nido.Core;

/// <summary>Keeps a text of both languages: as one where they are the same, else as a pair; reads what was kept when
/// there was one language.</summary>
public sealed class InBothJson : JsonConverter<InBoth>
{
    /// <inheritdoc />
    public override InBoth Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options) =>
        TextPair.Read(ref reader, (en, es) => new InBoth(en, es));

    /// <inheritdoc />
    public override void Write(Utf8JsonWriter writer, InBoth value, JsonSerializerOptions options)
    {
        ArgumentNullException.ThrowIfNull(value);
        TextPair.Write(writer, value.En, value.Es);
    }
}
