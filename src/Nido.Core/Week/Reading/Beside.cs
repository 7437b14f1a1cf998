using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Reading;

/// <summary>Who of the adults is beside which offer.</summary>
public static class Beside
{
    /// <summary>
    /// Names of the adults counted to an offer: those who are there are given to the offers that ask for one, in the
    /// order in which
    /// adults and offers stand. Fewer than it asks where there are too few.
    /// </summary>
    public static IReadOnlyList<string> Of(WeekPlan plan, Placement placement)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(placement);
        var block = plan.Problem.Blocks.FirstOrDefault(b => b.Id == placement.BlockId);
        if (block is null || placement.Day >= plan.Problem.Days.Count)
        {
            return [];
        }

        var happenings = plan.Problem.Input.CameUp;
        string[] there =
        [
            .. plan
                .Problem.Group.Adults.Where(a =>
                    a.IsThere(plan.Problem.Days[placement.Day].Day, block)
                    && !happenings.Any(h => h.Kind == CameUpKind.AdultAway && h.Subject == a.Id && h.On(placement.Day))
                )
                .Select(a => a.Name),
        ];
        var before = plan
            .Filled.Where(f =>
                f.Placement.Day == placement.Day
                && f.Placement.BlockId == placement.BlockId
                && f.Placement.Offer < placement.Offer
            )
            .Sum(f => f.Use.Adults);
        var asked = plan
            .Filled.Where(f =>
                f.Placement.Day == placement.Day
                && f.Placement.BlockId == placement.BlockId
                && f.Placement.Offer == placement.Offer
            )
            .Sum(f => f.Use.Adults);
        return [.. there.Skip(before).Take(asked)];
    }
}
