using System.Security.Cryptography;
using System.Text.Json;
using Nido.Data.Formats;

namespace Nido.Web.Common;

/// <summary>
/// Which edition of something a person had open when changing it: the ETag is a checksum of what it says, so that
/// nobody overwrites
/// what they have not seen (RFC 9110, 13.1.1). Called from within a turn of <see cref="OneWriter"/>, so that nothing
/// comes between
/// looking and saving.
/// </summary>
public static class Edition
{
    /// <summary>Says in the description of the API that a change asks for the edition it is of.</summary>
    public static RouteHandlerBuilder AsksForEdition(this RouteHandlerBuilder endpoint) =>
        endpoint
            .WithDescription(
                "Read it with GET at the same address and send its ETag back as If-Match: "
                    + "428 without, 412 with what is so now where it has changed."
            )
            .ProducesProblem(StatusCodes.Status412PreconditionFailed)
            .ProducesProblem(StatusCodes.Status428PreconditionRequired);

    /// <summary>The ETag of something, in quotes.</summary>
    public static string Of(object thing) =>
        $"\"{Convert.ToHexStringLower(SHA256.HashData(JsonSerializer.SerializeToUtf8Bytes(thing, thing.GetType(), Units.Json)))[..16]}\"";

    /// <summary>Tells the edition with an answer.</summary>
    public static T Tell<T>(HttpContext context, T thing)
        where T : notnull
    {
        ArgumentNullException.ThrowIfNull(context);
        context.Response.Headers.ETag = Of(thing);
        return thing;
    }

    /// <summary>
    /// What stands against a change of something as it is now, or null: 428 where the edition is not named, 412 where
    /// it is
    /// another.
    /// </summary>
    public static Microsoft.AspNetCore.Http.HttpResults.ProblemHttpResult? Against(HttpContext context, object current)
    {
        ArgumentNullException.ThrowIfNull(context);
        if (context.Request.Headers.IfMatch is not { Count: > 0 } named)
        {
            return Problems.Refusal(
                StatusCodes.Status428PreconditionRequired,
                $"Which edition do you change?",
                $"Read it first and send its ETag back as If-Match, so that nobody's change is overwritten unseen."
            );
        }

        var tag = Of(current);
        if (named.SelectMany(n => n!.Split(',', StringSplitOptions.TrimEntries)).Any(n => n == tag || n == "*"))
        {
            return null;
        }

        // With what is so now comes its edition, so that whoever has looked at it can go on from there.
        context.Response.Headers.ETag = tag;
        return Problems.Stale(current);
    }
}
