using Nido.Core.Making;

namespace Nido.Web.Common;

/// <summary>What cannot be made is answered with the field, the value and what would be taken.</summary>
public sealed class Refusing : IEndpointFilter
{
    /// <inheritdoc />
    public async ValueTask<object?> InvokeAsync(EndpointFilterInvocationContext context, EndpointFilterDelegate next)
    {
        ArgumentNullException.ThrowIfNull(next);
        try
        {
            return await next(context);
        }
        catch (MakingException e)
        {
            return Problems.Field(e.Field, e.Value, e.Allowed);
        }
    }
}
