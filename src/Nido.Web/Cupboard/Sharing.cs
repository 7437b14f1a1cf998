using Nido.Core.Cupboard;
using Nido.Core.Ideas;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Core.Week.Sharing;

namespace Nido.Web.Cupboard;

/// <summary>Puts a sharing out of the cupboard beside the plan it changes.</summary>
public static class Sharing
{
    /// <summary>Solver work for each stage, in its deterministic seconds.</summary>
    public const double Work = 0.3;

    private const int LooksAtWhatIsKept = 3;

    /// <summary>The placements after sharing out, with the result.</summary>
    public static (IReadOnlyList<Placement> After, SharingResult Result) Out(
        WeekPlan plan,
        IReadOnlyList<Placement> placements,
        CancellationToken stop
    )
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(placements);
        var allocation = new WeekSharing(plan);
        var result = SharingModel.Solve(allocation.Problem(), Work, stop);
        return (Kept(plan, placements, allocation.Apply(placements, result)), result);
    }

    /// <summary>
    /// What was shared out, but for ideas that could not lie where they lie with it: each swap was looked at by itself,
    /// and two
    /// together may ask for more of one thing than there is.
    /// </summary>
    private static IReadOnlyList<Placement> Kept(
        WeekPlan plan,
        IReadOnlyList<Placement> before,
        IReadOnlyList<Placement> after
    )
    {
        var byId = plan.Problem.Input.Materials.ToDictionary(m => m.Id);
        var broken = plan.State.Score().Broken;
        for (var look = 0; look < LooksAtWhatIsKept; look++)
        {
            var then = Planned(plan, after, byId.GetValueOrDefault);
            if (then.State.Score().Broken <= broken)
            {
                return after;
            }

            var lost = then.Lost.Select(l => l.Placement.IdeaId).ToHashSet();
            after = [.. before.Zip(after, (was, now) => lost.Contains(now.IdeaId) ? was : now)];
        }

        return before;
    }

    /// <summary>What it would change.</summary>
    public static SharingView Look(WeekPlan plan, IReadOnlyList<Placement> placements, CancellationToken stop)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var byId = plan.Problem.Input.Materials.ToDictionary(m => m.Id);
        var (after, result) = Out(plan, placements, stop);
        var then = Planned(plan, after, byId.GetValueOrDefault);
        var leads = placements
            .Zip(after)
            .Where(x => x.First.IdeaId != x.Second.IdeaId)
            .DistinctBy(x => x.First.IdeaId)
            .Select(x => (Was: IdeaOf(plan, x.First.IdeaId), Now: IdeaOf(plan, x.Second.IdeaId)))
            .Select(x => new SwapView(x.Was.Title, x.Was.Technique.Roles[0].Name, x.Was.Lead!.Name, x.Now.Lead!.Name));
        var others = result
            .Swaps.Distinct()
            .Select(s => new SwapView(IdeaOf(plan, s.IdeaId).Title, s.Role, byId[s.From].Name, byId[s.To].Name));
        return new(
            [.. leads.Concat(others).Distinct()],
            Sum(plan),
            Sum(then),
            result.Proven,
            Math.Round(100 * result.Gap, 1)
        );
    }

    /// <summary>The plan with other placements, its ideas with their swaps.</summary>
    public static WeekPlan Planned(WeekPlan plan, IReadOnlyList<Placement> placements, Func<string, Material?> material)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var ideas = Swaps.Apply(
            plan.Problem.Input.BeforeSwaps ?? plan.Problem.Input.Ideas,
            [.. placements.SelectMany(p => p.Swaps).Distinct()],
            material
        );
        return new(WeekProblem.Build(plan.Problem.Input with { Ideas = ideas }).Problem, placements);
    }

    /// <summary>The placements with a swap in every place of its idea; a swap back to the first material takes it out
    /// again.</summary>
    public static IReadOnlyList<Placement> With(IReadOnlyList<Placement> placements, Swap swap) =>
        [
            .. placements.Select(p =>
                p.IdeaId != swap.IdeaId
                    ? p
                    : p with
                    {
                        Swaps = p.Swaps.FirstOrDefault(s => s.Role == swap.Role && s.To == swap.From) is { } old
                            ?
                            [
                                .. p.Swaps.Where(s => s != old),
                                .. old.From == swap.To ? (Swap[])[] : [old with { To = swap.To }],
                            ]
                            : [.. p.Swaps, swap],
                    }
            ),
        ];

    private static Idea IdeaOf(WeekPlan plan, string id) => plan.Problem.Input.Ideas.First(i => i.Id == id);

    private static SharingSum Sum(WeekPlan plan)
    {
        var lines = plan.Materials();
        return new(lines.Sum(l => l.Cents), lines.Count(l => l.Packs > 0), lines.Count(l => l.IsToAsk));
    }
}
