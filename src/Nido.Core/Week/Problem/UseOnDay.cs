namespace Nido.Core.Week.Problem;

/// <summary>A use on one day: those who are there for it, and what they need of it. Days with the same children share
/// one.</summary>
/// <param name="Children">Those of the group who are there.</param>
/// <param name="IsThere">Child by child of the group: is there.</param>
/// <param name="Demand">What they take, in words.</param>
/// <param name="Takes">Material index and amount taken.</param>
/// <param name="Earlier">Ladders that children wait for here, with how many of them.</param>
public sealed record UseOnDay(
    IReadOnlyList<ChildAtIdea> Children,
    bool[] IsThere,
    IReadOnlyList<DemandLine> Demand,
    (int Material, double Amount)[] Takes,
    (int Ladder, int Children)[] Earlier
)
{
    /// <summary>How many of those there have it in reach.</summary>
    public int InReach { get; } = Children.Count(c => c.InReach);

    /// <summary>Day by day, those of the same children alike.</summary>
    internal static IReadOnlyList<UseOnDay> Of(
        UseFinder.Found found,
        Dictionary<string, int> materials,
        Func<string, int> ladder
    )
    {
        var of = new Dictionary<Wanted, UseOnDay>(ReferenceEqualityComparer.Instance);
        return
        [
            .. found.OnDay.Select(wanted =>
                of.TryGetValue(wanted, out var known)
                    ? known
                    : of[wanted] = new(
                        wanted.Children,
                        wanted.IsThere,
                        wanted.Demand,
                        [.. wanted.Demand.Select(l => (materials[l.Material.Id], l.Amount))],
                        [
                            .. wanted
                                .Children.Where(c => c.Waits is not null)
                                .GroupBy(c => c.Waits!.Earlier)
                                .Select(g => (ladder(g.Key), g.Count())),
                        ]
                    )
            ),
        ];
    }
}

/// <summary>What those who are there on a day want of an idea.</summary>
/// <param name="Children">Those of the group who are there.</param>
/// <param name="IsThere">Child by child of the group: is there.</param>
/// <param name="Demand">What they take, in words.</param>
internal sealed record Wanted(ChildAtIdea[] Children, bool[] IsThere, IReadOnlyList<DemandLine> Demand);
