namespace Nido.Core.Week.Problem;

/// <summary>
/// Uses of one technique in one block that give every child the same dose: they differ in material only, so fair
/// shares cannot tell them apart. Choosing among ways instead of uses makes the model several times smaller
/// without losing any plan.
/// </summary>
/// <param name="Index">Index among the ways.</param>
/// <param name="Uses">The uses, in their order.</param>
public sealed record Way(int Index, IReadOnlyList<Use> Uses)
{
    /// <summary>Any of its uses: all count the same for fair shares.</summary>
    public Use Any => Uses[0];

    /// <summary>The ideas it draws from, by index, each once, ascending.</summary>
    public IReadOnlyList<int> Ideas { get; } = [.. Uses.Select(u => u.IdeaIndex).Distinct().Order()];

    /// <summary>All ways of a problem, in a fixed order.</summary>
    /// <param name="problem">The week.</param>
    /// <param name="apart">Materials by index that uses of one way must not differ in, as where money is counted; null
    /// for none.</param>
    public static IReadOnlyList<Way> Of(WeekProblem problem, IReadOnlySet<int>? apart = null) =>
        [
            .. problem
                .Uses.GroupBy(u =>
                    (
                        u.BlockIndex,
                        u.TechniqueIndex,
                        u.Adults,
                        Dose: string.Join(',', u.Dose[0]),
                        Days: string.Join(',', u.OnDay),
                        Takes: apart is null ? "" : Taken(u, apart)
                    )
                )
                .Select((g, i) => new Way(i, [.. g])),
        ];

    private static string Taken(Use use, IReadOnlySet<int> of) =>
        string.Join(
            ';',
            use.Days.Select(d =>
                string.Join(
                    ',',
                    d.Takes.Where(t => of.Contains(t.Material)).OrderBy(t => t.Material).Select(t => $"{t}")
                )
            )
        );
}
