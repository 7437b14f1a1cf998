using Nido.Core.Week.Problem;
using Nido.Core.Week.Rules;

namespace Nido.Core.Week.Reading;

/// <summary>Answers "what would it change?" by trying it, with the rest of the week held.</summary>
public static class WhatIf
{
    /// <summary>Alternatives for a slot, best first: the best of each way of working, then its other materials, then
    /// what a rule keeps out.</summary>
    /// <param name="plan">The plan at hand.</param>
    /// <param name="slot">Index of the slot.</param>
    public static IReadOnlyList<Alternative> Alternatives(WeekPlan plan, int slot)
    {
        var state = plan.State;
        var problem = plan.Problem;
        var (dose, score, price) = (state.Dose.ToArray(), state.Score(), state.FairPrice());
        var wishes = state.WishPrice();
        return
        [
            .. problem
                .UsesOfBlock[problem.Slots[slot].Block]
                .GroupBy(use => use.IdeaIndex)
                .Select(same => same.FirstOrDefault(use => use.OnDay[problem.Slots[slot].Day], same.First()))
                .Where(use => use.Index != state.Uses[slot])
                .Select(use =>
                {
                    var keptOut = RuleAgainst(plan, slot, use);
                    var before = state.Put(slot, use.Index);
                    var after = state.Score();
                    var fair = (state.FairPrice() - price) / (double)WeekProblem.PerMinute;
                    var alternative = new Alternative(
                        use,
                        ByAim(dose, state.Dose, (was, now) => (now - was) / (double)WeekProblem.PerMinute),
                        [
                            .. ByAim(
                                    dose,
                                    state.Dose,
                                    (was, now) => Math.Abs(now - was) >= WeekProblem.PerMinute / 2 ? 1.0 : 0
                                )
                                .Select(n => (int)n),
                        ],
                        after.Cents - score.Cents,
                        after.PrepMinutes - score.PrepMinutes,
                        fair,
                        [.. use.Children.Where(c => !c.InReach).Select(c => c.Child.Name)],
                        keptOut
                    );
                    var wish = state.WishPrice() - wishes;
                    state.Put(slot, before);
                    return (alternative, wish);
                })
                .OrderBy(x => Math.Max(0, x.alternative.ShortfallMinutes))
                .ThenBy(x => x.wish)
                .ThenBy(x => x.alternative.Use.Index)
                .Select(x => x.alternative)
                // Of each way of working its best material first: four times the same idea is no choice.
                .GroupBy(a => a.Use.TechniqueIndex)
                .SelectMany(g => g.OrderBy(a => a.KeptFromSlot is not null).Select((a, rank) => (a, rank)))
                .OrderBy(x => x.a.KeptFromSlot is not null)
                .ThenBy(x => Math.Min(1, x.rank))
                .ThenBy(x => Math.Max(0, x.a.ShortfallMinutes))
                .Select(x => x.a),
        ];
    }

    /// <summary>Why the idea of a slot is there; null for an empty slot.</summary>
    public static WhyHere? WhyHere(WeekPlan plan, int slot)
    {
        var state = plan.State;
        var problem = plan.Problem;
        if (state.Uses[slot] < 0)
        {
            return null;
        }

        var shares = Shares(plan);
        var met = StrandsMet(plan);
        var price = state.FairPrice();
        var before = state.Put(slot, -1);
        var without = Shares(plan);
        var stillMet = StrandsMet(plan);
        var grows = (state.FairPrice() - price) / (double)WeekProblem.PerMinute;
        state.Put(slot, before);
        return new WhyHere(
            grows,
            [
                .. from c in Enumerable.Range(0, problem.ChildCount)
                from aim in Enumerable.Range(0, 4)
                let fall = shares[(c * 4) + aim] - without[(c * 4) + aim]
                where fall > 0
                orderby without[(c * 4) + aim] < 100 descending, fall descending, c
                select new ShareFall(
                    problem.Group.Children[c].Name,
                    (Aim)aim,
                    shares[(c * 4) + aim],
                    without[(c * 4) + aim]
                ),
            ],
            [
                .. met.Where(s => s.Value > stillMet.GetValueOrDefault(s.Key))
                    .Select(s => (s.Key, s.Value - stillMet.GetValueOrDefault(s.Key))),
            ]
        );
    }

    /// <summary>What keeps a use out of a slot, in words; null where it may lie there.</summary>
    public static Said? RuleAgainst(WeekPlan plan, int slot, Use use)
    {
        ArgumentNullException.ThrowIfNull(plan);
        return HardRule.Against(plan.State, slot, use)?.Why(plan.State, slot, use);
    }

    private static double[] ByAim(int[] was, IReadOnlyList<int> now, Func<int, int, double> change)
    {
        var sums = new double[4];
        for (var k = 0; k < was.Length; k++)
        {
            sums[k % 4] += change(was[k], now[k]);
        }

        return sums;
    }

    private static int[] Shares(WeekPlan plan) =>
        [.. Enumerable.Range(0, plan.Problem.ChildCount * 4).Select(k => plan.Share(k / 4, (Aim)(k % 4)))];

    private static Dictionary<string, int> StrandsMet(WeekPlan plan)
    {
        var met = new Dictionary<string, int>();
        for (var s = 0; s < Strand.All.Count; s++)
        {
            var strand = s;
            var uses = Enumerable
                .Range(0, plan.State.Uses.Count)
                .Where(slot =>
                    plan.State.Uses[slot] >= 0 && plan.Problem.Uses[plan.State.Uses[slot]].Strands.Contains(strand)
                )
                .Select(slot => (plan.Problem.Slots[slot].Day, Use: plan.Problem.Uses[plan.State.Uses[slot]]))
                .ToArray();
            var count = Enumerable
                .Range(0, plan.Problem.ChildCount)
                .Count(c => uses.Any(u => u.Use.Reach[c] && u.Use.On(u.Day).IsThere[c]));
            if (count > 0)
            {
                met[Strand.All[s].Id] = count;
            }
        }

        return met;
    }
}
