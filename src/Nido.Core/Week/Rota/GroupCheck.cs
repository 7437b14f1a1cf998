using Nido.Core.Group;

namespace Nido.Core.Week.Rota;

/// <summary>What a way of grouping comes to, formed or set by hand.</summary>
/// <param name="AdultsNeeded">Whole adults for each group.</param>
/// <param name="Spread">Months between the lowest and the highest level in each group.</param>
/// <param name="Pairs">Where groups are mixed, younger with older in each; the middle one of an odd number is left
/// over.</param>
/// <param name="Problems">What does not hold, a sentence each.</param>
public sealed record GroupCheck(
    IReadOnlyList<int> AdultsNeeded,
    IReadOnlyList<double> Spread,
    IReadOnlyList<IReadOnlyList<(string Younger, string Older)>> Pairs,
    IReadOnlyList<Said> Problems
)
{
    /// <summary>Looks at groups.</summary>
    /// <param name="groups">Ids, a list a group.</param>
    /// <param name="members">Children there.</param>
    /// <param name="wishes">Together and apart.</param>
    /// <param name="adults">Adults there.</param>
    /// <param name="nameOf">Name of a child.</param>
    public static GroupCheck Of(
        IReadOnlyList<IReadOnlyList<string>> groups,
        IReadOnlyList<Member> members,
        IReadOnlyList<GroupingWish> wishes,
        int adults,
        Func<string, string> nameOf
    )
    {
        ArgumentNullException.ThrowIfNull(groups);
        ArgumentNullException.ThrowIfNull(nameOf);
        var byId = members.ToDictionary(m => m.ChildId);
        Member[][] all =
        [
            .. groups.Select(g => g.Where(byId.ContainsKey).Select(id => byId[id]).OrderBy(m => m.Level).ToArray()),
        ];
        int[] needed = [.. all.Select(g => (int)Math.Ceiling(g.Sum(m => m.AdultShare) - 1e-9))];
        int[] sizes = [.. all.Select(g => g.Length)];
        var groupOf = groups.SelectMany((g, i) => g.Select(id => (id, i))).ToDictionary(x => x.id, x => x.i);
        var problems = new List<Said>();
        if (sizes.Length > 0 && sizes.Max() - sizes.Min() > 1)
        {
            problems.Add($"the groups are of {sizes} children: sizes differ by {sizes.Max() - sizes.Min()}");
        }

        if (needed.Sum() > adults)
        {
            problems.Add(
                $"each group with its own adults needs {needed:+} = {needed.Sum()}, and {adults} are there; your licence decides"
            );
        }

        problems.AddRange(
            from wish in wishes
            where groupOf.ContainsKey(wish.ChildId) && groupOf.ContainsKey(wish.OtherId)
            where wish.Together != (groupOf[wish.ChildId] == groupOf[wish.OtherId])
            select (Said)
                $"{nameOf(wish.ChildId)} and {nameOf(wish.OtherId)} were to be {Said.Word(wish.Together ? "together" : "apart")}"
        );
        return new(
            needed,
            [.. all.Select(g => g.Length == 0 ? 0 : g[^1].Level - g[0].Level)],
            [
                .. all.Select(g =>
                    (IReadOnlyList<(string, string)>)
                        [.. Enumerable.Range(0, g.Length / 2).Select(k => (g[k].ChildId, g[g.Length - 1 - k].ChildId))]
                ),
            ],
            problems
        );
    }
}
