using Nido.Core;

namespace Nido.Web.Common;

/// <summary>What is wrong with a field of a request.</summary>
/// <param name="Field">Name of the field, as in the request.</param>
/// <param name="Value">What was sent.</param>
/// <param name="Message">What is allowed and the way out.</param>
public sealed record FieldProblem(Said Field, Said Value, Said Message)
{
    /// <summary>A value as it was sent.</summary>
    public FieldProblem(string field, string value, Said message)
        : this(Said.Name(field), Said.Name(value), message) { }

    /// <summary>A field with its name, whatever stands there.</summary>
    public FieldProblem(string field, Said value, Said message)
        : this(Said.Name(field), value, message) { }
}
