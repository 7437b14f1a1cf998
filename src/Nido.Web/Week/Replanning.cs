using Nido.Core;
using Nido.Core.Week.Change;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Data;
using Nido.Data.Rows;

namespace Nido.Web.Week;

/// <summary>A plan at hand made to fit again with as little change as can be, and what that comes to.</summary>
/// <param name="problems">Numbers of weeks.</param>
/// <param name="db">The site.</param>
public sealed class Replanning(WeekProblems problems, NidoDb db)
{
    /// <summary>The plan from a day on, with these happenings and sliders in place of the week's own; nothing is
    /// saved.</summary>
    public async Task<(WeekPlan Before, WeekPlan After)> TryAsync(
        WeekRow row,
        IReadOnlyList<CameUp> happenings,
        Sliders sliders,
        int fromDay,
        CancellationToken stop
    )
    {
        ArgumentNullException.ThrowIfNull(row);
        var (now, _) = await problems.OfAsync(row, db, stop);
        var input = now.Input with
        {
            CameUp = happenings,
            Sliders = sliders,
            Locked = [.. row.Plan.Where(p => p.Locked || p.Day < fromDay)],
        };
        var problem = WeekProblem.Build(input).Problem;
        if (row.Plan.Count == 0)
        {
            // Nothing is composed yet: what came up is known when it is.
            return (new WeekPlan(now, []), new WeekPlan(problem, []));
        }

        var state = Replan.From(
            problem,
            row.Plan,
            fromDay,
            stop,
            sliders == row.Sliders ? Replan.StripPoints : Replan.StripPointsWhenWeighed
        );
        var held = row.Plan.ToDictionary(p => (p.Day, p.BlockId, p.Offer));
        Placement[] placements =
        [
            .. from slot in Enumerable.Range(0, problem.Slots.Count)
            where state.Uses[slot] >= 0
            let at = problem.Slots[slot]
            let idea = problem.Uses[state.Uses[slot]].Idea.Id
            let was = held.GetValueOrDefault((at.Day, problem.Blocks[at.Block].Id, at.Offer))
            select was is not null && was.IdeaId == idea
                ? was
                : new Placement(at.Day, problem.Blocks[at.Block].Id, at.Offer, idea, Locked: false)
                {
                    Swaps = row.Plan.FirstOrDefault(p => p.IdeaId == idea)?.Swaps ?? [],
                },
            .. row.Plan.Where(p => p.IsPencilled),
        ];
        return (new WeekPlan(now, row.Plan), new WeekPlan(problem, placements));
    }

    /// <summary>Strips that are others than before.</summary>
    public static IReadOnlyList<ChangedStrip> Changed(WeekPlan before, WeekPlan after)
    {
        ArgumentNullException.ThrowIfNull(before);
        ArgumentNullException.ThrowIfNull(after);
        Said? TitleAt(WeekPlan plan, int slot) =>
            plan.State.Uses[slot] < 0 ? null : plan.Problem.Uses[plan.State.Uses[slot]].Idea.Title;
        string? IdAt(WeekPlan plan, int slot) =>
            plan.State.Uses[slot] < 0 ? null : plan.Problem.Uses[plan.State.Uses[slot]].Idea.Id;
        return
        [
            .. from slot in Enumerable.Range(0, before.Problem.Slots.Count)
            where IdAt(before, slot) != IdAt(after, slot)
            let at = before.Problem.Slots[slot]
            select new ChangedStrip(
                before.Problem.Days[at.Day].Date,
                before.Problem.Blocks[at.Block].Name,
                TitleAt(before, slot),
                TitleAt(after, slot)
            ),
        ];
    }
}

/// <summary>A strip before and after.</summary>
public sealed record ChangedStrip(DateOnly Day, string Block, Said? Was, Said? Now);

/// <summary>What a change of plan comes to: its strips, and the line of truth before and after.</summary>
public sealed record BeforeAfter(IReadOnlyList<ChangedStrip> Changed, TruthView Before, TruthView After);

/// <summary>What came up was worked in.</summary>
/// <param name="Week">The week as it is now.</param>
/// <param name="Look">What changed.</param>
public sealed record ReplanView(WeekView Week, BeforeAfter Look);
