using System.Globalization;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;
using Nido.Core;

namespace Nido.Web.Common;

/// <summary>Problem details (RFC 9457) in the words of the house.</summary>
public static class Problems
{
    // What was sent is said back only as far as a person needs to know it again.
    private const int MostShown = 80,
        MostSaid = 600;

    /// <summary>Fields that cannot be taken: 400 with each field, value and way out.</summary>
    public static ProblemHttpResult Fields(IReadOnlyList<FieldProblem> fields) =>
        Of(
            StatusCodes.Status400BadRequest,
            $"Some fields need another look",
            fields.Count == 1 ? fields[0].Message : $"{fields.Count} fields need another look.",
            fields
        );

    /// <summary>One field that cannot be taken.</summary>
    public static ProblemHttpResult Field(string field, Said value, Said message) =>
        Fields([new(field, value, message)]);

    /// <summary>One field that cannot be taken.</summary>
    public static ProblemHttpResult Field(string field, string value, Said message) =>
        Fields([new(field, value, message)]);

    /// <summary>A rule stands against it: 409 with the rule and the way out.</summary>
    public static ProblemHttpResult Rule(Said title, Said detail, IReadOnlyList<FieldProblem>? fields = null) =>
        Of(StatusCodes.Status409Conflict, title, detail, fields ?? []);

    /// <summary>A request that is not taken whatever is in it.</summary>
    /// <param name="status">HTTP status.</param>
    /// <param name="title">What is wrong.</param>
    /// <param name="detail">The way out.</param>
    public static ProblemHttpResult Refusal(int status, Said title, Said detail) => Of(status, title, detail, []);

    /// <summary>A change of something that has changed since it was read: 412 with how it is now, so that both can be
    /// shown.</summary>
    /// <param name="current">How it is now.</param>
    public static ProblemHttpResult Stale(object current)
    {
        var problem = Of(
            StatusCodes.Status412PreconditionFailed,
            $"Someone changed this while you had it open",
            $"Nothing was overwritten, and what you typed is still here. Look at what it is now, then keep yours or theirs.",
            []
        );
        problem.ProblemDetails.Extensions["current"] = current;
        return problem;
    }

    /// <summary>A sentence for refusals that come without one: addresses, methods and kinds of body nobody
    /// serves.</summary>
    public static void Say(ProblemDetailsContext context)
    {
        ArgumentNullException.ThrowIfNull(context);
        var problem = context.ProblemDetails;
        if (problem.Detail is not { Length: > 0 })
        {
            var (title, detail) = For(problem.Status);
            problem.Title = title is null ? problem.Title : Speaking.Now.Speak(title);
            problem.Detail = Speaking.Now.Speak(detail);
        }

        problem.Extensions.TryAdd("fields", Array.Empty<FieldProblem>());
    }

    private static (Said? Title, Said Detail) For(int? status) =>
        status switch
        {
            404 => ($"Not found", $"There is nothing at this address, or it was taken away. Go back and choose again."),
            405 => (
                $"Not done here",
                $"This address does not take that kind of request. What it takes stands at /api-docs."
            ),
            415 => (
                $"Not this kind",
                $"The body is of a kind this address does not read. Send JSON (application/json), or CSV "
                    + $"(text/csv) where a table is wanted."
            ),
            500 => (
                $"Something went wrong in Nido",
                $"Nothing was changed. Try again; if it stays, the log of the house says more."
            ),
            _ => (null, $"This could not be taken. What the address wants stands at /api-docs."),
        };

    private static ProblemHttpResult Of(int status, Said title, Said detail, IReadOnlyList<FieldProblem> fields)
    {
        var problem = new ProblemDetails
        {
            Status = status,
            Title = Cut(Speaking.Now.Speak(title), MostSaid),
            Detail = Cut(Sentence(Speaking.Now.Speak(detail)), MostSaid),
        };
        problem.Extensions["fields"] = fields
            .Take(50)
            .Select(f => new FieldProblem(
                Said.Name(Cut(Speaking.Now.Speak(f.Field), MostShown)),
                Said.Name(Cut(Speaking.Now.Speak(f.Value), MostShown)),
                Said.Name(Cut(Sentence(Speaking.Now.Speak(f.Message)), MostSaid))
            ))
            .ToArray();
        return TypedResults.Problem(problem);
    }

    // What is asked of a calculator is said as part of a sentence; here it stands alone.
    private static string Sentence(string text) =>
        text.Length == 0
            ? text
            : $"{char.ToUpper(text[0], CultureInfo.InvariantCulture)}{text[1..]}{(".?!)”»…".Contains(text[^1]) ? "" : ".")}";

    private static string Cut(string text, int most) =>
        text.Length <= most ? text : $"{text[..(char.IsHighSurrogate(text[most - 1]) ? most - 1 : most)]}…";
}
