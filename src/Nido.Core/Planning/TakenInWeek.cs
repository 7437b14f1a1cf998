namespace Nido.Core.Planning;

/// <summary>Adds up what the uses of a week take of each material.</summary>
/// <param name="problem">The week.</param>
internal readonly struct TakenInWeek(WeekProblem problem)
{
    /// <summary>Units of each material that must be there for what lies in the slots.</summary>
    public double[] Of(int[] uses)
    {
        var (materials, cells) = (problem.Materials, problem.Cells);
        var taken = new double[materials.Count];
        var now = new double[materials.Count];
        var slow = problem.SlowMaterials.Count == 0 ? null : new double[cells.Count, materials.Count];
        for (var cell = 0; cell < cells.Count; cell++)
        {
            var (first, offers) = (cells[cell].FirstSlot, cells[cell].Offers);
            for (var pass = 0; pass < 2; pass++)
            {
                for (var o = 0; o < offers; o++)
                {
                    if (uses[first + o] is not (>= 0 and var u))
                    {
                        continue;
                    }

                    foreach (var (material, amount) in problem.Uses[u].Takes)
                    {
                        if (materials[material].Consumable)
                        {
                            taken[material] += pass == 0 ? amount : 0;
                        }
                        else if (pass == 0)
                        {
                            now[material] += amount;
                        }
                        else
                        {
                            taken[material] = Math.Max(taken[material], now[material]);
                            now[material] = 0;
                        }

                        if (pass == 0 && slow is not null)
                        {
                            slow[cell, material] += amount;
                        }
                    }
                }
            }
        }

        foreach (var material in problem.SlowMaterials)
        {
            taken[material] = materials[material].Consumable ? WithGoneOff(material, slow!) : WithDrying(material, slow!);
        }

        return taken;
    }

    /// <summary>The most in use or still drying at any time, and what has gone off by then.</summary>
    private double WithDrying(int material, double[,] inCell)
    {
        var most = 0.0;
        var turnaround = problem.Materials[material].TurnaroundMinutes;
        for (var cell = 0; cell < problem.Cells.Count; cell++)
        {
            if (inCell[cell, material] <= 0)
            {
                continue;
            }

            var sum = inCell[cell, material];
            for (var before = 0; before < cell; before++)
            {
                sum += problem.Cells[before].EndsAt + turnaround > problem.Cells[cell].StartsAt ? inCell[before, material] : 0;
            }

            most = Math.Max(most, sum + problem.GoneOff(material, problem.Cells[cell].Day));
        }

        return most;
    }

    /// <summary>For each day: what is wanted from then on, and what is on hand but no longer good by then; the largest counts.</summary>
    private double WithGoneOff(int material, double[,] inCell)
    {
        var (most, later) = (0.0, 0.0);
        for (var cell = problem.Cells.Count - 1; cell >= 0; cell--)
        {
            later += inCell[cell, material];
            var gone = problem.GoneOff(material, problem.Cells[cell].Day);
            most = later > 0 ? Math.Max(most, later + gone) : most;
        }

        return most;
    }
}
