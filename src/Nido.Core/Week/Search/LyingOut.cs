using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Search;

/// <summary>What lies out, counted as the hard rules ask for it; kept up to date as one thing is put or taken
/// away.</summary>
public sealed class LyingOut
{
    private readonly WeekProblem problem;
    private readonly int[] techniqueOnDay;
    private readonly int[] times;
    private readonly int[] heavy;
    private readonly int[] adults;
    private readonly int?[] madeBy;

    /// <summary>Nothing lies out.</summary>
    internal LyingOut(WeekProblem problem)
    {
        this.problem = problem;
        techniqueOnDay = new int[problem.Days.Count * problem.TechniqueCount];
        times = new int[problem.Input.Ideas.Count];
        heavy = new int[problem.Cells.Count];
        adults = new int[problem.Cells.Count];
        madeBy = new int?[problem.TechniqueCount];
        foreach (var (technique, maker) in problem.MadeBefore)
        {
            madeBy[technique] = maker;
        }
    }

    /// <summary>How often a technique lies out on a day.</summary>
    public int OnDay(int day, int technique) => techniqueOnDay[(day * problem.TechniqueCount) + technique];

    /// <summary>How often an idea lies out in the week, where it is not one that stays.</summary>
    public int Times(int idea) => times[idea];

    /// <summary>Heavy offers in a block of a day.</summary>
    public int Heavy(int day, int block) => heavy[(day * problem.Blocks.Count) + block];

    /// <summary>Adults asked beside the offers of a block of a day.</summary>
    public int Adults(int day, int block) => adults[(day * problem.Blocks.Count) + block];

    /// <summary>Whether what a technique is done with is made on a day before, or is not made by children.</summary>
    public bool IsMadeBefore(int technique, int day)
    {
        if (madeBy[technique] is not { } maker)
        {
            return true;
        }

        for (var d = 0; d < day && maker >= 0; d++)
        {
            if (OnDay(d, maker) > 0)
            {
                return true;
            }
        }

        return false;
    }

    /// <summary>Techniques on days whose makings nobody has made by then.</summary>
    internal int Unmade()
    {
        var unmade = 0;
        foreach (var (technique, _) in problem.MadeBefore)
        {
            for (var d = 0; d < problem.Days.Count; d++)
            {
                unmade += OnDay(d, technique) > 0 && !IsMadeBefore(technique, d) ? 1 : 0;
            }
        }

        return unmade;
    }

    /// <summary>One use more in a cell (1), or one less (−1).</summary>
    internal void Add(int slot, int cell, int day, Use use, int sign)
    {
        techniqueOnDay[(day * problem.TechniqueCount) + use.TechniqueIndex] += sign;
        times[use.IdeaIndex] += problem.MayStay(slot, use) ? 0 : sign;
        heavy[cell] += use.IsHeavy ? sign : 0;
        adults[cell] += sign * use.Adults;
    }
}
