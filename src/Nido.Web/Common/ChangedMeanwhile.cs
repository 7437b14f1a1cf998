using Microsoft.AspNetCore.Diagnostics;
using Microsoft.EntityFrameworkCore;

namespace Nido.Web.Common;

/// <summary>Two people changed the same thing at once: the second is told so, with the way out, and nothing is half
/// saved.</summary>
public sealed class ChangedMeanwhile : IExceptionHandler
{
    /// <inheritdoc />
    public async ValueTask<bool> TryHandleAsync(
        HttpContext httpContext,
        Exception exception,
        CancellationToken cancellationToken
    )
    {
        ArgumentNullException.ThrowIfNull(httpContext);
        if (exception is not DbUpdateConcurrencyException)
        {
            return false;
        }

        await Problems
            .Rule($"Someone changed this at the same moment", $"Their change stays. Look at it, then do yours again.")
            .ExecuteAsync(httpContext);
        return true;
    }
}
