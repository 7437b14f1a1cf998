using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Search.Columns;

/// <summary>What the rows of the master pay for a unit of what a column gives; all from one solution of it.</summary>
internal sealed class Prices
{
    private readonly int techniques;

    /// <summary>All zero.</summary>
    public Prices(WeekProblem problem, int ways)
    {
        techniques = problem.TechniqueCount;
        Dose = new double[problem.Target.Length];
        Strand = new double[problem.StrandOpen.Length];
        TechniqueOnDay = new double[problem.Days.Count * techniques];
        OnlyIdea = new double[ways];
        HeavyCell = new double[problem.Cells.Count];
        Cell = new double[problem.Cells.Count];
    }

    /// <summary>For a hundredth of a minute of child × aim, 0 or more.</summary>
    public double[] Dose { get; }

    /// <summary>For child × strand met, 0 or more.</summary>
    public double[] Strand { get; }

    /// <summary>For a technique on a day, 0 or less.</summary>
    public double[] TechniqueOnDay { get; }

    /// <summary>Way by way: for one more day of its only idea, 0 or less; 0 where the master does not count
    /// it.</summary>
    public double[] OnlyIdea { get; }

    /// <summary>For a cell that cannot but be heavy, 0 or less.</summary>
    public double[] HeavyCell { get; }

    /// <summary>For filling a cell.</summary>
    public double[] Cell { get; }

    /// <summary>Of a way, whatever it gives: its technique on the day and its idea in the week.</summary>
    public double OfWay(int day, Way way) =>
        TechniqueOnDay[(day * techniques) + way.Any.TechniqueIndex] + OnlyIdea[way.Index];
}
