namespace Nido.Core.Week.Problem;

/// <summary>
/// What the uses of a week take of each material, kept up to date as they are put and taken out. Amounts are whole, so
/// adding and taking away is exact.
/// </summary>
internal sealed class TakenInWeek
{
    private readonly WeekProblem problem;
    private readonly int cells;
    private readonly double[] inCell;
    private readonly double[] taken;
    private readonly int[] startsAt;
    private readonly int[] endsAt;
    private readonly bool[] isSlow;
    private readonly bool[] addsUp;
    private readonly bool[] isStale;
    private readonly int[] stale;
    private int staleCount;

    /// <summary>Nothing taken.</summary>
    public TakenInWeek(WeekProblem problem)
    {
        this.problem = problem;
        cells = problem.Cells.Count;
        startsAt = [.. problem.Cells.Select(c => c.StartsAt)];
        endsAt = [.. problem.Cells.Select(c => c.EndsAt)];
        inCell = new double[problem.Materials.Count * cells];
        taken = new double[problem.Materials.Count];
        isStale = new bool[problem.Materials.Count];
        stale = new int[problem.Materials.Count];
        isSlow = new bool[problem.Materials.Count];
        foreach (var material in problem.SlowMaterials)
        {
            isSlow[material] = true;
        }

        addsUp = [.. problem.Materials.Select((m, i) => m.Consumable && !isSlow[i])];
    }

    /// <summary>A use put into a cell (1) or taken out (−1).</summary>
    public void Add(int cell, Use use, int sign)
    {
        foreach (var (material, amount) in use.On(problem.Cells[cell].Day).Takes)
        {
            inCell[(material * cells) + cell] += sign * amount;
            taken[material] += addsUp[material] ? sign * amount : 0;
            if (!isStale[material])
            {
                isStale[material] = true;
                stale[staleCount++] = material;
            }
        }
    }

    /// <summary>Units of each material that must be there, as refreshed last.</summary>
    public ReadOnlySpan<double> Now => taken;

    /// <summary>Works out anew what has changed, and says of which materials.</summary>
    public ReadOnlySpan<int> Refresh()
    {
        var changed = stale.AsSpan(0, staleCount);
        staleCount = 0;
        foreach (var material in changed)
        {
            isStale[material] = false;
            if (!addsUp[material])
            {
                taken[material] = Of(material);
            }
        }

        return changed;
    }

    private double Of(int material)
    {
        var row = inCell.AsSpan(material * cells, cells);
        return !isSlow[material] ? Most(row)
            : problem.Materials[material].Consumable ? WithGoneOff(material, row)
            : WithDrying(material, row);
    }

    private static double Most(ReadOnlySpan<double> row)
    {
        var most = 0.0;
        foreach (var amount in row)
        {
            most = amount > most ? amount : most;
        }

        return most;
    }

    /// <summary>The most in use or still drying at any time, and what has gone off by then.</summary>
    private double WithDrying(int material, ReadOnlySpan<double> row)
    {
        var (most, count) = (0.0, 0);
        var turnaround = problem.Materials[material].TurnaroundMinutes;
        Span<int> used = stackalloc int[cells];
        for (var cell = 0; cell < cells; cell++)
        {
            if (row[cell] <= 0)
            {
                continue;
            }

            var sum = row[cell];
            foreach (var before in used[..count])
            {
                sum += endsAt[before] + turnaround > startsAt[cell] ? row[before] : 0;
            }

            used[count++] = cell;
            most = Math.Max(most, sum + problem.GoneOff(material, problem.Cells[cell].Day));
        }

        return most;
    }

    /// <summary>For each day: what is wanted from then on, and what is on hand but no longer good by then; the largest
    /// counts.</summary>
    private double WithGoneOff(int material, ReadOnlySpan<double> row)
    {
        var (most, later) = (0.0, 0.0);
        for (var cell = cells - 1; cell >= 0; cell--)
        {
            later += row[cell];
            most = later > 0 ? Math.Max(most, later + problem.GoneOff(material, problem.Cells[cell].Day)) : most;
        }

        return most;
    }
}
