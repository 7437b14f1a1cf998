using Nido.Core;
using NJsonSchema;
using NJsonSchema.Validation;

namespace Nido.Web.Common;

/// <summary>What keeps a file from having the shape its schema says, in words, at the innermost place that can be
/// named.</summary>
internal static class SchemaProblems
{
    /// <summary>The problems; empty where it has the shape.</summary>
    /// <param name="schema">The schema as text.</param>
    /// <param name="text">The file.</param>
    /// <param name="where">Where the schema stands.</param>
    /// <param name="stop">Gives up.</param>
    public static async Task<IReadOnlyList<FieldProblem>> OfAsync(
        string schema,
        string text,
        string where,
        CancellationToken stop
    )
    {
        var shape = await JsonSchema.FromJsonAsync(schema, stop);
        try
        {
            return
            [
                .. shape
                    .Validate(text)
                    .SelectMany(Innermost)
                    .Take(20)
                    .Select(e => new FieldProblem(
                        At(e),
                        e.HasLineInfo ? (Said)$"line {e.LineNumber}" : Said.None,
                        $"{Wanted(e.Kind)} {where} says what is wanted there."
                    )),
            ];
        }
#pragma warning disable CA1031 // What a file of a stranger makes a reader of JSON throw is not for us to foresee: it is no file of ours.
        catch (Exception e) when (e is not OperationCanceledException)
#pragma warning restore CA1031
        {
            return [new("file", Said.None, $"This cannot be read: {e.Message} {where} says what is wanted.")];
        }
    }

    private static IEnumerable<ValidationError> Innermost(ValidationError error) =>
        error switch
        {
            ChildSchemaValidationError { Errors.Count: > 0 } of => of
                .Errors.Values.SelectMany(e => e)
                .SelectMany(Innermost)
                .DefaultIfEmpty(error),
            MultiTypeValidationError { Errors.Count: > 0 } of => of
                .Errors.Values.SelectMany(e => e)
                .SelectMany(Innermost)
                .DefaultIfEmpty(error),
            _ => [error],
        };

    private static string At(ValidationError error) =>
        error.Path?.TrimStart('#').TrimStart('/') is { Length: > 0 } path ? path : "file";

    private static Said Wanted(ValidationErrorKind kind) =>
        kind switch
        {
            ValidationErrorKind.PropertyRequired => $"This is missing.",
            ValidationErrorKind.StringExpected => $"A text in quotes is wanted.",
            ValidationErrorKind.NumberExpected or ValidationErrorKind.IntegerExpected => $"A number is wanted.",
            ValidationErrorKind.BooleanExpected => $"true or false is wanted.",
            ValidationErrorKind.ArrayExpected => $"A list in square brackets is wanted.",
            ValidationErrorKind.ObjectExpected => $"An object in curly brackets is wanted.",
            ValidationErrorKind.NotInEnumeration => $"This is none of the words known here.",
            ValidationErrorKind.DateExpected => $"A day is wanted, year-month-day.",
            _ => $"This does not fit ({kind}).",
        };
}
