using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.RegularExpressions;
using Microsoft.AspNetCore.Diagnostics;
using Nido.Core;

namespace Nido.Web.Common;

/// <summary>A body that is not what the endpoint reads: the answer names the field and the value where they can be
/// told.</summary>
public sealed partial class UnreadableBody : IExceptionHandler
{
    /// <inheritdoc />
    public async ValueTask<bool> TryHandleAsync(
        HttpContext httpContext,
        Exception exception,
        CancellationToken cancellationToken
    )
    {
        ArgumentNullException.ThrowIfNull(httpContext);
        if (exception is not BadHttpRequestException bad)
        {
            return false;
        }

        if (Parameter().Match(bad.Message) is { Success: true } parameter)
        {
            await Problems
                .Field(
                    parameter.Groups["name"].Value,
                    parameter.Groups["value"].Value,
                    Named.Of(parameter.Groups["type"].Value) is { Length: > 0 } names
                        ? (Said)$"One of {string.Join(", ", names)} is wanted."
                        : $"This cannot be read as what is wanted here ({parameter.Groups["type"].Value}). What the "
                            + $"address takes stands at /api-docs."
                )
                .ExecuteAsync(httpContext);
            return true;
        }

        if (bad.InnerException is not JsonException json)
        {
            await Problems
                .Field(
                    "body",
                    Said.None,
                    $"Nothing that can be read was sent. A JSON object with the fields of this address is wanted; they stand at /api-docs."
                )
                .ExecuteAsync(httpContext);
            return true;
        }

        var field = (json.Path ?? "$").TrimStart('$').TrimStart('.');
        await Problems
            .Field(
                field.Length == 0 ? "body" : field,
                await ValueAsync(httpContext, field, cancellationToken),
                $"This cannot be read. A number is written plainly (12.5), a word in quotes, a list in square "
                    + $"brackets; the fields stand at /api-docs."
            )
            .ExecuteAsync(httpContext);
        return true;
    }

    private static async Task<string> ValueAsync(HttpContext context, string field, CancellationToken stop)
    {
        if (!context.Request.Body.CanSeek)
        {
            return "";
        }

        try
        {
            context.Request.Body.Position = 0;
            var node = await JsonNode.ParseAsync(context.Request.Body, cancellationToken: stop);
            foreach (var name in field.Split('.', StringSplitOptions.RemoveEmptyEntries))
            {
                node = node is JsonObject ? node[name.Split('[')[0]] : null;
            }

            return node?.ToJsonString() ?? "";
        }
        catch (JsonException)
        {
            return "";
        }
    }

    [GeneratedRegex("parameter \"(?<type>[^ ]+) (?<name>\\w+)\" from \"(?<value>.*)\"", RegexOptions.Singleline)]
    private static partial Regex Parameter();
}
