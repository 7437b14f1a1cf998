using FluentValidation;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using Nido.Catalog;
using Nido.Core.Group.Steps;
using Nido.Core.Journal;
using Nido.Data;
using Nido.Web.Common;

namespace Nido.Web.Journal;

/// <summary>The journal: a child's way through the weeks, and everything that was written down, found again.</summary>
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
        journal.MapGet("/children/{childId}/journal", Child).WithName("getChildJournal");
        // Words to find may name a child: they come in a body, never in an address.
        journal
            .MapPost("/journal/find", Find)
            .WithName("findInJournal")
            .WithMetadata(new OnlyLooks())
            .ProducesProblem(400);
    }

    private static async Task<Ok<ChildInJournal[]>> Group(string groupId, NidoDb db, CancellationToken stop)
    {
        var group = await db.TheGroupAsync(groupId, stop);

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
        return TypedResults.Ok(
            group
                .Children.Select(c =>
                    seen.TryGetValue(c.Id, out var s)
                        ? new ChildInJournal(c.Id, c.Name, s.Count, s.Last)
                        : new ChildInJournal(c.Id, c.Name, 0, null)
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
        Content content,
        TimeProvider time,
        CancellationToken stop
    )
    {
        var group = await db.TheGroupAsync(groupId, stop);
        var child = group.Children.FirstOrDefault(c => c.Id == childId).Found(NotHere.Child);

        var last = to ?? DateOnly.FromDateTime(time.GetLocalNow().DateTime);
        var first = from ?? last.AddDays(-7 * UsualWeeks);
        if (first > last)
        {
            return Problems.Field("from", $"{first:yyyy-MM-dd}", $"A day up to {last:yyyy-MM-dd} is wanted.");
        }

        var evidence = await db.EvidenceAsync(groupId, last, stop);
        var paths = content
            .Ladders.Values.Where(l => evidence.IsSeen(child.Id, l.Id))
            .Select(l => ChildPath.Of(child, l, evidence.Observations, evidence.AllChosen, first, last))
            .ToArray();
        return TypedResults.Ok(
            new ChildJournal(
                child.Id,
                child.Name,
                child.MonthsOn(last),
                first,
                last,
                [
                    .. paths
                        .OrderByDescending(p => p.Seen.Count)
                        .ThenBy(p => p.Ladder.Name, StringComparer.Ordinal)
                        .Select(p => new LadderPath(
                            p.Ladder.Id,
                            p.Ladder.Name,
                            [.. p.Ladder.Steps.Select(s => s.Name)],
                            p.Points,
                            p.Seen,
                            p.OwnBest,
                            evidence.Chosen(child.Id, p.Ladder.Id),
                            evidence.Objectives.FirstOrDefault(o => o.ChildId == child.Id && o.Ladder == p.Ladder.Id)
                        )),
                ],
                [.. Found.In(evidence.Observations.Where(o => o.ChildId == child.Id && o.On >= first), "", _ => "")]
            )
        );
    }

    private static async Task<Ok<FoundView>> Find(
        string groupId,
        FindBody body,
        NidoDb db,
        Content content,
        CancellationToken stop
    )
    {
        var group = await db.TheGroupAsync(groupId, stop);

        var names = group.Children.ToDictionary(c => c.Id, c => c.Name);
        var evidence = await db.EvidenceAsync(groupId, DateOnly.MaxValue, stop);
        Observation[] found = [.. Found.In(evidence.Observations, body.Words, id => names.GetValueOrDefault(id, ""))];
        return TypedResults.Ok(
            new FoundView(
                found.Length,
                [
                    .. found
                        .Take(MostFound)
                        .Select(o => new FoundLine(
                            o,
                            names.GetValueOrDefault(o.ChildId, ""),
                            content.Ladders.TryGetValue(o.Ladder, out var ladder) ? ladder.Name : o.Ladder
                        )),
                ]
            )
        );
    }
}

/// <summary>A child as the journal lists it.</summary>
public sealed record ChildInJournal(string ChildId, string Name, int Seen, DateOnly? Last);

/// <summary>The journal of a child.</summary>
/// <param name="ChildId">The child.</param>
/// <param name="Name">Its name.</param>
/// <param name="Months">Its age on the last day.</param>
/// <param name="From">First day looked at.</param>
/// <param name="To">Last day looked at.</param>
/// <param name="Ladders">Its way on each ladder of which anything is known, those with most seen first.</param>
/// <param name="Notes">What was written down, newest first.</param>
public sealed record ChildJournal(
    string ChildId,
    string Name,
    int Months,
    DateOnly From,
    DateOnly To,
    IReadOnlyList<LadderPath> Ladders,
    IReadOnlyList<Observation> Notes
);

/// <summary>A way on a ladder.</summary>
/// <param name="Id">The ladder.</param>
/// <param name="Name">In words.</param>
/// <param name="Steps">Names of its steps.</param>
/// <param name="Points">The belief, a week each.</param>
/// <param name="Seen">What was seen.</param>
/// <param name="OwnBest">Highest step seen alone, or null.</param>
/// <param name="Chosen">The step an adult chose, or null.</param>
/// <param name="Objective">What is worked towards, or null.</param>
public sealed record LadderPath(
    string Id,
    string Name,
    IReadOnlyList<string> Steps,
    IReadOnlyList<PathPoint> Points,
    IReadOnlyList<Observation> Seen,
    int? OwnBest,
    ChosenStep? Chosen,
    Objective? Objective
);

/// <summary>Words to find.</summary>
public sealed record FindBody(string Words);

/// <summary>What was found: how many, and the newest of them.</summary>
public sealed record FoundView(int Count, IReadOnlyList<FoundLine> Lines);

/// <summary>Something written down.</summary>
public sealed record FoundLine(Observation Seen, string Child, string Ladder);

internal sealed class FindBodyValidator : AbstractValidator<FindBody>
{
    public FindBodyValidator()
    {
        RuleFor(f => f.Words).Must(w => w is { Length: <= 100 }).Says($"At most 100 letters are looked for.");
    }
}
