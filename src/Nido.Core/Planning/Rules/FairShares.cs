using Google.OrTools.Sat;

namespace Nido.Core.Planning.Rules;

/// <summary>"Every child gets a fair week: what is missing counts, twice beyond a quarter, and the worst child most."</summary>
internal static class FairShares
{
    public static void Add(ChooseModel model)
    {
        var problem = model.Problem;
        var worst = model.Model.NewIntVar(0, 1000, "worst");
        for (var c = 0; c < problem.ChildCount; c++)
        {
            var doses = Doses(model, c);
            for (var m = 0; m < 4; m++)
            {
                var target = problem.Target[(c * 4) + m];
                if (target == 0)
                {
                    continue;
                }

                var lacking = model.Model.NewIntVar(0, target, $"lacking {c} {m}");
                var far = model.Model.NewIntVar(0, target, $"far {c} {m}");
                model.Model.Add(lacking + doses[m] >= target);
                model.Model.Add(far >= lacking - (target / 4));
                model.Model.Add((worst * target) - (lacking * 1000) >= 0);
                model.Costs.Add(lacking);
                model.Costs.Add(far);
            }
        }

        model.Costs.Add(worst * PlanState.WorstCost);
    }

    /// <summary>The child's week, aim by aim: minutes of what it receives, and of offers out of reach given to the others.</summary>
    private static LinearExpr[] Doses(ChooseModel model, int child)
    {
        var terms = new List<LinearExpr>[] { [], [], [], [] };
        for (var b = 0; b < model.Problem.Blocks.Count; b++)
        {
            var offers = model.Problem.Blocks[b].Offers;
            var full = model.Problem.Blocks[b].IsFreeChoice ? offers - 1 : 0;
            Way[] ways = [.. model.Ways.Where(w => w.Any.BlockIndex == b)];
            Way[] inReach = [.. ways.Where(w => w.Any.Reach[child])];
            foreach (var way in inReach)
            {
                for (var m = 0; m < 4; m++)
                {
                    terms[m].Add(model.Received[child][way.Index] * way.Any.Dose[full][(child * 4) + m]);
                }
            }

            if (full > 0 && inReach.Length < ways.Length)
            {
                AddFreedMinutes(model, child, offers, ways, inReach, terms);
            }
        }

        return [.. terms.Select(LinearExpr.Sum)];
    }

    /// <summary>
    /// In a free choice the minutes of an offer out of reach go to the offers in reach. Which ones they meet is only
    /// known when days are placed, so here they may go to any: never less than a real plan gives.
    /// </summary>
    private static void AddFreedMinutes(ChooseModel model, int child, int offers, Way[] ways, Way[] inReach, List<LinearExpr>[] terms)
    {
        // Parts of the block so fine that one to all offers share it in whole parts.
        var parts = Enumerable.Range(1, offers).Aggregate(1, (lcm, n) => lcm * n / (int)System.Numerics.BigInteger.GreatestCommonDivisor(lcm, n));
        var own = parts / offers;
        var freed = inReach.Select(w => model.Model.NewIntVar(0, (long)(parts - own) * w.Most, $"freed {child} {w.Index}")).ToArray();
        for (var i = 0; i < inReach.Length; i++)
        {
            model.Model.Add(freed[i] <= model.Received[child][inReach[i].Index] * (parts - own));
            for (var m = 0; m < 4; m++)
            {
                var k = (child * 4) + m;
                var dose = inReach[i].Any.Dose;
                // The steepest gain over every number in reach, rounded up, keeps the bound true.
                var gain = Enumerable.Range(1, offers - 1).Max(r => Up(dose[r - 1][k] - dose[offers - 1][k], (parts / r) - own));
                terms[m].Add(freed[i] * gain);
            }
        }

        model.Model.Add(LinearExpr.Sum(freed)
            == LinearExpr.Sum(ways.Except(inReach).Select(w => model.Received[child][w.Index])) * own);
    }

    private static long Up(int value, int by) => (value + by - 1) / by;
}
