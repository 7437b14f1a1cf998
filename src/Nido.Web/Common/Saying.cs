using FluentValidation;
using Nido.Core;

namespace Nido.Web.Common;

/// <summary>What a validator says of a field, spoken when it is answered.</summary>
internal static class Saying
{
    /// <summary>The same sentence whatever was sent.</summary>
    public static IRuleBuilderOptions<T, TProperty> Says<T, TProperty>(
        this IRuleBuilderOptions<T, TProperty> rule,
        Said said
    ) => rule.WithState(_ => said);

    /// <summary>A sentence with what was sent.</summary>
    public static IRuleBuilderOptions<T, TProperty> Says<T, TProperty>(
        this IRuleBuilderOptions<T, TProperty> rule,
        Func<T, TProperty, Said> said
    ) => rule.WithState((body, value) => said(body, value));
}
