using Nido.Core.Week.Problem;
using Nido.Core.Week.Search;

namespace Nido.Core.Week.Rules.Hard;

/// <summary>An idea lies out at most three times a week, if it is not one that stays.</summary>
internal sealed class ThreeTimesAWeek : HardRule
{
    /// <summary>How often one idea may lie out in a week.</summary>
    public const int Most = 3;

    public override bool Allows(PlanState plan, int slot, Use use) =>
        plan.Problem.MayStay(slot, use)
        || plan.LiesOut.Times(use.IdeaIndex)
            - (
                plan.At(slot) is { } here && here.IdeaIndex == use.IdeaIndex && !plan.Problem.MayStay(slot, here)
                    ? 1
                    : 0
            )
            < Most;

    public override Said Why(PlanState plan, int slot, Use use) => $"already {Most} times this week";

    public override IEnumerable<RuleRow> Rows(WeekWays ways)
    {
        var says = new Impossible(
            $"An idea at most {Most} times a week, if it is not one that stays",
            $"over the week",
            $"{InCupboard} for more ideas"
        );
        Way[] changing = [.. ways.All.Where(w => !w.Uses.Any(u => ways.Problem.Staying.Any(s => s.Has(u))))];
        var lies = ways
            .Cells.SelectMany(cell => ways.In(cell).Select(w => (Cell: cell, Way: w.Index)))
            .ToLookup(x => x.Way, x => x.Cell);
        // Of a set of ideas that some way draws from: all ways that draw from none other, as often as the ideas allow.
        foreach (var set in changing.Select(w => w.Ideas).DistinctBy(i => string.Join(',', i)))
        {
            var among = set.ToHashSet();
            RowTerm[] terms =
            [
                .. changing
                    .Where(w => w.Ideas.All(among.Contains))
                    .SelectMany(w => lies[w.Index].Select(cell => new RowTerm(cell, w.Index, 1))),
            ];
            if (terms.Length > Most * set.Count)
            {
                yield return new(says, terms, AtMost: Most * set.Count);
            }
        }
    }
}
