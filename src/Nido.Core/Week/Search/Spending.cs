using Nido.Core.Cupboard;
using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Search;

/// <summary>
/// What a plan takes of the cupboard, buys, asks for and makes. A change is worked out for the materials it touches
/// only, unless something is short that can be made of others: then all of them anew.
/// </summary>
public sealed class Spending
{
    private readonly WeekProblem problem;
    private readonly Material[] materials;
    private readonly TakenInWeek taken;
    private readonly double[] left;
    private readonly double[] there;
    private readonly int[] cents;
    private readonly int[] hard;
    private readonly bool[] wanted;
    private readonly double[] made;
    private int makings;
    private bool isStale = true;

    /// <summary>Nothing is taken.</summary>
    internal Spending(WeekProblem problem)
    {
        this.problem = problem;
        materials = [.. problem.Materials];
        taken = new(problem);
        left = new double[materials.Length];
        there = [.. problem.OnHand];
        cents = new int[materials.Length];
        hard = new int[materials.Length];
        wanted = new bool[materials.Length];
        made = new double[materials.Length];
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
        var alone = makings == 0;
        foreach (var m in taken.Refresh())
        {
            var wants = problem.Makes[m] is not null && taken.Now[m] > problem.OnHand[m] + 1e-9;
            makings += (wants ? 1 : 0) - (wanted[m] ? 1 : 0);
            wanted[m] = wants;
            if (alone && !wants)
            {
                Count(m, taken.Now[m], problem.OnHand[m]);
            }
        }

        // What can be made of what the week leaves over is neither bought nor asked for: then one hangs on the other.
        if (!alone || makings > 0)
        {
            MakeAll();
        }
    }

    private void MakeAll()
    {
        taken.Now.CopyTo(left);
        Making = 0;
        for (var m = 0; m < left.Length; m++)
        {
            var (have, minutes) = (problem.OnHand[m], 0.0);
            if (left[m] > have + 1e-9 && problem.Makes[m] is { } make)
            {
                var units = make.Make(left[m] - have, left);
                minutes = units * make.Minutes;
                have += units;
            }

            made[m] = minutes;
            Making += minutes;
            there[m] = have;
        }

        for (var m = 0; m < left.Length; m++)
        {
            Count(m, left[m], there[m]);
        }
    }

    private void Count(int m, double taken, double onHand)
    {
        var material = materials[m];
        var lacking = taken > onHand + 1e-9;
        var pays = Packs(taken, onHand, material.PackSize) * (material.PackCents ?? 0);
        // Not to be had in a shop: each such thing is a burden, more so the further it falls short.
        var burden =
            lacking && !material.IsSold
                ? (int)Math.Round(1000 * (1 + Math.Min(4, (taken - onHand) / Math.Max(1, onHand))))
                : 0;
        Cents += pays - cents[m];
        Hard += burden - hard[m];
        (cents[m], hard[m]) = (pays, burden);
    }
}
