namespace Nido.Core.Week.Problem;

/// <summary>What a week owes each child: minutes by aim, and strands to meet.</summary>
internal static class Owed
{
    // A fifth more of an aim than usual is the most a week is asked to make good: our own convention.
    private const int MostCarried = 5;

    /// <summary>Target and even share of child × aim, in hundredths of a minute; computation.md §1.</summary>
    public static (int[] Target, int[] EvenShare) Minutes(WeekProblem problem)
    {
        var (target, even) = (new int[problem.ChildCount * 4], new int[problem.ChildCount * 4]);
        for (var c = 0; c < problem.ChildCount; c++)
        {
            var child = problem.Group.Children[c];
            var inAll = problem
                .Blocks.Select(
                    (b, i) =>
                        problem.Attendance.DaysIn(c, i)
                        * Problem.Minutes.CanGive(b, child.MonthsOn(problem.FirstDay), problem.Group.Settings)
                )
                .Sum();
            var usual = (int)Math.Round(WeekProblem.PerMinute * 0.9 * inAll / 4);
            for (var m = 0; m < 4; m++)
            {
                even[(c * 4) + m] = (int)Math.Round(WeekProblem.PerMinute * inAll / 4);
                // What last week fell short of is asked for besides, as far as a week can make good.
                var carried = problem.Input.Carried.TryGetValue(child.Id, out var lacked) ? lacked[m] : 0;
                target[(c * 4) + m] = usual + Math.Min(carried, usual / MostCarried);
            }
        }

        return (target, even);
    }

    /// <summary>Child × strand that some use reaches.</summary>
    public static bool[] Strands(WeekProblem problem)
    {
        var open = new bool[problem.ChildCount * Strand.All.Count];
        // One session cannot hold every strand, and is not blamed for it.
        foreach (var use in problem.Days.Count > 1 ? problem.Uses : [])
        {
            for (var c = 0; c < problem.ChildCount; c++)
            {
                foreach (var s in use.Strands)
                {
                    open[(c * Strand.All.Count) + s] |= use.IsMetBy(c);
                }
            }
        }

        return open;
    }
}
