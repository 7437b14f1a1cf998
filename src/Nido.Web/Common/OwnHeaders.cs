namespace Nido.Web.Common;

/// <summary>
/// Headers that keep the pages to themselves: nothing is loaded from outside, nothing is told to others, and no copy of
/// data is
/// kept.
/// </summary>
public static class OwnHeaders
{
    /// <summary>Adds the headers to every answer.</summary>
    public static void UseOwnHeaders(this WebApplication app) =>
        app.Use(
            async (context, next) =>
            {
                var headers = context.Response.Headers;
                var path = context.Request.Path;
                headers.XContentTypeOptions = "nosniff";
                headers["Referrer-Policy"] = "no-referrer";
                headers["Cross-Origin-Resource-Policy"] = "same-origin";
                headers["Cross-Origin-Opener-Policy"] = "same-origin";
                headers["Permissions-Policy"] = "geolocation=(), microphone=(), usb=()";
                context.Response.OnStarting(() =>
                {
                    headers.CacheControl =
                        path.StartsWithSegments("/api", StringComparison.Ordinal) ? "no-store"
                        // Their names hold a hash of what is in them; what is not there may come.
                        : path.StartsWithSegments("/assets", StringComparison.Ordinal)
                        && context.Response.StatusCode < 400
                            ? "public, max-age=31536000, immutable"
                        : "no-cache";
                    return Task.CompletedTask;
                });
                if (!path.StartsWithSegments("/api-docs", StringComparison.Ordinal))
                {
                    headers.ContentSecurityPolicy =
                        "default-src 'self'; img-src 'self' data: blob:; style-src 'self' 'unsafe-inline'; "
                        + "object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'";
                }

                await next(context);
            }
        );
}
