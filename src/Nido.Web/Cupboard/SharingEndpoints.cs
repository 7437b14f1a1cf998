using Microsoft.AspNetCore.Http.HttpResults;
using Nido.Core;
using Nido.Core.Ideas;
using Nido.Core.Week.Sharing;
using Nido.Web.Common;
using Nido.Web.Week;

namespace Nido.Web.Cupboard;

/// <summary>Sharing out the cupboard over a week, and swapping one material by hand.</summary>
public static class SharingEndpoints
{
    /// <summary>Adds the endpoints.</summary>
    public static void MapSharing(this RouteGroupBuilder api)
    {
        var week = api.MapGroup("/weeks/{weekId}").WithTags("Cupboard");
        week.MapGet("/sharing", Look).WithName("lookAtSharing");
        week.MapPost("/sharing", ShareOut).WithName("shareOut").WithMetadata(new TakesLong());
        week.MapPut("/swaps", SwapOne).WithName("swapMaterial");
    }

    private static async Task<Ok<SharingView>> Look(string weekId, WeekDesk desk, CancellationToken stop)
    {
        var row = await desk.RowAsync(weekId, stop);
        return TypedResults.Ok(Sharing.Look(await desk.PlanAsync(row, stop), row.Plan, stop));
    }

    private static async Task<Ok<WeekView>> ShareOut(string weekId, WeekDesk desk, CancellationToken stop)
    {
        var row = await desk.RowAsync(weekId, stop);

        var (after, _) = Sharing.Out(await desk.PlanAsync(row, stop), row.Plan, stop);
        await desk.History.ChangeAsync(row, $"Share out the cupboard", after, stop);
        return TypedResults.Ok(await desk.ViewAsync(row, stop));
    }

    private static async Task<Results<Ok<WeekView>, ProblemHttpResult>> SwapOne(
        string weekId,
        Swap swap,
        WeekDesk desk,
        Catalog.Content content,
        CancellationToken stop
    )
    {
        var row = await desk.RowAsync(weekId, stop);

        var plan = await desk.PlanAsync(row, stop);
        if (content.Material(swap.To) is not { } to)
        {
            return Problems.Field("to", swap.To, $"This material is not known. Choose one from the cupboard.");
        }

        if (SwapInWeek.Against(plan, swap, to) is { } against)
        {
            return Problems.Rule($"{to.Name} cannot stand in there", against);
        }

        var after = Sharing.With(row.Plan, swap);
        if (Sharing.Planned(plan, after, content.Material) is var swapped && swapped.Lost.Count > plan.Lost.Count)
        {
            return Problems.Rule(
                $"{to.Name} cannot stand in there",
                Said.Join(" ", swapped.Lost.Select(l => (Said)$"{l.Title}: {l.Reason}.").Distinct())
            );
        }

        await desk.History.ChangeAsync(row, $"{to.Name} instead", after, stop);
        return TypedResults.Ok(await desk.ViewAsync(row, stop));
    }
}

/// <summary>What sharing out would change.</summary>
/// <param name="Changes">Material by material, each with the idea and the role.</param>
/// <param name="Before">Money and things to ask for now.</param>
/// <param name="After">Money and things to ask for then.</param>
/// <param name="Proven">Nothing better exists.</param>
/// <param name="GapPercent">How far from the bound it may be where that is not proven.</param>
public sealed record SharingView(
    IReadOnlyList<SwapView> Changes,
    SharingSum Before,
    SharingSum After,
    bool Proven,
    double GapPercent
);

/// <summary>A material that takes another's place.</summary>
public sealed record SwapView(Said Title, string Role, Said From, Said To);

/// <summary>Cents to spend, things to buy and to ask for.</summary>
public sealed record SharingSum(int Cents, int ToBuy, int ToAsk);
