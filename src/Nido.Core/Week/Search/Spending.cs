using Nido.Core.Cupboard;
using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Search;

/// <summary>
/// What a plan takes of the cupboard, buys, asks for and makes. A change is worked out for the materials it touches,
/// and for what is short and can be made of others.
/// </summary>
public sealed class Spending
{
    private readonly WeekProblem problem;
    private readonly Material[] materials;
    private readonly TakenInWeek taken;
    private readonly double[] left;
    private readonly int[] cents;
    private readonly int[] hard;
    private readonly bool[] wanted;
    private readonly double[] made;
    private readonly int[] makeable;
    private readonly int[] readFor;
    private int making;
    private bool isStale = true;

    /// <summary>Nothing is taken.</summary>
    internal Spending(WeekProblem problem)
    {
        this.problem = problem;
        materials = [.. problem.Materials];
        taken = new(problem);
        left = new double[materials.Length];
        cents = new int[materials.Length];
        hard = new int[materials.Length];
        wanted = new bool[materials.Length];
        made = new double[materials.Length];
        makeable = [.. Enumerable.Range(0, materials.Length).Where(m => problem.Makes[m] is not null)];
        readFor = new int[materials.Length];
    }

    /// <summary>Money for packs.</summary>
    public int Cents
    {
        get
        {
            Refresh();
            return field;
        }
        private set;
    }

    /// <summary>Burden of what is short and no shop sells, in thousandths of a thing: one each, more so the further it
    /// falls short.</summary>
    public long Hard
    {
        get
        {
            Refresh();
            return field;
        }
        private set;
    }

    /// <summary>Minutes of making.</summary>
    public double Making
    {
        get
        {
            Refresh();
            return field;
        }
        private set;
    }

    /// <summary>Packs of a material to buy for what is taken; 0 where there is enough or it is not sold.</summary>
    public static int Packs(double taken, double onHand, double? packSize) =>
        packSize is > 0 && taken > onHand + 1e-9 ? (int)Math.Ceiling((taken - onHand) / packSize.Value - 1e-9) : 0;

    /// <summary>Cents for packs of each material that is bought, the dearest first.</summary>
    public IReadOnlyList<(int Material, int Cents)> Bought()
    {
        Refresh();
        return
        [
            .. Enumerable
                .Range(0, cents.Length)
                .Where(m => cents[m] > 0)
                .OrderByDescending(m => cents[m])
                .ThenBy(m => m)
                .Select(m => (m, cents[m])),
        ];
    }

    /// <summary>What is short and no shop sells, with how much of a burden it is in thousandths.</summary>
    public IReadOnlyList<(int Material, int Thousandths)> HardToGet()
    {
        Refresh();
        return [.. Enumerable.Range(0, hard.Length).Where(m => hard[m] > 0).Select(m => (m, hard[m]))];
    }

    /// <summary>Minutes of making each material that is made.</summary>
    public IReadOnlyList<(int Material, double Minutes)> Made()
    {
        Refresh();
        return [.. Enumerable.Range(0, made.Length).Where(m => made[m] > 0).Select(m => (m, made[m]))];
    }

    /// <summary>
    /// What is taken of each material over the week: consumables added up, what goes off counted from each day on with
    /// what is no longer good by then, reusables at the busiest time with those still drying.
    /// </summary>
    public double[] Taken()
    {
        taken.Refresh();
        return [.. taken.Now];
    }

    /// <summary>A use put into a cell (1) or taken out (−1).</summary>
    internal void Add(int cell, Use use, int sign)
    {
        taken.Add(cell, use, sign);
        isStale = true;
    }

    private void Refresh()
    {
        if (!isStale)
        {
            return;
        }

        isStale = false;
        foreach (var m in taken.Refresh())
        {
            wanted[m] = problem.Makes[m] is not null && taken.Now[m] > problem.OnHand[m] + 1e-9;
            if (!wanted[m])
            {
                made[m] = 0;
                Count(m, taken.Now[m] - problem.OnHand[m], problem.OnHand[m]);
            }
        }

        // What can be made of what the week leaves over is neither bought nor asked for; one making leaves less for the
        // next. A thing that is short itself gives nothing, so nothing else changes by it.
        making++;
        var minutes = 0.0;
        foreach (var m in makeable)
        {
            if (wanted[m])
            {
                minutes += Make(m);
            }
        }

        Making = minutes;
    }

    private double Make(int m)
    {
        var make = problem.Makes[m]!;
        foreach (var (of, _, _) in make.Takes)
        {
            if (of >= 0 && readFor[of] != making)
            {
                (left[of], readFor[of]) = (taken.Now[of], making);
            }
        }

        var lacking = taken.Now[m] - problem.OnHand[m];
        var units = make.Make(lacking, left);
        made[m] = units * make.Minutes;
        Count(m, lacking - units, problem.OnHand[m] + units);
        return made[m];
    }

    private void Count(int m, double lacking, double onHand)
    {
        var (pays, burden) = (0, 0);
        if (lacking > 1e-9)
        {
            var material = materials[m];
            pays = Packs(onHand + lacking, onHand, material.PackSize) * (material.PackCents ?? 0);
            // Not to be had in a shop: each such thing is a burden, more so the further it falls short.
            burden = material.IsSold ? 0 : (int)Math.Round(1000 * (1 + Math.Min(4, lacking / Math.Max(1, onHand))));
        }

        Cents += pays - cents[m];
        Hard += burden - hard[m];
        (cents[m], hard[m]) = (pays, burden);
    }
}
