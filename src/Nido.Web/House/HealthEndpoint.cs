using Microsoft.AspNetCore.Http.HttpResults;
using Nido.Data;

namespace Nido.Web.House;

/// <summary>Whether the house can be used: it answers and can be written to.</summary>
public static class HealthEndpoint
{
    // Given by whoever starts it, so that the answer of another program on the same port is not taken for ours.
    private static readonly string Start = Environment.GetEnvironmentVariable("NIDO_START") ?? "";

    /// <summary>Adds the endpoint.</summary>
    public static void MapHealth(this RouteGroupBuilder api) =>
        api.MapGet("/health", Look).WithName("health").WithTags("House");

    private static Results<Ok<Health>, JsonHttpResult<Health>> Look(SiteFolder folder)
    {
        try
        {
            folder.TryWriting();
            return TypedResults.Ok(new Health("ready", Start));
        }
        catch (Exception e) when (e is IOException or UnauthorizedAccessException)
        {
            return TypedResults.Json(
                new Health("cannotWrite", Start),
                statusCode: StatusCodes.Status503ServiceUnavailable
            );
        }
    }
}

/// <summary>The answer of /api/health.</summary>
/// <param name="Status">"ready", or "cannotWrite" where the disk is full or read-only.</param>
/// <param name="Start">What NIDO_START was when it was started.</param>
public sealed record Health(string Status, string Start);
