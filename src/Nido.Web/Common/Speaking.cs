using System.Text.Json;
using System.Text.Json.Serialization;
using Nido.Catalog;
using Nido.Core;

namespace Nido.Web.Common;

/// <summary>Answers are spoken in the language the reader asks for (?language=, else Accept-Language), English where it asks for none
/// Nido speaks.</summary>
public static class Speaking
{
    private static readonly AsyncLocal<Tongue?> Asked = new();

    /// <summary>The language of the request that is being answered.</summary>
    public static Tongue Now => Asked.Value ?? Tongue.English;

    /// <summary>Finds out the language before anything is answered.</summary>
    public static void UseSpeaking(this IApplicationBuilder app, Content content) =>
        app.Use(
            (context, next) =>
            {
                // A file that is fetched by a link names its language itself.
                Asked.Value =
                    content.Tongue($"{context.Request.Query["language"]}")
                    ?? context
                        .Request.GetTypedHeaders()
                        .AcceptLanguage.OrderByDescending(l => l.Quality ?? 1)
                        .Select(l => content.Tongue(l.Value.Value?.Split('-')[0].ToLowerInvariant() ?? ""))
                        .FirstOrDefault(t => t is not null);
                context.Response.Headers.Vary = "Accept-Language";
                return next(context);
            }
        );

    /// <summary>Writes texts of the catalogue in the reader's language; what is read is an adult's own words.</summary>
    public sealed class OfBoth : JsonConverter<InBoth>
    {
        /// <inheritdoc />
        public override InBoth Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options) =>
            InBoth.Same(reader.GetString() ?? "");

        /// <inheritdoc />
        public override void Write(Utf8JsonWriter writer, InBoth value, JsonSerializerOptions options)
        {
            ArgumentNullException.ThrowIfNull(writer);
            ArgumentNullException.ThrowIfNull(value);
            writer.WriteStringValue(value.NameIn(Now.Language));
        }
    }

    /// <summary>Writes sentences in the reader's language. They are never read: a request says things by their
    /// ids.</summary>
    public sealed class Json : JsonConverter<Said>
    {
        /// <inheritdoc />
        public override Said Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options) =>
            Said.Word(reader.GetString() ?? "");

        /// <inheritdoc />
        public override void Write(Utf8JsonWriter writer, Said value, JsonSerializerOptions options)
        {
            ArgumentNullException.ThrowIfNull(writer);
            writer.WriteStringValue(Now.Speak(value));
        }
    }
}
