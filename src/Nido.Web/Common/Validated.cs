using System.Reflection;
using FluentValidation;
using Microsoft.AspNetCore.Http.Metadata;
using Nido.Core;

namespace Nido.Web.Common;

/// <summary>
/// Checks the body of every endpoint in one place: first that it has sense whatever it is about, then by its validator
/// where it
/// has one.
/// </summary>
public sealed class Validated : IEndpointFilter
{
    /// <inheritdoc />
    public async ValueTask<object?> InvokeAsync(EndpointFilterInvocationContext context, EndpointFilterDelegate next)
    {
        ArgumentNullException.ThrowIfNull(context);
        ArgumentNullException.ThrowIfNull(next);
        var body = context.HttpContext.GetEndpoint()?.Metadata.GetMetadata<IAcceptsMetadata>()?.RequestType;
        if (body is not null && body != typeof(string) && !context.Arguments.Any(body.IsInstanceOfType))
        {
            return Problems.Field(
                "body",
                $"null",
                $"A JSON object with the fields of this address is wanted; they stand at /api-docs."
            );
        }

        if (Days(context).FirstOrDefault() is { } noDay)
        {
            return Problems.Fields([noDay]);
        }

        foreach (var argument in context.Arguments.Where(a => a is not null))
        {
            if (argument!.GetType() == body && Sense.In(argument) is { Count: > 0 } senseless)
            {
                return Problems.Fields(senseless);
            }

            var type = typeof(IValidator<>).MakeGenericType(argument.GetType());
            if (context.HttpContext.RequestServices.GetService(type) is IValidator validator)
            {
                var result = await validator.ValidateAsync(
                    new ValidationContext<object>(argument),
                    context.HttpContext.RequestAborted
                );
                if (!result.IsValid)
                {
                    return Problems.Fields([
                        .. result.Errors.Select(e => new FieldProblem(
                            Camel(e.PropertyName),
                            Sent(e.AttemptedValue),
                            e.CustomState as Said ?? Said.Word(e.ErrorMessage)
                        )),
                    ]);
                }
            }
        }

        return await next(context);
    }

    /// <summary>Days of the address that no calendar of a house has.</summary>
    private static IEnumerable<FieldProblem> Days(EndpointFilterInvocationContext context)
    {
        var named = context.HttpContext.GetEndpoint()?.Metadata.GetMetadata<MethodInfo>()?.GetParameters();
        return context
            .Arguments.Select(
                (a, i) =>
                    a is DateOnly day
                        ? Sense.OfDay(named is not null && i < named.Length ? named[i].Name ?? "day" : "day", day)
                        : null
            )
            .OfType<FieldProblem>();
    }

    /// <summary>A value as it is sent: a day of the calendar year first.</summary>
    private static string Sent(object? value) => value is DateOnly day ? $"{day:yyyy-MM-dd}" : $"{value}";

    /// <summary>A path of properties as it stands in JSON.</summary>
    internal static string Camel(string path) =>
        string.Join('.', path.Split('.').Select(p => p.Length == 0 ? p : char.ToLowerInvariant(p[0]) + p[1..]));
}
