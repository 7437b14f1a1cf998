namespace Nido.Web.Common;

/// <summary>
/// Who may ask. Answered are only the names of this machine: a page elsewhere that lets its own name point here (DNS
/// rebinding) would
/// else read children's names. Writing is answered only to pages of this house, so that no page elsewhere can send a
/// form here.
/// Programs that send no such headers are people's own tools.
/// </summary>
public static class OwnHost
{
    /// <summary>Names beyond those of the loopback, with commas between them.</summary>
    public const string Setting = "NIDO_HOSTS";

    /// <summary>Adds the check before everything else.</summary>
    public static void UseOwnHostOnly(this WebApplication app)
    {
        HashSet<string> hosts = new(StringComparer.OrdinalIgnoreCase) { "localhost", "127.0.0.1", "[::1]" };
        hosts.UnionWith(
            (app.Configuration[Setting] ?? "").Split(
                ',',
                StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries
            )
        );
        app.Use(
            async (context, next) =>
            {
                var request = context.Request;
                if (!hosts.Contains(request.Host.Host))
                {
                    await Problems
                        .Refusal(
                            StatusCodes.Status421MisdirectedRequest,
                            $"This name is not ours",
                            $"Nido answers on this machine's own names only. Open http://127.0.0.1, or name the host in "
                                + $"{Setting} where Nido is started."
                        )
                        .ExecuteAsync(context);
                    return;
                }

                if (
                    !HttpMethods.IsGet(request.Method)
                    && !HttpMethods.IsHead(request.Method)
                    && !HttpMethods.IsOptions(request.Method)
                    && IsFromElsewhere(request)
                )
                {
                    await Problems
                        .Refusal(
                            StatusCodes.Status403Forbidden,
                            $"This came from another page",
                            $"Changes are taken from Nido's own pages only. Open Nido and do it there."
                        )
                        .ExecuteAsync(context);
                    return;
                }

                await next(context);
            }
        );
    }

    private static bool IsFromElsewhere(HttpRequest request)
    {
        // Fetch Metadata: "none" is a person's own doing, "same-origin" our page.
        if (request.Headers["Sec-Fetch-Site"] is [{ Length: > 0 } site] && site is not ("same-origin" or "none"))
        {
            return true;
        }

        return request.Headers.Origin is [{ Length: > 0 } origin]
            && !origin.Equals($"{request.Scheme}://{request.Host}", StringComparison.OrdinalIgnoreCase);
    }
}
