using FluentValidation;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using Nido.Catalog;
using Nido.Data;
using Nido.Data.Rows;
using Nido.Web.Common;

namespace Nido.Web.Journal;

/// <summary>When it is hard: a change is tried, looked at again on its day, and kept with what came of it.</summary>
public static class FollowUpEndpoints
{
    /// <summary>Adds the endpoints.</summary>
    public static void MapFollowUps(this RouteGroupBuilder api)
    {
        var hard = api.MapGroup("/groups/{groupId}/follow-ups").WithTags("Journal");
        hard.MapPost("/", Begin).WithName("followUp");
        hard.MapPut("/{id:long}", Look).WithName("lookAgain");
        hard.MapDelete("/{id:long}", TakeBack).WithName("takeFollowUpBack");
    }

    private static async Task<Results<Ok<long>, ProblemHttpResult>> Begin(
        string groupId,
        FollowUpBody body,
        NidoDb db,
        Content content,
        TimeProvider time,
        CancellationToken stop
    )
    {
        await db.TheChildAsync(groupId, body.ChildId, stop);
        var ladder = content.TheLadder(body.Ladder);
        var today = DateOnly.FromDateTime(time.GetLocalNow().DateTime);
        if (body.Step < 1 || body.Step > ladder.Steps.Count)
        {
            return Problems.Field("step", $"{body.Step}", $"{ladder.Name} has steps 1 to {ladder.Steps.Count}.");
        }

        if (body.LookAgainOn < today)
        {
            return Problems.Field(
                "lookAgainOn",
                $"{body.LookAgainOn:yyyy-MM-dd}",
                $"Look again on a day from today, {today:yyyy-MM-dd}, on."
            );
        }

        var row = new FollowUpRow
        {
            ChildId = body.ChildId,
            Ladder = ladder.Id,
            Step = body.Step,
            Sign = content.Signs[ladder.Id].Any(s => s.Id == body.Sign) ? body.Sign! : "",
            Change = body.Change.Trim(),
            On = today,
            LookAgainOn = body.LookAgainOn,
        };
        db.FollowUps.Add(row);
        await db.SaveChangesAsync(stop);
        return TypedResults.Ok(row.Id);
    }

    private static async Task<NoContent> Look(
        string groupId,
        long id,
        LookedBody body,
        NidoDb db,
        CancellationToken stop
    )
    {
        (await RowAsync(groupId, id, db, stop)).Helped = body.Helped;
        await db.SaveChangesAsync(stop);
        return TypedResults.NoContent();
    }

    private static async Task<NoContent> TakeBack(string groupId, long id, NidoDb db, CancellationToken stop)
    {
        db.FollowUps.Remove(await RowAsync(groupId, id, db, stop));
        await db.SaveChangesAsync(stop);
        return TypedResults.NoContent();
    }

    private static async Task<FollowUpRow> RowAsync(string groupId, long id, NidoDb db, CancellationToken stop) =>
        (
            await db.FollowUps.SingleOrDefaultAsync(
                f => f.Id == id && db.Children.Any(c => c.Id == f.ChildId && c.GroupId == groupId),
                stop
            )
        ).Found(NotHere.TakenBack);
}

/// <summary>What is tried, as sent.</summary>
public sealed record FollowUpBody(
    string ChildId,
    string Ladder,
    int Step,
    string? Sign,
    string Change,
    DateOnly LookAgainOn
);

/// <summary>Whether it helped; null takes the answer back.</summary>
public sealed record LookedBody(bool? Helped);

internal sealed class FollowUpBodyValidator : AbstractValidator<FollowUpBody>
{
    public FollowUpBodyValidator() =>
        RuleFor(f => f.Change)
            .Must(c => c?.Trim().Length is > 0 and <= 300)
            .Says($"Say what is changed, in 1 to 300 letters.");
}
