using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Search.Columns;

/// <summary>What may stay in a block all week: each choice is a set of ways, one for each offer that stays.</summary>
/// <param name="Block">Index of the block.</param>
/// <param name="Cells">Its cells on the days it takes place.</param>
/// <param name="Choices">Ways by index.</param>
internal sealed record StayingChoices(int Block, IReadOnlyList<int> Cells, IReadOnlyList<int[]> Choices)
{
    /// <summary>
    /// More choices than this are not gone through one by one; then fewer offers are held to stay, and the bound is
    /// still one.
    /// </summary>
    private const int Most = 400;

    /// <summary>Those of a week, block by block.</summary>
    public static IEnumerable<StayingChoices> Of(WeekProblem problem, IReadOnlyList<Way> ways)
    {
        foreach (var offers in problem.Staying.GroupBy(s => s.Block))
        {
            List<int[]> choices =
            [
                [],
            ];
            foreach (var offer in offers)
            {
                int[] may = [.. ways.Where(w => w.Uses.Any(offer.Choices.Contains)).Select(w => w.Index)];
                List<int[]> longer =
                [
                    .. (
                        from choice in choices
                        from w in may
                        where choice.All(c => ways[c].Any.TechniqueIndex != ways[w].Any.TechniqueIndex)
                        select (int[])[.. choice.Append(w).Order()]
                    )
                        .DistinctBy(c => string.Join(',', c))
                        .Take(Most + 1),
                ];
                if (longer.Count > Most || longer.Count == 0)
                {
                    break;
                }

                choices = longer;
            }

            if (choices.Count > 1 || choices[0].Length > 0)
            {
                var days = Enumerable
                    .Range(0, problem.Days.Count)
                    .Where(d => problem.Attendance.TakesPlace(d, offers.Key));
                yield return new(offers.Key, [.. days.Select(d => problem.CellAt(d, offers.Key))], choices);
            }
        }
    }
}
