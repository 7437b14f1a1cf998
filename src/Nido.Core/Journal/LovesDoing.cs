namespace Nido.Core.Journal;

/// <summary>What a child stays at longest of its own choice.</summary>
/// <param name="IdeaId">The idea.</param>
/// <param name="Minutes">Minutes in all.</param>
/// <param name="Times">How often.</param>
public sealed record LovesDoing(string IdeaId, int Minutes, int Times)
{
    /// <summary>The two it stayed at longest, by the minutes somebody looked at; fewer where fewer were.</summary>
    /// <param name="seen">Observations of one child.</param>
    public static IReadOnlyList<LovesDoing> Two(IEnumerable<Group.Steps.Observation> seen) =>
        [
            .. seen.Where(o => o.IdeaId.Length > 0 && o.Minutes > 0)
                .GroupBy(o => Ideas.Idea.TechniqueOf(o.IdeaId))
                .Select(g => new LovesDoing(
                    g.OrderByDescending(o => o.On).First().IdeaId,
                    g.Sum(o => o.Minutes!.Value),
                    g.Count()
                ))
                .OrderByDescending(l => l.Minutes / (double)l.Times)
                .ThenBy(l => l.IdeaId, StringComparer.Ordinal)
                .Take(2),
        ];
}
