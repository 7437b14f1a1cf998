using Nido.Core.Cupboard;
using Nido.Core.Ideas;
using Nido.Core.Planning;
using Nido.Core.Planning.Allocation;

namespace Nido.Web.Cupboard;

/// <summary>Puts a sharing out of the cupboard beside the plan it changes.</summary>
public static class Sharing
{
    /// <summary>Solver work for each stage, in its deterministic seconds.</summary>
    public const double Work = 0.3;

    /// <summary>The placements after sharing out, with the result.</summary>
    public static (IReadOnlyList<Placement> After, AllocationResult Result) Out(WeekPlan plan, IReadOnlyList<Placement> placements, CancellationToken stop)
    {
        var allocation = new WeekAllocation(plan);
        var result = AllocationModel.Solve(allocation.Problem(), Work, stop);
        return (allocation.Apply(placements, result), result);
    }

    /// <summary>What it would change.</summary>
    public static SharingView Look(WeekPlan plan, IReadOnlyList<Placement> placements, CancellationToken stop)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var byId = plan.Problem.Input.Materials.ToDictionary(m => m.Id);
        var (after, result) = Out(plan, placements, stop);
        var then = Planned(plan, after, byId.GetValueOrDefault);
        var leads = placements.Zip(after).Where(x => x.First.IdeaId != x.Second.IdeaId).DistinctBy(x => x.First.IdeaId)
            .Select(x => (Was: IdeaOf(plan, x.First.IdeaId), Now: IdeaOf(plan, x.Second.IdeaId)))
            .Select(x => new SwapView(x.Was.Title, x.Was.Technique.Roles[0].Name, x.Was.Lead!.Name, x.Now.Lead!.Name));
        var others = result.Swaps.Distinct().Select(s => new SwapView(IdeaOf(plan, s.IdeaId).Title, s.Role, byId[s.From].Name, byId[s.To].Name));
        return new([.. leads.Concat(others).Distinct()], Sum(plan), Sum(then), result.Proven, Math.Round(100 * result.Gap, 1));
    }

    /// <summary>The plan with other placements, its ideas with their swaps.</summary>
    public static WeekPlan Planned(WeekPlan plan, IReadOnlyList<Placement> placements, Func<string, Material?> material)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var ideas = Swaps.Apply(plan.Problem.Input.BeforeSwaps ?? plan.Problem.Input.Ideas, [.. placements.SelectMany(p => p.Swaps).Distinct()], material);
        return new(WeekProblem.Build(plan.Problem.Input with { Ideas = ideas }).Problem, placements);
    }

    /// <summary>Why a swap cannot be; null where it can.</summary>
    public static string? Against(WeekPlan plan, Swap swap, Material to)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(swap);
        if (plan.Filled.Select(f => f.Use.Idea).FirstOrDefault(i => i.Id == swap.IdeaId) is not { } idea)
        {
            return "This idea does not lie out this week.";
        }

        if (idea.Technique.Roles.FirstOrDefault(r => r.Name == swap.Role) is not { } role)
        {
            return $"{idea.Title} has no role “{swap.Role}”; it has {string.Join(", ", idea.Technique.Roles.Select(r => r.Name))}.";
        }

        if (role == idea.Technique.Roles[0])
        {
            return "The leading material makes the idea what it is: take another idea from the bench instead.";
        }

        if (plan.Problem.Input.NeverOut.Contains(to.Id))
        {
            return $"{to.Name} lies out for nobody here: someone in the group must not meet it.";
        }

        var steps = idea.Steps.Where(s => s.Bindings.TryGetValue(role.Name, out var b) && b.Material.Id == swap.From).ToArray();
        return steps.Length == 0 ? $"{swap.From} is not bound there."
            : steps.Select(s => Swaps.Against(idea, s, role, to, plan.Problem.Input.GoesWith)).FirstOrDefault(a => a is not null);
    }

    /// <summary>The placements with a swap in every place of its idea; a swap back to the first material takes it out again.</summary>
    public static IReadOnlyList<Placement> With(IReadOnlyList<Placement> placements, Swap swap) =>
    [
        .. placements.Select(p => p.IdeaId != swap.IdeaId ? p : p with
        {
            Swaps = p.Swaps.FirstOrDefault(s => s.Role == swap.Role && s.To == swap.From) is { } old
                ? [.. p.Swaps.Where(s => s != old), .. old.From == swap.To ? (Swap[])[] : [old with { To = swap.To }]]
                : [.. p.Swaps, swap],
        }),
    ];

    private static Idea IdeaOf(WeekPlan plan, string id) => plan.Problem.Input.Ideas.First(i => i.Id == id);

    private static SharingSum Sum(WeekPlan plan)
    {
        var lines = plan.Materials();
        return new(lines.Sum(l => l.Cents), lines.Count(l => l.Packs > 0), lines.Count(l => l.IsToAsk));
    }
}
