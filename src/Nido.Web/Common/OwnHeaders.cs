namespace Nido.Web.Common;

/// <summary>Headers that keep the pages to themselves: nothing is loaded from outside, nothing is told to others.</summary>
public static class OwnHeaders
{
    /// <summary>Adds the headers to every answer.</summary>
    public static void UseOwnHeaders(this WebApplication app) => app.Use(async (context, next) =>
    {
        var headers = context.Response.Headers;
        headers.XContentTypeOptions = "nosniff";
        headers["Referrer-Policy"] = "no-referrer";
        if (!context.Request.Path.StartsWithSegments("/api-docs", StringComparison.Ordinal))
        {
            headers.ContentSecurityPolicy = "default-src 'self'; img-src 'self' data:; style-src 'self' 'unsafe-inline'; frame-ancestors 'none'";
        }

        await next(context);
    });
}
