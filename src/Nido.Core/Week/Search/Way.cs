using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Search;

/// <summary>
/// Uses of one technique in one block that give every child the same dose: they differ in material only, so fair
/// shares cannot tell them apart. Choosing among ways instead of uses makes the model several times smaller
/// without losing any plan.
/// </summary>
/// <param name="Index">Index among the ways.</param>
/// <param name="Uses">The uses, in their order.</param>
/// <param name="Most">How often it may lie out in the week.</param>
public sealed record Way(int Index, IReadOnlyList<Use> Uses, int Most)
{
    /// <summary>Any of its uses: all count the same for fair shares.</summary>
    public Use Any => Uses[0];

    /// <summary>Its idea where it has only one, which then may lie out only so often; null where it has others to
    /// change with.</summary>
    public int? OnlyIdea { get; } = Uses.All(u => u.IdeaIndex == Uses[0].IdeaIndex) ? Uses[0].IdeaIndex : null;

    /// <summary>All ways of a problem, in a fixed order.</summary>
    public static IReadOnlyList<Way> Of(WeekProblem problem) =>
        [
            .. problem
                .Uses.GroupBy(u =>
                    (
                        u.BlockIndex,
                        u.TechniqueIndex,
                        u.Adults,
                        Dose: string.Join(',', u.Dose[0]),
                        Days: string.Join(',', u.OnDay)
                    )
                )
                .Select(
                    (g, i) =>
                        new Way(
                            i,
                            [.. g],
                            problem.Staying.Any(s => s.Choices.Any(u => g.Contains(u)))
                                ? problem.Days.Count
                                : Math.Min(
                                    problem.Days.Count,
                                    WeekProblem.MostPerIdea * g.Select(u => u.IdeaIndex).Distinct().Count()
                                )
                        )
                ),
        ];
}
