using Google.OrTools.Sat;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Search.Columns;

namespace Nido.Core.Week.Search;

/// <summary>What a week asks of a model besides the rows of its rules, whatever the model's variables are: fair shares, every
/// strand once, what stays, and money.</summary>
/// <param name="problem">The week.</param>
/// <param name="model">The model.</param>
internal sealed class WeekInModel(WeekProblem problem, CpModel model)
{
    /// <summary>Amounts of things are counted in parts of a unit.</summary>
    private const int Parts = 1000;

    private readonly List<LinearExpr> costs = [];

    /// <summary>Makes the price of the plan small.</summary>
    public void Minimize() => model.Minimize(LinearExpr.Sum(costs));

    /// <summary>What is lacking of each share, what is far from it, and the worst.</summary>
    /// <param name="given">Hundredths of a minute that are given of child × aim.</param>
    public void FairShares(Func<int, LinearExpr> given)
    {
        var worst = model.NewIntVar(0, 1000, "worst");
        for (var k = 0; k < problem.Target.Length; k++)
        {
            var target = problem.Target[k];
            if (target == 0)
            {
                continue;
            }

            var lacking = model.NewIntVar(0, target, $"lacking {k}");
            var far = model.NewIntVar(0, target, $"far {k}");
            model.Add(lacking + given(k) >= target);
            model.Add(far >= lacking - (target / 4));
            model.Add((worst * target) - (lacking * 1000) >= 0);
            costs.Add(lacking);
            costs.Add(far);
        }

        costs.Add(worst * PlanState.WorstCost);
    }

    /// <summary>The smallest share of an even one, in parts of a million, as large as can be.</summary>
    /// <param name="given">Hundredths of a minute that are given of child × aim.</param>
    public void SmallestShare(Func<int, LinearExpr> given)
    {
        // Counted in steps, so that the numbers stay small; one more, so that nothing is above what it is said to be at most.
        const int steps = 10_000;
        var smallest = model.NewIntVar(0, 2 * steps, "smallest");
        for (var k = 0; k < problem.EvenShare.Length; k++)
        {
            if (problem.EvenShare[k] > 0)
            {
                model.Add((given(k) * steps) - (smallest * problem.EvenShare[k]) >= 0);
            }
        }

        costs.Add((smallest + 1) * -(long)(ColumnMaster.Share / steps));
    }

    /// <summary>Every strand that is open is met once, or costs.</summary>
    /// <param name="met">How often child × strand is met.</param>
    public void EveryStrandOnce(Func<int, LinearExpr> met) =>
        costs.AddRange(Missing(met).Select(missing => missing * PlanState.StrandCost));

    /// <summary>No more strands are missing than some.</summary>
    /// <param name="met">How often child × strand is met.</param>
    /// <param name="most">Over all children.</param>
    public void NoMoreStrandsMissing(Func<int, LinearExpr> met, int most) =>
        model.Add(LinearExpr.Sum(Missing(met)) <= most);

    private BoolVar[] Missing(Func<int, LinearExpr> met) =>
        [
            .. Enumerable
                .Range(0, problem.StrandOpen.Length)
                .Where(s => problem.StrandOpen[s])
                .Select(s =>
                {
                    var missing = model.NewBoolVar($"missing {s}");
                    model.Add(missing + met(s) >= 1);
                    return missing;
                }),
        ];

    /// <summary>As many as stay in a block lie in every cell of it.</summary>
    /// <param name="ways">The ways of the week.</param>
    /// <param name="lies">How often a way lies in a cell.</param>
    public void WhatStays(IReadOnlyList<Way> ways, Func<int, int, LinearExpr> lies)
    {
        foreach (var offers in problem.Staying.GroupBy(s => s.Block))
        {
            var may = offers
                .SelectMany(o => ways.Where(w => w.Uses.Any(o.Choices.Contains)).Select(w => w.Index))
                .Distinct()
                .ToDictionary(w => w, w => model.NewBoolVar($"stays {w}"));
            model.Add(LinearExpr.Sum(may.Values) == offers.Count());
            int[] cells =
            [
                .. offers
                    .SelectMany(o => o.Slots)
                    .Select(s => problem.CellAt(problem.Slots[s].Day, offers.Key))
                    .Distinct(),
            ];
            foreach (var cell in cells)
            {
                foreach (var (way, here) in may)
                {
                    model.Add(lies(cell, way) >= here);
                }
            }
        }
    }

    /// <summary>Packs that are bought of some materials; they are paid from the budget, or at a minute a cent over it.</summary>
    /// <param name="materials">By index.</param>
    public IReadOnlyDictionary<int, IntVar> Packs(IEnumerable<int> materials)
    {
        const int most = 1000;
        var packs = materials.Distinct().ToDictionary(m => m, m => model.NewIntVar(0, most, $"packs {m}"));
        if (packs.Count > 0)
        {
            var over = model.NewIntVar(0, int.MaxValue, "over");
            var money = LinearExpr.WeightedSum(
                packs.Values,
                packs.Keys.Select(m => (long)(problem.Materials[m].PackCents ?? 0))
            );
            model.Add(money - over <= problem.Group.Settings.BudgetCents);
            costs.Add(over * WeekProblem.PerMinute);
        }

        return packs;
    }

    /// <summary>
    /// No more is taken than is there and packs add. Never a little stricter than the amounts are: what no plan of the model goes
    /// below, none does.
    /// </summary>
    /// <param name="taken">What takes, and how many units.</param>
    /// <param name="there">Units that are there.</param>
    /// <param name="pack">Units that a pack adds.</param>
    /// <param name="packs">Packs bought.</param>
    public void TakesWhatIsThere(
        IReadOnlyCollection<(LinearExpr Lies, double Units)> taken,
        double there,
        double pack,
        IntVar packs
    )
    {
        if (double.IsFinite(there))
        {
            model.Add(
                LinearExpr.WeightedSum(
                    taken.Select(t => t.Lies),
                    taken.Select(t => (long)Math.Floor((t.Units * Parts) + 1e-6))
                ) - (packs * (long)Math.Ceiling((pack * Parts) - 1e-6))
                    <= (long)Math.Ceiling((there * Parts) - 1e-6)
            );
        }
    }
}
