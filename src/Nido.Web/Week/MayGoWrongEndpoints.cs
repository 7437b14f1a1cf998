using Microsoft.AspNetCore.Http.HttpResults;
using Nido.Core;
using Nido.Core.Week.MayGoWrong;
using Nido.Core.Week.Reading;
using Nido.Web.Common;
using Nido.Web.Today;

namespace Nido.Web.Week;

/// <summary>What may go wrong in a planned week.</summary>
public static class MayGoWrongEndpoints
{
    /// <summary>Adds the endpoint.</summary>
    public static void MapMayGoWrong(this RouteGroupBuilder api) =>
        api.MapGet("/weeks/{weekId}/may-go-wrong", Get).WithName("simulateWeek").WithTags("Week");

    private static async Task<Ok<MayGoWrongView>> Get(string weekId, WeekDesk desk, CancellationToken stop)
    {
        var plan = await desk.PlanAsync(weekId, stop);
        return plan.Problem.Slots.Count > 0
            ? TypedResults.Ok(MayGoWrongView.Of(plan, Simulation.Of(plan)))
            : throw new NotHereException(NotHere.Place);
    }
}

/// <summary>What came of many weeks like this one.</summary>
/// <param name="Runs">How many.</param>
/// <param name="RunsOut">Materials that may run out.</param>
/// <param name="Overruns">Blocks that may take longer.</param>
/// <param name="FallsShort">Children who may get under three quarters of an aim.</param>
/// <param name="CutOff">Children whose own work a block would often cut off, by what was seen of them.</param>
public sealed record MayGoWrongView(
    int Runs,
    IReadOnlyList<RunsOutView> RunsOut,
    IReadOnlyList<OverrunsView> Overruns,
    IReadOnlyList<FallsShortView> FallsShort,
    IReadOnlyList<LongWorkView> CutOff
)
{
    /// <summary>The view of it.</summary>
    public static MayGoWrongView Of(WeekPlan plan, SimulatedWeek week)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(week);
        var problem = plan.Problem;
        return new(
            week.Runs,
            [
                .. week.RunsOut.Select(r => new RunsOutView(
                    r.Material.Id,
                    r.Material.Name,
                    Percent(r.Share),
                    r.More,
                    r.Packs,
                    r.Cents
                )),
            ],
            [
                .. week.Overruns.Select(o => new OverrunsView(
                    problem.Days[o.Day].Date,
                    problem.Blocks[o.Block].Name,
                    Percent(o.Share),
                    Math.Round(o.Minutes),
                    o.Longest
                )),
            ],
            [
                .. week.FallsShort.Select(f => new FallsShortView(
                    problem.Group.Children[f.Child].Name,
                    f.Aim,
                    Percent(f.Share),
                    f.Fix is not { } fix
                        ? null
                        : new FixView(
                            problem.Slots[fix.Slot].Day,
                            problem.Blocks[problem.Slots[fix.Slot].Block].Id,
                            problem.Slots[fix.Slot].Offer,
                            problem.Days[problem.Slots[fix.Slot].Day].Date,
                            fix.Was,
                            fix.Now,
                            Math.Round(fix.Minutes)
                        )
                )),
            ],
            [
                .. LongWork
                    .Of(problem)
                    .Select(w => new LongWorkView(
                        w.Child.Name,
                        w.Block.Name,
                        (int)Math.Round(w.Minutes),
                        Percent(w.Share),
                        w.Enough
                    )),
            ]
        );
    }

    private static int Percent(double share) => (int)Math.Round(100 * share);
}

/// <summary>A material, in how many of a hundred weeks it runs out, and how many more would do.</summary>
public sealed record RunsOutView(string MaterialId, Said Name, int Percent, double More, int Packs, int Cents);

/// <summary>A block, in how many of a hundred weeks it takes longer, and by how much in one of ten.</summary>
public sealed record OverrunsView(DateOnly Day, string Block, int Percent, double Minutes, Said Longest);

/// <summary>A child and an aim, in how many of a hundred weeks it falls short, and what would help.</summary>
public sealed record FallsShortView(string Name, Aim Aim, int Percent, FixView? Fix);

/// <summary>One strip instead of another.</summary>
public sealed record FixView(int Day, string BlockId, int Offer, DateOnly Date, Said Was, Said Now, double Minutes);
