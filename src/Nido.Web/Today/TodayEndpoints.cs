using Microsoft.AspNetCore.Http.HttpResults;
using Nido.Core.Group;
using Nido.Core.Planning;
using Nido.Web.Week;

namespace Nido.Web.Today;

/// <summary>Today: a day of the week to run from, one block at a time.</summary>
public static class TodayEndpoints
{
    /// <summary>Adds the endpoint of the place.</summary>
    public static void MapToday(this RouteGroupBuilder api) =>
        api.MapGet("/weeks/{weekId}/days/{day:int}", Get).WithName("getDay").WithTags("Today");

    private static async Task<Results<Ok<TodayView>, NotFound>> Get(string weekId, int day, WeekDesk desk, CancellationToken stop)
    {
        if (await desk.PlanAsync(weekId, stop) is not { } plan || day < 0 || day >= plan.Problem.Days.Count)
        {
            return TypedResults.NotFound();
        }

        var there = plan.Problem.Group.Children.Where((_, c) => plan.Problem.Present[c][day]).Select(c => c.Id).ToHashSet();
        return TypedResults.Ok(new TodayView(
            plan.Problem.Days[day].Date, there.Count,
            [.. plan.Problem.Blocks.Select(b => new BlockOfDay(
                b.Id, b.Name, b.Kind, b.Starts, b.Minutes, [.. CutOff(plan, b, day)],
                [.. plan.Problem.Group.Adults.Where(a => a.IsThere(plan.Problem.Days[day].Day, b)).Select(a => a.Name).Distinct()],
                [.. plan.Filled.Where(f => f.Placement.Day == day && f.Use.Block.Id == b.Id).Select(f => ForThose(IdeaReading.Card(plan, f.Use), there))]))]));
    }

    /// <summary>The card with only the children who are there that day.</summary>
    /// <summary>Children whose own work, by what was seen, would often go on past the end of a block of free choice.</summary>
    private static IEnumerable<LongWork> CutOff(WeekPlan plan, Block block, int day) =>
        from x in plan.Problem.Group.Children.Select((child, c) => (child, there: plan.Problem.Present[c][day], own: plan.Problem.Input.Evidence.Own(child.Id)))
        where block.IsFreeChoice && x.there && x.own.Seen >= 2 && x.own.CutOffBy(block.Minutes) >= 0.3
        select new LongWork(x.child.Name, (int)Math.Round(x.own.Median), (int)Math.Round(100 * x.own.CutOffBy(block.Minutes)));

    private static IdeaCard ForThose(IdeaCard card, HashSet<string> there) => card with
    {
        Steps = [.. card.Steps.Select(s => s with { Who = [.. s.Who.Where(w => there.Contains(w.ChildId))] }).Where(s => s.Who.Count > 0)],
        OutOfReach = [.. card.OutOfReach.Where(w => there.Contains(w.ChildId))],
    };
}

/// <summary>A day to run from.</summary>
public sealed record TodayView(DateOnly Date, int Children, IReadOnlyList<BlockOfDay> Blocks);

/// <summary>A block with what lies out in it and who is there.</summary>
public sealed record BlockOfDay(string Id, string Name, BlockKind Kind, TimeOnly Starts, int Minutes, IReadOnlyList<LongWork> LongWork, IReadOnlyList<string> Adults, IReadOnlyList<IdeaCard> Offers);

/// <summary>A child who stays long at its own work: usual minutes, and in how many of a hundred blocks it would be cut off.</summary>
public sealed record LongWork(string Name, int Minutes, int Percent);
