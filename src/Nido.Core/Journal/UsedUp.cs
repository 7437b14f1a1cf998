using Nido.Core.Cupboard;
using Nido.Core.Week.Reading;

namespace Nido.Core.Journal;

/// <summary>What a day used up of the cupboard, by the plan and by what went otherwise.</summary>
/// <param name="Material">A material that is used up.</param>
/// <param name="Amount">In its unit.</param>
public sealed record UsedUp(Material Material, double Amount)
{
    /// <summary>What is proposed for a day: what was laid out, less what was left out. What lay there instead of it is
    /// not known to the plan and is added by hand.</summary>
    public static IReadOnlyList<UsedUp> On(WeekPlan plan, IReadOnlyList<Otherwise> otherwise, int day)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(otherwise);
        bool WasLaid(string blockId, int offer) =>
            otherwise.Where(o => o.IsAbout(day, blockId, offer)).OrderBy(o => o.Offer is null).FirstOrDefault()
                is not { } note
            || (
                note.Kind != OtherwiseKind.Swapped
                && note.MinutesOf(plan.Problem.Blocks.First(b => b.Id == blockId)) > 0
            );
        return
        [
            .. plan
                .Filled.Where(f => f.Placement.Day == day && WasLaid(f.Placement.BlockId, f.Placement.Offer))
                .SelectMany(f => f.Use.On(day).Demand)
                .Where(d => d.Material.Consumable)
                .GroupBy(d => d.Material.Id)
                .Select(g => new UsedUp(g.First().Material, g.Sum(d => d.Amount)))
                .OrderBy(u => u.Material.Name.En, StringComparer.Ordinal),
        ];
    }
}
