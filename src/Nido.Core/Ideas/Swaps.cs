using Nido.Core.Cupboard;

namespace Nido.Core.Ideas;

/// <summary>Ideas with other materials in some of their roles.</summary>
public static class Swaps
{
    /// <summary>The ideas with the swaps that still apply; one whose role is bound otherwise by now is passed
    /// over.</summary>
    /// <param name="ideas">Ideas of the week.</param>
    /// <param name="swaps">Chosen for the week.</param>
    /// <param name="material">A material by its id, or null.</param>
    public static IReadOnlyList<Idea> Apply(
        IReadOnlyList<Idea> ideas,
        IReadOnlyCollection<Swap> swaps,
        Func<string, Material?> material
    )
    {
        if (swaps.Count == 0)
        {
            return ideas;
        }

        var byIdea = swaps.ToLookup(s => s.IdeaId);
        return
        [
            .. ideas.Select(idea =>
                byIdea[idea.Id].Aggregate(idea, (i, s) => material(s.To) is { } to ? With(i, s, to) : i)
            ),
        ];
    }

    /// <summary>An idea with one swap, at every step where the role is bound to what is swapped and the other meets the
    /// needs.</summary>
    public static Idea With(Idea idea, Swap swap, Material to)
    {
        ArgumentNullException.ThrowIfNull(idea);
        ArgumentNullException.ThrowIfNull(swap);
        return idea with { Steps = [.. idea.Steps.Select(s => With(idea, s, swap, to))] };
    }

    /// <summary>What a role asks at a step of an idea.</summary>
    public static RoleNeeds NeedsOf(Idea idea, IdeaStep step, Role role)
    {
        ArgumentNullException.ThrowIfNull(idea);
        ArgumentNullException.ThrowIfNull(step);
        ArgumentNullException.ThrowIfNull(role);
        return idea.Technique.Steps.First(s => s.Step == step.Number).Overrides.GetValueOrDefault(role.Name)
            ?? role.Needs;
    }

    /// <summary>Why a material cannot stand in a role at a step beside what is bound there already; null where it
    /// can.</summary>
    public static Said? Against(Idea idea, IdeaStep step, Role role, Material candidate, GoesWith goesWith)
    {
        ArgumentNullException.ThrowIfNull(goesWith);
        var needs = NeedsOf(idea, step, role);
        var other =
            needs.OpeningOverRole is { } name && step.Bindings.TryGetValue(name, out var o)
                ? o.Material.Width
                : (double?)null;
        return StandIns.Fails(candidate, needs, other)
            ?? idea.Technique.Roles.Select(r => NeedsAround(idea, step, role, r, candidate))
                .FirstOrDefault(f => f is not null)
            ?? idea.Technique.Pairs.Select(p =>
                    p.With == role.Name && step.Bindings.TryGetValue(p.On, out var on)
                        ? goesWith.Check(p.Kind, candidate, on.Material, StepCounts.BusiestJoint(step.Making))
                    : p.On == role.Name && step.Bindings.TryGetValue(p.With, out var with)
                        ? goesWith.Check(p.Kind, with.Material, candidate, StepCounts.BusiestJoint(step.Making))
                    : (Suits.Yes, null)
                )
                .FirstOrDefault(c => c.Suits == Suits.No)
                .Reason;
    }

    /// <summary>Whether what is bound to another role still holds the new material: a dish its piece.</summary>
    private static Said? NeedsAround(Idea idea, IdeaStep step, Role changed, Role around, Material candidate)
    {
        var needs = NeedsOf(idea, step, around);
        return needs.OpeningOverRole == changed.Name && step.Bindings.TryGetValue(around.Name, out var bound)
            ? StandIns.Fails(bound.Material, needs, candidate.Width)
            : null;
    }

    private static IdeaStep With(Idea idea, IdeaStep step, Swap swap, Material to)
    {
        var role = idea.Technique.Roles.FirstOrDefault(r => r.Name == swap.Role);
        if (
            role is null
            || !step.Bindings.TryGetValue(swap.Role, out var bound)
            || bound.Material.Id != swap.From
            || Against(idea, step, role, to, GoesWith.Nothing) is not null
        )
        {
            return step;
        }

        var bindings = step.Bindings.ToDictionary();
        bindings[swap.Role] = new StandIn(to, bound.Score, [$"instead of {bound.Material.Name} this week"]);
        return step.With(bindings, idea.Technique.Roles);
    }
}
