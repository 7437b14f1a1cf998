using System.Text;
using System.Text.Json;
using Nido.Core;
using Nido.Data.Formats;

namespace Nido.Web.Common;

/// <summary>
/// The gate every body comes through: not larger than is taken, and every text in a JSON body as
/// <see cref="PlainText"/> has it.
/// What comes out is kept, so that a refusal later can name the value.
/// </summary>
public static class PlainBody
{
    /// <summary>Largest body taken, in bytes: a unit of 40 children with its changes has under one million.</summary>
    public const int MostBytes = 8 * 1024 * 1024;

    /// <summary>Adds the gate; after routing, which says what an address takes.</summary>
    public static void UsePlainBodies(this WebApplication app) =>
        app.Use(
            async (context, next) =>
            {
                var request = context.Request;
                if (
                    HttpMethods.IsGet(request.Method)
                    || HttpMethods.IsHead(request.Method)
                    || context.GetEndpoint()?.Metadata.GetMetadata<LargeBody>() is not null
                )
                {
                    await next(context);
                    return;
                }

                if (await ReadAsync(request, context.RequestAborted) is not { } bytes)
                {
                    await Problems
                        .Refusal(
                            StatusCodes.Status413PayloadTooLarge,
                            $"That is too much at once",
                            $"At most {MostBytes / 1048576} MB are taken in one go. Send it in parts."
                        )
                        .ExecuteAsync(context);
                    return;
                }

                if (request.HasJsonContentType() && Copied(ref bytes) is { } problem)
                {
                    await Problems.Fields([problem]).ExecuteAsync(context);
                    return;
                }

                request.Body = new MemoryStream(bytes);
                if (request.ContentLength is not null)
                {
                    request.ContentLength = bytes.Length;
                }

                await next(context);
            }
        );

    /// <summary>JSON that was made of another kind of text, through the same gate: its texts composed, or what is wrong
    /// with one.</summary>
    internal static (string Json, FieldProblem? Problem) Composed(string json)
    {
        var bytes = Encoding.UTF8.GetBytes(json);
        var problem = Copied(ref bytes);
        return (Encoding.UTF8.GetString(bytes), problem);
    }

    private static async Task<byte[]?> ReadAsync(HttpRequest request, CancellationToken stop)
    {
        if (request.ContentLength > MostBytes)
        {
            return null;
        }

        using var memory = new MemoryStream();
        var buffer = new byte[81920];
        for (int read; (read = await request.Body.ReadAsync(buffer, stop)) > 0; )
        {
            if (memory.Length + read > MostBytes)
            {
                return null;
            }

            memory.Write(buffer, 0, read);
        }

        return memory.ToArray();
    }

    /// <summary>Copies JSON with its texts composed; what is no JSON stays as it is for whoever reads it to say
    /// so.</summary>
    private static FieldProblem? Copied(ref byte[] bytes)
    {
        try
        {
            var reader = new Utf8JsonReader(bytes.AsSpan(bytes.AsSpan().StartsWith("\uFEFF"u8) ? 3 : 0));
            using var copy = new MemoryStream(bytes.Length);
            using (
                var writer = new Utf8JsonWriter(
                    copy,
                    new JsonWriterOptions { SkipValidation = true, Encoder = Units.Json.Encoder }
                )
            )
            {
                var path = new JsonPath();
                while (reader.Read())
                {
                    path.Next(ref reader);
                    if (Copy(ref reader, writer) is { IsNone: false } problem)
                    {
                        return new(path.ToString(), Said.None, problem);
                    }
                }
            }

            bytes = copy.ToArray();
            return null;
        }
        catch (JsonException)
        {
            return null;
        }
    }

    /// <summary>Copies a token; what keeps it out, or empty.</summary>
    private static Said Copy(ref Utf8JsonReader reader, Utf8JsonWriter writer)
    {
        switch (reader.TokenType)
        {
            case JsonTokenType.StartObject:
                writer.WriteStartObject();
                return Said.None;
            case JsonTokenType.EndObject:
                writer.WriteEndObject();
                return Said.None;
            case JsonTokenType.StartArray:
                writer.WriteStartArray();
                return Said.None;
            case JsonTokenType.EndArray:
                writer.WriteEndArray();
                return Said.None;
            case JsonTokenType.PropertyName or JsonTokenType.String:
                if (Text(ref reader, out var problem) is not { } text)
                {
                    return problem;
                }

                if (reader.TokenType == JsonTokenType.PropertyName)
                {
                    writer.WritePropertyName(text);
                }
                else
                {
                    writer.WriteStringValue(text);
                }

                return Said.None;
            default:
                writer.WriteRawValue(reader.ValueSpan, skipInputValidation: true);
                return Said.None;
        }
    }

    private static string? Text(ref Utf8JsonReader reader, out Said problem)
    {
        try
        {
            return PlainText.Of(reader.GetString()!, out problem);
        }
        catch (InvalidOperationException)
        {
            // How the reader says that an escape stands for half a letter, or bytes for none.
            problem = $"The text holds half a letter (a lone surrogate). Type it again.";
            return null;
        }
    }
}
