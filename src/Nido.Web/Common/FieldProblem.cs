namespace Nido.Web.Common;

/// <summary>What is wrong with a field of a request.</summary>
/// <param name="Field">Name of the field, as in the request.</param>
/// <param name="Value">What was sent.</param>
/// <param name="Message">What is allowed and the way out.</param>
public sealed record FieldProblem(string Field, string Value, string Message);
