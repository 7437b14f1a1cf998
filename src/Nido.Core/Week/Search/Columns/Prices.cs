using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Search.Columns;

/// <summary>What the rows of the master pay for a unit of what a column gives; all from one solution of it.</summary>
internal sealed class Prices
{
    private readonly CrossRows rows;

    /// <summary>All zero.</summary>
    public Prices(WeekProblem problem, CrossRows rows)
    {
        this.rows = rows;
        Dose = new double[problem.Target.Length];
        Strand = new double[problem.StrandOpen.Length];
        Row = new double[rows.AtMost.Length];
        Cell = new double[problem.Cells.Count];
    }

    /// <summary>For a hundredth of a minute of child × aim, 0 or more.</summary>
    public double[] Dose { get; }

    /// <summary>For child × strand met, 0 or more.</summary>
    public double[] Strand { get; }

    /// <summary>For counting once in a row of a hard rule, 0 or less.</summary>
    public double[] Row { get; }

    /// <summary>For filling a cell.</summary>
    public double[] Cell { get; }

    /// <summary>Of a way in a cell, whatever it gives: the rows it counts in.</summary>
    public double OfWay(int cell, int way)
    {
        var sum = 0.0;
        foreach (var (row, times) in rows.Of(cell, way))
        {
            sum += Row[row] * times;
        }

        return sum;
    }

    /// <summary>Of a cell that cannot but be heavy.</summary>
    public double OfHeavy(int cell)
    {
        var sum = 0.0;
        foreach (var row in rows.OfHeavy(cell))
        {
            sum += Row[row];
        }

        return sum;
    }
}
