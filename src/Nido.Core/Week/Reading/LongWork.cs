using Nido.Core.Group;
using Nido.Core.Group.Steps;
using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Reading;

/// <summary>A child whose own work, by what was seen, would often go on past the end of a block of free
/// choice.</summary>
/// <param name="Child">Who.</param>
/// <param name="Block">The block that would cut it off.</param>
/// <param name="Minutes">How long the child usually stays.</param>
/// <param name="Share">In what part of such blocks it would be cut off, 0–1.</param>
/// <param name="Enough">Length of the block, in steps of five minutes, at which that would no longer be often.</param>
public sealed record LongWork(Child Child, Block Block, double Minutes, double Share, int Enough)
{
    // Seen twice at least, and cut off in nearly every third block: less is chance, not a way of working.
    private const int FewestSeen = 2;
    private const double Often = 0.3;

    /// <summary>Those of a week, a block of the day after the other.</summary>
    public static IReadOnlyList<LongWork> Of(WeekProblem problem)
    {
        ArgumentNullException.ThrowIfNull(problem);
        return
        [
            .. from b in Enumerable.Range(0, problem.Blocks.Count)
            where problem.Blocks[b].IsFreeChoice
            from c in Enumerable.Range(0, problem.ChildCount)
            where problem.Attendance.DaysIn(c, b) > 0
            let own = problem.Input.Evidence.Own(problem.Group.Children[c].Id)
            let share = own.CutOffBy(problem.Blocks[b].Minutes)
            where own.Seen >= FewestSeen && share >= Often
            select new LongWork(
                problem.Group.Children[c],
                problem.Blocks[b],
                own.Median,
                share,
                EnoughFor(own, problem.Blocks[b].Minutes)
            ),
        ];
    }

    private static int EnoughFor(OwnMinutes own, int minutes)
    {
        var enough = minutes;
        while (own.CutOffBy(enough) >= Often && enough < 180)
        {
            enough += 5;
        }

        return enough;
    }
}
