using FluentValidation;

namespace Nido.Web.Common;

/// <summary>Checks the body of every endpoint that has a validator, in one place.</summary>
public sealed class Validated : IEndpointFilter
{
    /// <inheritdoc />
    public async ValueTask<object?> InvokeAsync(EndpointFilterInvocationContext context, EndpointFilterDelegate next)
    {
        ArgumentNullException.ThrowIfNull(context);
        ArgumentNullException.ThrowIfNull(next);
        foreach (var argument in context.Arguments.Where(a => a is not null))
        {
            var type = typeof(IValidator<>).MakeGenericType(argument!.GetType());
            if (context.HttpContext.RequestServices.GetService(type) is IValidator validator)
            {
                var result = await validator.ValidateAsync(new ValidationContext<object>(argument), context.HttpContext.RequestAborted);
                if (!result.IsValid)
                {
                    return Problems.Fields([.. result.Errors.Select(e => new FieldProblem(Camel(e.PropertyName), $"{e.AttemptedValue}", e.ErrorMessage))]);
                }
            }
        }

        return await next(context);
    }

    private static string Camel(string path) =>
        string.Join('.', path.Split('.').Select(p => p.Length == 0 ? p : char.ToLowerInvariant(p[0]) + p[1..]));
}
