using Nido.Core.Cupboard;
using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Reading;

/// <summary>The one thing that would help a cupboard most: with it, most ways of working could be laid out that lack nothing
/// else.</summary>
/// <param name="Material">The thing.</param>
/// <param name="Amount">As much as the way that takes least of it, in its unit.</param>
/// <param name="Ways">Ways of working it opens.</param>
public sealed record OneThing(Material Material, double Amount, int Ways)
{
    /// <summary>The thing, of those that open alike many ways the cheapest; null where no single thing opens one.</summary>
    /// <param name="problem">The week.</param>
    public static OneThing? Of(WeekProblem problem)
    {
        ArgumentNullException.ThrowIfNull(problem);
        var uses = problem.Uses.Where(u => u.OnDay.Contains(true)).Select(u => (Use: u, Lacking: Lacking(problem, u)));
        var byWay = uses.ToLookup(x => x.Use.TechniqueIndex);
        return byWay
            .Where(way => way.All(x => x.Lacking.Length > 0))
            .SelectMany(way =>
                way.Where(x => x.Lacking.Length == 1)
                    .GroupBy(x => x.Lacking[0].Material)
                    .Select(g => (Material: g.Key, Amount: g.Min(x => x.Lacking[0].Amount)))
            )
            .GroupBy(x => x.Material)
            .Select(g => new OneThing(problem.Materials[g.Key], g.Min(x => x.Amount), g.Count()))
            .OrderByDescending(x => x.Ways)
            .ThenBy(x => x.Material.PackCents ?? int.MaxValue)
            .ThenBy(x => x.Material.Id, StringComparer.Ordinal)
            .FirstOrDefault();
    }

    /// <summary>What a use lacks on the day most children are there for it: more of it is taken than is on hand, and it cannot be
    /// made.</summary>
    private static (int Material, double Amount)[] Lacking(WeekProblem problem, Use use) =>
        [.. use.Fullest.Takes.Where(t => t.Amount > problem.OnHand[t.Material] && problem.Makes[t.Material] is null)];
}
