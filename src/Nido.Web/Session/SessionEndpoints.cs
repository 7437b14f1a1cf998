using Microsoft.AspNetCore.Http.HttpResults;
using Nido.Catalog;
using Nido.Core;
using Nido.Core.Group;
using Nido.Core.Paper.Adults;
using Nido.Core.Session;
using Nido.Core.Week.Reading;
using Nido.Data;
using Nido.Web.Common;
using Nido.Web.Paper;
using Nido.Web.Week;

namespace Nido.Web.Session;

/// <summary>A session whose children nobody knows: its parts from welcome to farewell, and cards for who helps.</summary>
public static class SessionEndpoints
{
    /// <summary>Adds the endpoints.</summary>
    public static void MapSession(this RouteGroupBuilder api)
    {
        var session = api.MapGroup("/weeks/{weekId}/days/{day:int}").WithTags("Session");
        session.MapGet("/session", Get).WithName("getSession");
        session.MapGet("/session.pdf", Page).WithName("sessionPdf");
        session.MapGet("/helpers.pdf", Helpers).WithName("helpersPdf");
    }

    private static async Task<Ok<SessionView>> Get(
        string weekId,
        int day,
        WeekDesk desk,
        NidoDb db,
        Content content,
        CancellationToken stop
    )
    {
        var (plan, parts) = await ReadAsync(weekId, day, desk, db, content, stop);
        return TypedResults.Ok(
            new SessionView(
                [
                    .. parts.Select(p => new PartView(
                        p.Kind,
                        p.From,
                        p.Minutes,
                        p.What,
                        p.Lines,
                        [.. p.Ideas.Select(u => (Said)u.Idea.Title)]
                    )),
                ],
                [.. HelperCard.Of(plan, day).Select(HelperView.Of)],
                Math.Round(SessionOutline.Listens(plan.Problem.Group, plan.Problem.Days[day].Date), 1)
            )
        );
    }

    private static async Task<Results<FileContentHttpResult, ProblemHttpResult>> Page(
        string weekId,
        int day,
        string? language,
        WeekDesk desk,
        NidoDb db,
        Content content,
        CancellationToken stop
    )
    {
        var (plan, parts) = await ReadAsync(weekId, day, desk, db, content, stop);
        return WeekPaperEndpoints.Drawn(
            plan,
            language,
            content,
            "kind.session-page",
            $"session-{plan.Problem.Days[day].Date:yyyy-MM-dd}.pdf",
            pad => SessionPage.Draw(pad, plan, day, parts)
        );
    }

    private static async Task<Results<FileContentHttpResult, ProblemHttpResult>> Helpers(
        string weekId,
        int day,
        string? language,
        WeekDesk desk,
        NidoDb db,
        Content content,
        CancellationToken stop
    )
    {
        var (plan, _) = await ReadAsync(weekId, day, desk, db, content, stop);
        return WeekPaperEndpoints.Drawn(
            plan,
            language,
            content,
            "kind.helper-cards",
            $"helpers-{plan.Problem.Days[day].Date:yyyy-MM-dd}.pdf",
            pad => HelperCards.Draw(pad, HelperCard.Of(plan, day))
        );
    }

    private static async Task<(WeekPlan, IReadOnlyList<PartOfSession>)> ReadAsync(
        string weekId,
        int day,
        WeekDesk desk,
        NidoDb db,
        Content content,
        CancellationToken stop
    )
    {
        var row = await desk.RowAsync(weekId, stop);
        var plan = await desk.PlanAsync(row, stop);
        if (day < 0 || day >= plan.Problem.Days.Count || plan.Problem.Group.Kind != GroupKind.DropIn)
        {
            throw new NotHereException(NotHere.Place);
        }

        var theme = (await db.ThemeOfAsync(content, row, stop))!;
        return (plan, SessionOutline.Of(plan, theme, day));
    }
}

/// <summary>A session from welcome to farewell.</summary>
/// <param name="Parts">Its parts, in order; their minutes are those of its blocks.</param>
/// <param name="Helpers">A card for each table.</param>
/// <param name="Listens">Minutes the younger half listens.</param>
public sealed record SessionView(IReadOnlyList<PartView> Parts, IReadOnlyList<HelperView> Helpers, double Listens);

/// <summary>A part of a session.</summary>
public sealed record PartView(
    PartKind Kind,
    TimeOnly From,
    int Minutes,
    Said What,
    IReadOnlyList<Said> Lines,
    IReadOnlyList<Said> Ideas
);

/// <summary>A card for who sits beside a child at a table.</summary>
/// <param name="Title">The idea.</param>
/// <param name="Steps">What to say and do at each age, youngest first.</param>
/// <param name="Mind">What to mind.</param>
public sealed record HelperView(Said Title, IReadOnlyList<HelperLine> Steps, IReadOnlyList<Said> Mind)
{
    /// <summary>As made.</summary>
    public static HelperView Of(HelperCard card)
    {
        ArgumentNullException.ThrowIfNull(card);
        return new(
            card.Use.Idea.Title,
            [
                .. card.Steps.Select(s => new HelperLine(
                    s.FromMonths,
                    s.Step.Do,
                    s.Step.Say,
                    s.Step.Easier,
                    s.Step.Harder
                )),
            ],
            [.. card.Mind.Select(m => (Said)m)]
        );
    }
}

/// <summary>What a child of an age does, and what to say.</summary>
public sealed record HelperLine(int FromMonths, Said Do, Said Say, Said Easier, Said Harder);
