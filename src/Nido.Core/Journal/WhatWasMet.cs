using Nido.Core.Group;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;

namespace Nido.Core.Journal;

/// <summary>
/// What reached the children of what was planned: as the plan counts it, with what was left out, cut short, went on or
/// lay there instead.
/// </summary>
public static class WhatWasMet
{
    /// <summary>Whether a cell is over at a moment of the house's own clock.</summary>
    public static bool IsOver(WeekProblem problem, Cell cell, DateTime now)
    {
        ArgumentNullException.ThrowIfNull(problem);
        var block = problem.Blocks[cell.Block];
        return problem.Days[cell.Day].Date.ToDateTime(block.Starts).AddMinutes(block.Minutes) <= now;
    }

    /// <summary>How many cells of a week are over.</summary>
    public static int Over(WeekProblem problem, DateTime now)
    {
        ArgumentNullException.ThrowIfNull(problem);
        return problem.Cells.Count(c => IsOver(problem, c, now));
    }

    /// <summary>Dose of child × aim in hundredths of a minute.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="otherwise">What went otherwise; where two notes speak of an offer, its own counts before the
    /// block's.</param>
    /// <param name="now">Up to this moment; null for the whole week.</param>
    public static int[] Of(WeekPlan plan, IReadOnlyList<Otherwise> otherwise, DateTime? now)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(otherwise);
        var problem = plan.Problem;
        var met = new int[problem.ChildCount * 4];
        foreach (var cell in problem.Cells.Where(c => now is not { } until || IsOver(problem, c, until)))
        {
            var lay = Lay(plan, otherwise, cell);
            for (var child = 0; child < problem.ChildCount; child++)
            {
                var hers = lay.Where(x => IsMet(x.Use, cell, problem, child)).ToArray();
                foreach (var (use, note) in hers)
                {
                    var given = use.Dose[use.Block.IsFreeChoice ? hers.Length - 1 : 0];
                    var part = Part(use, note, problem.Group.Children[child].MonthsOn(problem.FirstDay), problem.Group);
                    for (var aim = 0; aim < 4; aim++)
                    {
                        met[(child * 4) + aim] += (int)Math.Round(given[(child * 4) + aim] * part);
                    }
                }
            }
        }

        return met;
    }

    /// <summary>Uses that lay out in a cell, each with the note about it.</summary>
    private static (Use Use, Otherwise? Note)[] Lay(WeekPlan plan, IReadOnlyList<Otherwise> otherwise, Cell cell)
    {
        var block = plan.Problem.Blocks[cell.Block];
        return
        [
            .. from offer in Enumerable.Range(0, cell.Offers)
            let slot = cell.FirstSlot + offer
            let note = otherwise
                .Where(o => o.IsAbout(cell.Day, block.Id, offer))
                .OrderBy(o => o.Offer is null)
                .FirstOrDefault()
            let use = note is { Kind: OtherwiseKind.Swapped, IdeaId: { } idea }
                ? plan.Problem.UsesOfBlock[cell.Block].FirstOrDefault(u => u.Idea.Id == idea)
            : plan.State.Uses[slot] is var planned and >= 0 ? plan.Problem.Uses[planned]
            : null
            where use is not null && note?.MinutesOf(block) is null or > 0
            select (use, note),
        ];
    }

    private static bool IsMet(Use use, Cell cell, WeekProblem problem, int child) =>
        use.Reach[child] && problem.Attendance.Is(child, cell.Day, cell.Block);

    /// <summary>Which part of its minutes reached a child of an age, or how many times them.</summary>
    private static double Part(Use use, Otherwise? note, int months, ChildrenGroup group)
    {
        if (note is null || note.Kind == OtherwiseKind.Swapped)
        {
            return 1;
        }

        var (block, really) = (use.Block, note.MinutesOf(use.Block));
        var whole = note.Offer is null ? really : really * block.Minutes / block.MinutesPerOffer;
        double Reached(Block of) => Minutes.Received(of, use.Idea.Technique, 1, months, group.Settings);
        return Reached(block with { Minutes = Math.Max(1, (int)Math.Round(whole)) }) / Reached(block);
    }
}
