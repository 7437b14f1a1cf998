using Microsoft.AspNetCore.Http.HttpResults;
using Nido.Core;
using Nido.Core.Week.Reading;
using Nido.Core.Week.Search;
using Nido.Core.Week.Wishes;

namespace Nido.Web.Week;

/// <summary>What each wish pays in a week.</summary>
public static class WishesEndpoints
{
    /// <summary>Adds the endpoint.</summary>
    public static void MapWishes(this RouteGroupBuilder api) =>
        api.MapGet("/weeks/{weekId}/wishes", Get).WithName("readWishes").WithTags("Week");

    private static async Task<Ok<WishesView>> Get(string weekId, WeekDesk desk, CancellationToken stop) =>
        TypedResults.Ok(WishesView.Of(await desk.PlanAsync(weekId, stop)));
}

/// <summary>The wishes of a week.</summary>
/// <param name="Points">What all of them pay together; lower is better.</param>
/// <param name="Wishes">Each of them.</param>
/// <param name="AtLeastCents">What any week that keeps the rules costs at least; null where none does.</param>
/// <param name="AtLeastMinutes">And how long its evenings are at least, all together.</param>
public sealed record WishesView(
    long Points,
    IReadOnlyList<WishView> Wishes,
    int? AtLeastCents = null,
    int? AtLeastMinutes = null
)
{
    /// <summary>The view of a plan.</summary>
    public static WishesView Of(WeekPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var ledger = plan.State.Wishes;
        var least = LeastOfWeek.Of(plan.Problem);
        return new(
            ledger.Points(),
            [
                .. ledger.All.Select(w => new WishView(
                    w.Name,
                    w.Unit,
                    w.IsMoney,
                    w.WeighedBy,
                    w.Points(),
                    [
                        .. w.Lines()
                            .OrderByDescending(l => l.Points)
                            .Select(l => new WishLineView(l.About, Math.Round(l.Amount, 1), l.Points)),
                    ]
                )),
            ],
            least?.Cents,
            least?.EveningMinutes
        );
    }
}

/// <summary>A wish.</summary>
/// <param name="Name">What is wished.</param>
/// <param name="Unit">In what its amounts are counted.</param>
/// <param name="IsMoney">Whether that is cents.</param>
/// <param name="WeighedBy">By which slider; null where its price is fixed.</param>
/// <param name="Points">What it pays.</param>
/// <param name="Lines">For what.</param>
public sealed record WishView(
    Said Name,
    Said Unit,
    bool IsMoney,
    Slider? WeighedBy,
    long Points,
    IReadOnlyList<WishLineView> Lines
);

/// <summary>What a wish pays for one thing, child, day or idea.</summary>
/// <param name="About">Which.</param>
/// <param name="Amount">How much of it.</param>
/// <param name="Points">What it pays.</param>
public sealed record WishLineView(Said About, double Amount, long Points);
