namespace Nido.Core.Week.Problem;

/// <summary>The ways of a week and the cells they may lie in; what the rows of the hard rules are written over.</summary>
public sealed class WeekWays
{
    private readonly Way[][] inBlock;

    /// <summary>Those of a week.</summary>
    /// <param name="problem">The week.</param>
    /// <param name="apart">As <see cref="Way.Of"/> has it.</param>
    public WeekWays(WeekProblem problem, IReadOnlySet<int>? apart = null)
    {
        ArgumentNullException.ThrowIfNull(problem);
        Problem = problem;
        All = Way.Of(problem, apart);
        inBlock = [.. problem.Blocks.Select((_, b) => All.Where(w => w.Any.BlockIndex == b).ToArray())];
        Cells =
        [
            .. Enumerable
                .Range(0, problem.Cells.Count)
                .Where(c => problem.Attendance.TakesPlace(problem.Cells[c].Day, problem.Cells[c].Block)),
        ];
    }

    /// <summary>The week.</summary>
    public WeekProblem Problem { get; }

    /// <summary>Every way.</summary>
    public IReadOnlyList<Way> All { get; }

    /// <summary>Cells that take place.</summary>
    public IReadOnlyList<int> Cells { get; }

    /// <summary>Cells of a day that take place.</summary>
    public IEnumerable<int> CellsOf(int day) => Cells.Where(c => Problem.Cells[c].Day == day);

    /// <summary>
    /// Ways that suit the block of a cell, those a rule keeps out that day among them: the rows say so. A way whose
    /// ideas lie there that day as other ways is left to those.
    /// </summary>
    public IEnumerable<Way> In(int cell)
    {
        var (day, block) = (Problem.Cells[cell].Day, Problem.Cells[cell].Block);
        return inBlock[block].Where(w => w.Any.OnDay[day] || w.Uses.All(u => !MayLie(u, day)));
    }

    /// <summary>Whether the idea of a use may lie in its block that day, as this use or another one.</summary>
    private bool MayLie(Use use, int day) =>
        use.OnDay[day] || Problem.UsesOfBlock[use.BlockIndex].Any(u => u.IdeaIndex == use.IdeaIndex && u.OnDay[day]);
}
