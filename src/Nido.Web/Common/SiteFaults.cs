using Microsoft.AspNetCore.Diagnostics;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Nido.Data;

namespace Nido.Web.Common;

/// <summary>What the disk or the file of the house refuses while it is open: a sentence and the way out instead of a
/// stack trace.</summary>
/// <param name="folder">Where it lies.</param>
public sealed class SiteFaults(SiteFolder folder) : IExceptionHandler
{
    /// <inheritdoc />
    public async ValueTask<bool> TryHandleAsync(
        HttpContext httpContext,
        Exception exception,
        CancellationToken cancellationToken
    )
    {
        ArgumentNullException.ThrowIfNull(httpContext);
        if (exception is OperationCanceledException && httpContext.RequestAborted.IsCancellationRequested)
        {
            // Whoever asked has gone.
            httpContext.Response.StatusCode = 499;
            return true;
        }

        if (exception is SiteException known)
        {
            await Problems.Rule(known.What, known.WayOut).ExecuteAsync(httpContext);
            return true;
        }

        if (
            (exception as SqliteException ?? (exception as DbUpdateException)?.InnerException as SqliteException)
            is not { } error
        )
        {
            return false;
        }

        // Two at once wanted the same new thing; what turns do not cover ends here.
        if (error.SqliteErrorCode == SQLitePCL.raw.SQLITE_CONSTRAINT)
        {
            await Problems
                .Rule($"Someone did this at the same moment", $"Their change stays. Look at it, then do yours again.")
                .ExecuteAsync(httpContext);
            return true;
        }

        var fault = Site.FaultOf(error, folder);
        await Problems
            .Refusal(StatusCodes.Status507InsufficientStorage, fault.What, fault.WayOut)
            .ExecuteAsync(httpContext);
        return true;
    }
}
