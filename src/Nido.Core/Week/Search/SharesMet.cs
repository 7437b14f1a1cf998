using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Search;

/// <summary>What a plan gives each child: minutes by aim, strands met, something in reach; kept up to date.</summary>
public sealed class SharesMet
{
    /// <summary>Of each thousandth of a share: so steep that ten points less weigh four hundred others. Our own
    /// convention.</summary>
    private const double Steepness = 0.06;

    private static readonly double[] Steep = [.. Enumerable.Range(0, 2001).Select(x => Math.Exp(-Steepness * x))];

    private readonly WeekProblem problem;
    private readonly int[] dose;
    private readonly int[] strands;
    private readonly int[] inReach;
    private readonly bool[] there;
    private readonly int strandCount = Strand.All.Count;

    /// <summary>Nothing is met.</summary>
    internal SharesMet(WeekProblem problem)
    {
        this.problem = problem;
        dose = new int[problem.ChildCount * 4];
        strands = new int[problem.ChildCount * strandCount];
        inReach = new int[problem.Cells.Count * problem.ChildCount];
        there =
        [
            .. from cell in problem.Cells
            from c in Enumerable.Range(0, problem.ChildCount)
            select problem.Attendance.Is(c, cell.Day, cell.Block),
        ];
        WithNothing = there.Count(x => x);
        Missing = problem.StrandOpen.Count(open => open) * (long)PlanState.StrandCost;
    }

    /// <summary>Dose of child × aim in hundredths of a minute.</summary>
    public IReadOnlyList<int> Dose => dose;

    /// <summary>Price of the strands that children never meet.</summary>
    public long Missing { get; private set; }

    /// <summary>How many strands are not met, over all children.</summary>
    public int StrandsMissing => (int)(Missing / PlanState.StrandCost);

    /// <summary>Child × cell in which a child that is there has nothing in reach.</summary>
    public int WithNothing { get; private set; }

    /// <summary>Offers of a cell in reach of a child.</summary>
    public int InReach(int cell, int child) => inReach[(cell * problem.ChildCount) + child];

    /// <summary>The smallest share of an even one over all children and aims, in parts of a million; a million where
    /// nobody is owed anything.</summary>
    public long Smallest()
    {
        var smallest = long.MaxValue;
        for (var k = 0; k < dose.Length; k++)
        {
            smallest =
                problem.EvenShare[k] == 0 ? smallest : Math.Min(smallest, 1_000_000L * dose[k] / problem.EvenShare[k]);
        }

        return smallest == long.MaxValue ? 1_000_000 : smallest;
    }

    /// <summary>
    /// How well the worst off are: the smallest share of an even one, in millionths of it, and a little of the next
    /// ones, so that of two plans with the same smallest the better next one counts. Smaller is worse.
    /// </summary>
    public long WorstOff()
    {
        var sum = 0.0;
        for (var k = 0; k < dose.Length; k++)
        {
            if (problem.EvenShare[k] > 0)
            {
                sum += Steep[Math.Min(Steep.Length - 1, (int)(1000L * dose[k] / problem.EvenShare[k]))];
            }
        }

        return sum == 0 ? 1_000_000 : (long)(-Math.Log(sum) / Steepness * 1000);
    }

    /// <summary>Missing minutes, counted twice beyond a quarter of the target; and the worst missing share.</summary>
    public (long Shortfall, long Worst) Lacking()
    {
        var (shortfall, most, of) = (0L, 0L, 1L);
        var targets = problem.Target;
        for (var k = 0; k < dose.Length; k++)
        {
            var target = targets[k];
            var lacking = target - dose[k];
            if (lacking > 0)
            {
                shortfall += lacking + Math.Max(0, lacking - (target / 4));
                // The larger part of its target, without dividing.
                if (lacking * of > most * target)
                {
                    (most, of) = (lacking, target);
                }
            }
        }

        return (shortfall, ((1000L * most) + of - 1) / of * PlanState.WorstCost);
    }

    /// <summary>One use in a cell in place of another one; null is none.</summary>
    /// <param name="cell">Index of the cell.</param>
    /// <param name="before">What lay there.</param>
    /// <param name="after">What lies there now.</param>
    /// <param name="others">What lies in the other offers of the cell, null where none does.</param>
    internal void Change(int cell, Use? before, Use? after, ReadOnlySpan<Use?> others)
    {
        var free = problem.Blocks[problem.Cells[cell].Block].IsFreeChoice;
        for (var c = 0; c < problem.ChildCount; c++)
        {
            var at = (cell * problem.ChildCount) + c;
            var (had, has) = (before?.Reach[c] == true, after?.Reach[c] == true);
            if (!there[at] || !(had || has))
            {
                continue;
            }

            var was = inReach[at];
            var now = was - (had ? 1 : 0) + (has ? 1 : 0);
            if (had)
            {
                Give(before!, c, free ? was : 1, -1);
                Meet(before!, c, -1);
            }

            if (has)
            {
                Give(after!, c, free ? now : 1, 1);
                Meet(after!, c, 1);
            }

            if (was == now)
            {
                continue;
            }

            inReach[at] = now;
            WithNothing +=
                now == 0 ? 1
                : was == 0 ? -1
                : 0;
            // Where a child chooses among more, or fewer, each of the others gives it another part of its time.
            for (var o = 0; free && o < others.Length; o++)
            {
                if (others[o] is { } other && other.Reach[c])
                {
                    Give(other, c, was, -1);
                    Give(other, c, now, 1);
                }
            }
        }
    }

    private void Give(Use use, int child, int among, int sign)
    {
        var given = use.Dose[among - 1];
        for (var k = child * 4; k < (child * 4) + 4; k++)
        {
            dose[k] += sign * given[k];
        }
    }

    private void Meet(Use use, int child, int sign)
    {
        foreach (var s in use.Strands)
        {
            var at = (child * strandCount) + s;
            strands[at] += sign;
            // Met for the first time, or no longer at all.
            if (problem.StrandOpen[at] && strands[at] == (sign > 0 ? 1 : 0))
            {
                Missing -= sign * PlanState.StrandCost;
            }
        }
    }
}
