using FluentValidation;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using Nido.Core;
using Nido.Core.Journal;
using Nido.Data;
using Nido.Web.Common;

namespace Nido.Web.Today;

/// <summary>Tallies of games: kept, with each child's own best and the distance that comes next.</summary>
public static class TallyEndpoints
{
    /// <summary>Adds the endpoints.</summary>
    public static void MapTallies(this RouteGroupBuilder api)
    {
        var tallies = api.MapGroup("/groups/{groupId}/tallies").WithTags("Today");
        tallies.MapGet("/", Get).WithName("getTallies");
        tallies.MapPost("/", Add).WithName("addTally");
        tallies.MapDelete("/{id:long}", TakeBack).WithName("takeTallyBack");
    }

    private static async Task<Ok<BestOfChild[]>> Get(string groupId, string ideaId, NidoDb db, CancellationToken stop)
    {
        var group = await db.TheGroupAsync(groupId, stop);
        var children = group.Children.Select(c => c.Id).ToArray();
        var rounds = await db
            .Tallies.AsNoTracking()
            .Where(t => t.IdeaId == ideaId && children.Contains(t.ChildId))
            .OrderBy(t => t.Id)
            .ToListAsync(stop);
        return TypedResults.Ok(
            rounds
                .GroupBy(t => t.ChildId)
                .Select(g => BestOfChild.Of(OwnBest.Of([.. g.Select(t => t.ToCore())])!, g.Last().ToCore()))
                .ToArray()
        );
    }

    private static async Task<Results<Ok<BestOfChild>, ProblemHttpResult>> Add(
        string groupId,
        TallyBody body,
        NidoDb db,
        TimeProvider time,
        CancellationToken stop
    )
    {
        await db.TheChildAsync(groupId, body.ChildId, stop);
        if (body.On > DateOnly.FromDateTime(time.GetLocalNow().DateTime))
        {
            return Problems.Field("on", $"{body.On:yyyy-MM-dd}", $"A day up to today is wanted.");
        }

        db.Tallies.Add(
            new()
            {
                ChildId = body.ChildId,
                IdeaId = body.IdeaId,
                On = body.On,
                Hits = body.Hits,
                Tries = body.Tries,
                Distance = body.Distance,
            }
        );
        await db.SaveChangesAsync(stop);
        var rounds = await db
            .Tallies.AsNoTracking()
            .Where(t => t.ChildId == body.ChildId && t.IdeaId == body.IdeaId)
            .OrderBy(t => t.Id)
            .ToListAsync(stop);
        return TypedResults.Ok(BestOfChild.Of(OwnBest.Of([.. rounds.Select(t => t.ToCore())])!, rounds[^1].ToCore()));
    }

    private static async Task<NoContent> TakeBack(string groupId, long id, NidoDb db, CancellationToken stop)
    {
        var row = (
            await db.Tallies.SingleOrDefaultAsync(
                t => t.Id == id && db.Children.Any(c => c.Id == t.ChildId && c.GroupId == groupId),
                stop
            )
        ).Found(NotHere.TakenBack);
        db.Tallies.Remove(row);
        await db.SaveChangesAsync(stop);
        return TypedResults.NoContent();
    }
}

/// <summary>A round as sent.</summary>
/// <param name="ChildId">Who.</param>
/// <param name="IdeaId">At which idea.</param>
/// <param name="On">Day.</param>
/// <param name="Hits">Of the tries.</param>
/// <param name="Tries">1 to 100.</param>
/// <param name="Distance">From how far, mm; null where it has none.</param>
public sealed record TallyBody(string ChildId, string IdeaId, DateOnly On, int Hits, int Tries, int? Distance);

/// <summary>A child's own best and what comes next; never beside another's.</summary>
/// <param name="ChildId">Who.</param>
/// <param name="LastId">Number of its last round, to take it back.</param>
/// <param name="Last">Its last round.</param>
/// <param name="Best">Its best round.</param>
/// <param name="NextDistance">From how far next, mm.</param>
/// <param name="Why">Why.</param>
public sealed record BestOfChild(string ChildId, long LastId, Tally Last, Tally Best, double? NextDistance, Said? Why)
{
    /// <summary>The view of it.</summary>
    public static BestOfChild Of(OwnBest own, Tally last)
    {
        ArgumentNullException.ThrowIfNull(own);
        ArgumentNullException.ThrowIfNull(last);
        return new(last.ChildId, last.Id, last, own.Best, own.NextDistance, own.Why);
    }
}

internal sealed class TallyBodyValidator : AbstractValidator<TallyBody>
{
    public TallyBodyValidator()
    {
        RuleFor(t => t.Tries).InclusiveBetween(1, 100).Says($"1 to 100 tries are counted in a round.");
        RuleFor(t => t.Hits).Must((t, hits) => hits >= 0 && hits <= t.Tries).Says($"0 to as many as there were tries.");
        RuleFor(t => t.Distance)
            .InclusiveBetween(OwnBest.Nearest, OwnBest.Farthest)
            .Says($"A distance from {OwnBest.Nearest} to {OwnBest.Farthest} mm is wanted.");
        RuleFor(t => t.IdeaId).Must(i => i is { Length: > 0 and <= 200 }).Says($"Say at which idea.");
    }
}
