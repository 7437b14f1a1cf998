using Nido.Core.Cupboard;
using Nido.Core.Ideas;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;

namespace Nido.Core.Week.Sharing;

/// <summary>Whether one material can take another's place in an idea of a week. What is offered and what is taken ask
/// the same.</summary>
public static class SwapInWeek
{
    /// <summary>Why a swap cannot be; null where it can.</summary>
    /// <param name="plan">The week.</param>
    /// <param name="swap">What for what.</param>
    /// <param name="to">The material that comes.</param>
    public static Said? Against(WeekPlan plan, Swap swap, Material to)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(swap);
        ArgumentNullException.ThrowIfNull(to);
        if (plan.Filled.Select(f => f.Use.Idea).FirstOrDefault(i => i.Id == swap.IdeaId) is not { } idea)
        {
            return $"This idea does not lie out this week.";
        }

        if (idea.Technique.Roles.FirstOrDefault(r => r.Name == swap.Role) is not { } role)
        {
            return $"{idea.Title} has no role “{swap.Role}”; it has {idea.Technique.Roles.Select(r => r.Name)}.";
        }

        if (role == idea.Technique.Roles[0])
        {
            return $"The leading material makes the idea what it is: take another idea from the bench instead.";
        }

        if (plan.Problem.Input.NeverOut.Contains(to.Id))
        {
            return $"{to.Name} lies out for nobody here: someone in the group must not meet it.";
        }

        var steps = idea
            .Steps.Where(s => s.Bindings.TryGetValue(role.Name, out var b) && b.Material.Id == swap.From)
            .ToArray();
        return steps.Length == 0
            ? $"{swap.From} is not bound there."
            : steps
                .Select(s => Swaps.Against(idea, s, role, to, plan.Problem.Input.GoesWith))
                .FirstOrDefault(a => a is not null)
                ?? InPlace(plan, idea, swap, to);
    }

    /// <summary>Whether the idea may still lie wherever it lies: enough of it there or for sale, and not kept out by a
    /// rule.</summary>
    private static Said? InPlace(WeekPlan plan, Idea idea, Swap swap, Material to)
    {
        var (found, keptOut) = new UseFinder(plan.Problem).Of(Swaps.With(idea, swap, to), -1);
        var stays = plan
            .Filled.Where(f => f.Use.Idea.Id == idea.Id)
            .All(f =>
                found.Any(x => plan.Problem.Blocks[x.BlockIndex].Id == f.Placement.BlockId && x.Days[f.Placement.Day])
            );
        return stays ? null
            : keptOut is not null ? (Said)$"{keptOut.Rule.Message} ({keptOut.Why:;})"
            : $"There are too few {to.Name} for everyone who works there, and no shop sells them.";
    }
}
