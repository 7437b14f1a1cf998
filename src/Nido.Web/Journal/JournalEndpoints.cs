using FluentValidation;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using Nido.Catalog;
using Nido.Data;
using Nido.Web.Common;

namespace Nido.Web.Journal;

/// <summary>The journal: a child's way through the weeks, the group's term, and everything that was written down, found
/// again.</summary>
public static class JournalEndpoints
{
    /// <summary>What is found at once at most; how many there are is said.</summary>
    private const int MostFound = 200;

    /// <summary>Weeks that are looked back where nobody says how far.</summary>
    private const int UsualWeeks = 12;

    /// <summary>Adds the endpoints of the place.</summary>
    public static void MapJournal(this RouteGroupBuilder api)
    {
        var journal = api.MapGroup("/groups/{groupId}").WithTags("Journal");
        journal.MapGet("/journal", Group).WithName("getJournal");
        journal.MapGet("/journal/term", Term).WithName("getGroupTerm");
        journal.MapGet("/children/{childId}/journal", Child).WithName("getChildJournal");
        // Words to find may name a child: they come in a body, never in an address.
        journal
            .MapPost("/journal/find", Find)
            .WithName("findInJournal")
            .WithMetadata(new OnlyLooks())
            .ProducesProblem(400);
        api.MapGet("/signs-of-work", Signs).WithName("getSignsOfWork").WithTags("Journal");
    }

    private static async Task<Ok<ChildInJournal[]>> Group(
        string groupId,
        NidoDb db,
        TimeProvider time,
        CancellationToken stop
    )
    {
        var group = await db.TheGroupAsync(groupId, stop);
        var today = DateOnly.FromDateTime(time.GetLocalNow().DateTime);
        var seen = await db
            .Observations.Where(o => db.Children.Any(c => c.GroupId == groupId && c.Id == o.ChildId))
            .GroupBy(o => o.ChildId)
            .Select(g => new
            {
                g.Key,
                Count = g.Count(),
                Last = g.Max(o => o.On),
            })
            .ToDictionaryAsync(x => x.Key, stop);
        var due = await db
            .FollowUps.Where(f => f.Helped == null && f.LookAgainOn <= today)
            .Select(f => f.ChildId)
            .ToListAsync(stop);
        return TypedResults.Ok(
            group
                .Children.Select(c =>
                    seen.TryGetValue(c.Id, out var s)
                        ? new ChildInJournal(c.Id, c.Name, s.Count, s.Last, due.Contains(c.Id))
                        : new ChildInJournal(c.Id, c.Name, 0, null, due.Contains(c.Id))
                )
                .ToArray()
        );
    }

    private static async Task<Results<Ok<ChildJournal>, ProblemHttpResult>> Child(
        string groupId,
        string childId,
        DateOnly? from,
        DateOnly? to,
        NidoDb db,
        JournalReading reading,
        TimeProvider time,
        CancellationToken stop
    )
    {
        var group = await db.TheGroupAsync(groupId, stop);
        var child = group.Children.FirstOrDefault(c => c.Id == childId).Found(NotHere.Child);
        var (first, last, problem) = Span(from, to, time);
        return problem is not null
            ? problem
            : TypedResults.Ok(await reading.ChildAsync(group, child, first, last, stop));
    }

    private static async Task<Results<Ok<GroupTerm>, ProblemHttpResult>> Term(
        string groupId,
        DateOnly? from,
        DateOnly? to,
        NidoDb db,
        JournalReading reading,
        TimeProvider time,
        CancellationToken stop
    )
    {
        var group = await db.TheGroupAsync(groupId, stop);
        var (first, last, problem) = Span(from, to, time);
        return problem is not null ? problem : TypedResults.Ok(await reading.TermAsync(group, first, last, stop));
    }

    private static async Task<Ok<FoundView>> Find(
        string groupId,
        FindBody body,
        NidoDb db,
        JournalReading reading,
        CancellationToken stop
    ) => TypedResults.Ok(await reading.FoundAsync(await db.TheGroupAsync(groupId, stop), body, MostFound, stop));

    private static Ok<SignsView> Signs(Content content) =>
        TypedResults.Ok(
            new SignsView(
                [
                    .. content
                        .Signs.SelectMany(s => s)
                        .Select(s => new SignView(s.Ladder, s.Technique, s.Id, s.Seen, s.Change)),
                ],
                [
                    .. content
                        .Grips.SelectMany(g => g)
                        .Select(g => new GripView(g.Ladder, g.Id, $"{g.Name}", g.TypicalMonths)),
                ]
            )
        );

    /// <summary>The days looked at: up to today and twelve weeks back where nothing is said.</summary>
    internal static (DateOnly First, DateOnly Last, ProblemHttpResult? Problem) Span(
        DateOnly? from,
        DateOnly? to,
        TimeProvider time
    )
    {
        ArgumentNullException.ThrowIfNull(time);
        var last = to ?? DateOnly.FromDateTime(time.GetLocalNow().DateTime);
        var first = from ?? last.AddDays(-7 * UsualWeeks);
        return (
            first,
            last,
            first > last
                ? Problems.Field("from", $"{first:yyyy-MM-dd}", $"A day up to {last:yyyy-MM-dd} is wanted.")
                : null
        );
    }
}

internal sealed class FindBodyValidator : AbstractValidator<FindBody>
{
    public FindBodyValidator()
    {
        RuleFor(f => f.Words).Must(w => w is { Length: <= 100 }).Says($"At most 100 letters are looked for.");
        RuleFor(f => f.Kind)
            .Must(k => k is null or "seen" or "note" or "picture")
            .Says($"Look for seen, note or picture.");
        RuleFor(f => f.From)
            .Must((f, from) => from is null || f.To is null || from <= f.To)
            .Says($"The first day comes before the last one.");
    }
}
