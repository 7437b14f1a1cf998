using System.Text.Json;
using System.Text.Json.Serialization;

namespace Nido.Core.Ideas;

/// <summary>Keeps a word of a theme like a text of both languages.</summary>
public sealed class SlotWordJson : JsonConverter<SlotWord>
{
    /// <inheritdoc />
    public override SlotWord Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options) =>
        TextPair.Read(ref reader, (en, es) => new SlotWord(en, es));

    /// <inheritdoc />
    public override void Write(Utf8JsonWriter writer, SlotWord value, JsonSerializerOptions options)
    {
        ArgumentNullException.ThrowIfNull(value);
        TextPair.Write(writer, value.En, value.Es);
    }
}
