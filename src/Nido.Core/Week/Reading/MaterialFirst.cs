using Nido.Core.Cupboard;
using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Reading;

/// <summary>"What can 60 lids do this week?": every idea a material can carry, ranked by the aims still open.</summary>
public static class MaterialFirst
{
    /// <summary>An idea the material can carry.</summary>
    /// <param name="Use">The idea in the block where it gives most.</param>
    /// <param name="Takes">Units of the material it takes on the day on which most children are there.</param>
    /// <param name="Enough">The amount is enough.</param>
    /// <param name="OpenMinutes">Useful minutes it would add where a child is still short of an aim.</param>
    /// <param name="Minutes">Useful minutes it gives in all, over all children.</param>
    public sealed record Carried(Use Use, double Takes, bool Enough, double OpenMinutes, double Minutes);

    /// <summary>Ideas that take some of a material, those that are enough first, then by what is still open.</summary>
    /// <param name="plan">The plan at hand.</param>
    /// <param name="material">The material.</param>
    /// <param name="amount">Units there are of it.</param>
    public static IReadOnlyList<Carried> Ideas(WeekPlan plan, Material material, double amount)
    {
        var index = plan.Problem.Materials.ToList().FindIndex(m => m.Id == material.Id);
        return
        [
            .. plan
                .Problem.Uses.Where(u => u.Fullest.Takes.Any(t => t.Material == index))
                .Select(u => Of(plan, u, u.Fullest.Takes.First(t => t.Material == index).Amount, amount))
                .GroupBy(c => c.Use.IdeaIndex)
                .Select(g => g.OrderByDescending(c => c.OpenMinutes).ThenByDescending(c => c.Minutes).First())
                .OrderByDescending(c => c.Enough)
                .ThenByDescending(c => c.OpenMinutes)
                .ThenByDescending(c => c.Minutes)
                .ThenBy(c => c.Use.Index),
        ];
    }

    private static Carried Of(WeekPlan plan, Use use, double takes, double amount)
    {
        var dose = use.Dose[^1];
        double open = 0,
            all = 0;
        for (var k = 0; k < dose.Length; k++)
        {
            if (!use.IsMetBy(k / 4))
            {
                continue;
            }

            open += Math.Min(dose[k], Math.Max(0, plan.Problem.Target[k] - plan.State.Dose[k]));
            all += dose[k];
        }

        return new(use, takes, takes <= amount + 1e-9, open / WeekProblem.PerMinute, all / WeekProblem.PerMinute);
    }
}
