using Microsoft.AspNetCore.Http.HttpResults;
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
        ideas.MapGet("/barred", Barred).WithName("listBarredIdeas");
        ideas.MapGet("/{ideaId}", Card).WithName("getIdea");
    }

    private static async Task<Results<Ok<IReadOnlyList<IdeaName>>, NotFound>> List(string weekId, WeekDesk desk, CancellationToken stop) =>
        await desk.PlanAsync(weekId, stop) is { } plan ? TypedResults.Ok(IdeaReading.List(plan)) : TypedResults.NotFound();

    private static async Task<Results<Ok<BarredIdea[]>, NotFound>> Barred(string weekId, WeekDesk desk, CancellationToken stop) =>
        await desk.PlanAsync(weekId, stop) is { } plan
            ? TypedResults.Ok(plan.Problem.Barred.Select(b => new BarredIdea(b.Idea.Id, b.Idea.Title, b.Idea.Lead?.Name, CautionView.Of(b.Finding))).ToArray())
            : TypedResults.NotFound();

    private static async Task<Results<Ok<UnsuitedIdea[]>, NotFound>> Unsuited(string weekId, WeekDesk desk, CancellationToken stop) =>
        await desk.PlanAsync(weekId, stop) is { } plan
            ? TypedResults.Ok(plan.Problem.Input.Unsuited.Select(u => new UnsuitedIdea(u.Title, u.Lead.Name, u.Reasons)).ToArray())
            : TypedResults.NotFound();

    private static async Task<Results<Ok<IdeaCard>, NotFound>> Card(string weekId, string ideaId, string? blockId, WeekDesk desk, CancellationToken stop)
    {
        var plan = await desk.PlanAsync(weekId, stop);
        var uses = plan?.Problem.Uses.Where(u => u.Idea.Id == ideaId).ToArray() ?? [];
        return (uses.FirstOrDefault(u => u.Block.Id == blockId) ?? uses.FirstOrDefault()) is { } use
            ? TypedResults.Ok(IdeaReading.Card(plan!, use))
            : TypedResults.NotFound();
    }
}

/// <summary>An idea that cannot be, because nothing at hand goes together for it.</summary>
public sealed record UnsuitedIdea(string Title, string Material, IReadOnlyList<string> Reasons);
