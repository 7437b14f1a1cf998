using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using Nido.Catalog;
using Nido.Core;
using Nido.Data;
using Nido.Data.Rows;
using Nido.Web.Common;

namespace Nido.Web.Group;

/// <summary>What children work towards, and what practitioners differ on.</summary>
public static class ObjectiveEndpoints
{
    /// <summary>Adds the endpoints.</summary>
    public static void MapObjectives(this RouteGroupBuilder api)
    {
        api.MapGet("/differences", Differences).WithName("listDifferences").WithTags("Group");
        var objective = api.MapGroup("/groups/{groupId}/children/{childId}/ladders/{ladder}/objective")
            .WithTags("Group");
        objective.MapGet("/", Get).WithName("getObjective");
        objective.MapPut("/", Set).WithName("setObjective").AsksForEdition();
        objective.MapDelete("/", Drop).WithName("dropObjective");
    }

    private static Ok<DifferenceView[]> Differences(Content content) =>
        TypedResults.Ok(
            content
                .Differences.Select(d => new DifferenceView(
                    d.Id,
                    d.Name,
                    d.OfChild,
                    [.. d.Choices.Select(c => new ChoiceView(c.Id, c.Name, c.Reason))]
                ))
                .ToArray()
        );

    private static async Task<Ok<ObjectiveView>> Get(
        string groupId,
        string childId,
        string ladder,
        HttpContext http,
        NidoDb db,
        Content content,
        CancellationToken stop
    )
    {
        await db.TheChildAsync(groupId, childId, stop);
        content.TheLadder(ladder);
        return TypedResults.Ok(
            Edition.Tell(http, ObjectiveView.Of(await db.Objectives.FindAsync([childId, ladder], stop)))
        );
    }

    private static async Task<Results<NoContent, ProblemHttpResult>> Set(
        string groupId,
        string childId,
        string ladder,
        ObjectiveBody body,
        HttpContext http,
        NidoDb db,
        Content content,
        TimeProvider time,
        CancellationToken stop
    )
    {
        await db.TheChildAsync(groupId, childId, stop);
        var of = content.TheLadder(ladder);

        var today = DateOnly.FromDateTime(time.GetLocalNow().DateTime);
        if (body.Step < 1 || body.Step > of.Steps.Count)
        {
            return Problems.Field("step", $"{body.Step}", $"{of.Name} has steps 1 to {of.Steps.Count}.");
        }

        if (body.By < today || body.By > today.AddYears(2))
        {
            return Problems.Field(
                "by",
                $"{body.By:yyyy-MM-dd}",
                $"A day from today, {today:yyyy-MM-dd}, to two years ahead is wanted."
            );
        }

        var row = await db.Objectives.FindAsync([childId, ladder], stop);
        if (Edition.Against(http, ObjectiveView.Of(row)) is { } stale)
        {
            return stale;
        }

        if (row is null)
        {
            db.Objectives.Add(row = new ObjectiveRow { ChildId = childId, Ladder = ladder });
        }

        (row.Step, row.By) = (body.Step, body.By);
        await db.SaveChangesAsync(stop);
        Edition.Tell(http, ObjectiveView.Of(row));
        return TypedResults.NoContent();
    }

    private static async Task<NoContent> Drop(
        string groupId,
        string childId,
        string ladder,
        NidoDb db,
        CancellationToken stop
    )
    {
        await db.TheChildAsync(groupId, childId, stop);
        var row = (
            await db.Objectives.SingleOrDefaultAsync(o => o.ChildId == childId && o.Ladder == ladder, stop)
        ).Found(NotHere.TakenBack);

        db.Objectives.Remove(row);
        await db.SaveChangesAsync(stop);
        return TypedResults.NoContent();
    }
}

/// <summary>An objective as sent: a step by a day.</summary>
public sealed record ObjectiveBody(int Step, DateOnly By);

/// <summary>What a child works towards on a ladder, if anything.</summary>
public sealed record ObjectiveView(int? Step, DateOnly? By)
{
    /// <summary>As stored.</summary>
    public static ObjectiveView Of(ObjectiveRow? row) => new(row?.Step, row?.By);
}

/// <summary>Something practitioners differ on.</summary>
public sealed record DifferenceView(string Id, Said Name, bool OfChild, IReadOnlyList<ChoiceView> Choices);

/// <summary>A choice with its reason.</summary>
public sealed record ChoiceView(string Id, Said Name, Said Reason);
