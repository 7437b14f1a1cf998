using Microsoft.AspNetCore.Http.HttpResults;
using Nido.Core;
using Nido.Core.Week.Reading;
using Nido.Web.Common;
using Nido.Web.Week;

namespace Nido.Web.Ideas;

/// <summary>Ideas: all that this cupboard can carry with the week's theme.</summary>
public static class IdeasEndpoints
{
    /// <summary>Adds the endpoints of the place.</summary>
    public static void MapIdeas(this RouteGroupBuilder api)
    {
        var ideas = api.MapGroup("/weeks/{weekId}/ideas").WithTags("Ideas");
        ideas.MapGet("/", List).WithName("listIdeas");
        ideas.MapGet("/unsuited", Unsuited).WithName("listUnsuitedIdeas");
        ideas.MapGet("/kept-out", KeptOut).WithName("listKeptOutIdeas");
        ideas.MapGet("/{ideaId}", Card).WithName("getIdea");
        ideas.MapGet("/{ideaId}/why-not", NotThere).WithName("whyNot");
    }

    private static async Task<Ok<IReadOnlyList<IdeaName>>> List(string weekId, WeekDesk desk, CancellationToken stop)
    {
        var plan = await desk.PlanAsync(weekId, stop);
        return TypedResults.Ok(IdeaReading.List(plan));
    }

    private static async Task<Ok<KeptOutIdea[]>> KeptOut(string weekId, WeekDesk desk, CancellationToken stop)
    {
        var plan = await desk.PlanAsync(weekId, stop);
        return TypedResults.Ok(
            plan.Problem.KeptOut.Select(b => new KeptOutIdea(
                    b.Idea.Id,
                    b.Idea.Title,
                    b.Idea.Lead?.Name,
                    CautionView.Of(b.Finding),
                    IdeaReading.InsteadOf(plan, Instead.Of(plan, b.Idea))
                ))
                .ToArray()
        );
    }

    private static async Task<Ok<UnsuitedIdea[]>> Unsuited(string weekId, WeekDesk desk, CancellationToken stop)
    {
        var plan = await desk.PlanAsync(weekId, stop);
        return TypedResults.Ok(
            plan.Problem.Input.Unsuited.Select(u => new UnsuitedIdea(u.Title, u.Lead.Name, u.Reasons)).ToArray()
        );
    }

    private static async Task<Ok<WhyNotView>> NotThere(
        string weekId,
        string ideaId,
        WeekDesk desk,
        CancellationToken stop
    )
    {
        var plan = await desk.PlanAsync(weekId, stop);
        if (plan.Problem.Uses.All(u => u.Idea.Id != ideaId))
        {
            throw new NotHereException(NotHere.Idea);
        }

        var why = WhyNot.Of(plan, ideaId);
        return TypedResults.Ok(
            new WhyNotView(
                plan.Filled.Count(f => f.Use.Idea.Id == ideaId),
                why.Slot is not { } slot
                    ? null
                    : new(
                        plan.Problem.Slots[slot].Day,
                        plan.Problem.Days[plan.Problem.Slots[slot].Day].Date,
                        plan.Problem.Blocks[plan.Problem.Slots[slot].Block].Id,
                        plan.Problem.Blocks[plan.Problem.Slots[slot].Block].Name,
                        plan.Problem.Slots[slot].Offer,
                        why.Instead?.Idea.Title,
                        Math.Round(why.Change!.ShortfallMinutes, 1),
                        why.Change.Cents,
                        why.Change.PrepMinutes,
                        why.WishPoints
                    ),
                why.Rules
            )
        );
    }

    private static async Task<Ok<IdeaCard>> Card(
        string weekId,
        string ideaId,
        string? blockId,
        WeekDesk desk,
        CancellationToken stop
    )
    {
        var plan = await desk.PlanAsync(weekId, stop);
        var uses = plan.Problem.Uses.Where(u => u.Idea.Id == ideaId).ToArray();
        // Where it lies out, the card is that of the fullest of those days.
        var laid = plan
            .Filled.Where(f => f.Use.Idea.Id == ideaId && (blockId is null || f.Use.Block.Id == blockId))
            .OrderByDescending(f => f.Use.On(f.Placement.Day).InReach)
            .FirstOrDefault();
        if (laid.Use is { } lies)
        {
            return TypedResults.Ok(IdeaReading.Card(plan, lies, laid.Placement.Day));
        }

        var use = uses.FirstOrDefault(u => u.Block.Id == blockId) ?? uses.FirstOrDefault();
        return TypedResults.Ok(IdeaReading.Card(plan, use.Found(NotHere.Idea)));
    }
}

/// <summary>Why an idea does not lie out.</summary>
/// <param name="Placed">How often it does, after all.</param>
/// <param name="Best">The best place it could have; null where a rule keeps it out everywhere.</param>
/// <param name="Rules">What keeps it out of other places.</param>
public sealed record WhyNotView(int Placed, BestPlace? Best, IReadOnlyList<Said> Rules);

/// <summary>A place an idea could have and what that would change: minutes missing, cents, preparation and points of
/// wishes; more is worse.</summary>
public sealed record BestPlace(
    int Day,
    DateOnly Date,
    string BlockId,
    string BlockName,
    int Offer,
    Said? Instead,
    double ShortfallMinutes,
    int Cents,
    int PrepMinutes,
    long WishPoints
);

/// <summary>An idea that cannot be, because nothing at hand goes together for it.</summary>
public sealed record UnsuitedIdea(Said Title, Said Material, IReadOnlyList<Said> Reasons);
