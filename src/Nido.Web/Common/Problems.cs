using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;

namespace Nido.Web.Common;

/// <summary>Problem details (RFC 9457) in the words of the house.</summary>
public static class Problems
{
    /// <summary>Fields that cannot be taken: 400 with each field, value and way out.</summary>
    public static ProblemHttpResult Fields(IReadOnlyList<FieldProblem> fields) => Of(
        StatusCodes.Status400BadRequest, "Some fields need another look", fields.Count == 1 ? fields[0].Message : $"{fields.Count} fields need another look.", fields);

    /// <summary>One field that cannot be taken.</summary>
    public static ProblemHttpResult Field(string field, string value, string message) => Fields([new(field, value, message)]);

    /// <summary>A rule stands against it: 409 with the rule and the way out.</summary>
    public static ProblemHttpResult Rule(string title, string detail, IReadOnlyList<FieldProblem>? fields = null) =>
        Of(StatusCodes.Status409Conflict, title, detail, fields ?? []);

    private static ProblemHttpResult Of(int status, string title, string detail, IReadOnlyList<FieldProblem> fields)
    {
        var problem = new ProblemDetails { Status = status, Title = title, Detail = detail };
        problem.Extensions["fields"] = fields;
        return TypedResults.Problem(problem);
    }
}
