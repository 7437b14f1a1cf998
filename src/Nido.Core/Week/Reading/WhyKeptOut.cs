using Nido.Core.Week.Problem;
using Nido.Core.Week.Rules.Hard;

namespace Nido.Core.Week.Reading;

/// <summary>Says why an idea that was planned can no longer lie where it lay.</summary>
internal static class WhyKeptOut
{
    public static KeptOutPlacement Of(WeekProblem problem, Placement placement, int? slot)
    {
        var idea = problem.Input.Ideas.FirstOrDefault(i => i.Id == placement.IdeaId);
        if (slot is not { } at)
        {
            return new(
                placement,
                slot,
                idea?.Title ?? InBoth.Same(placement.Words ?? placement.IdeaId),
                $"the week has no such place any more",
                []
            );
        }

        if (idea is null)
        {
            return new(placement, slot, Said.Name(placement.IdeaId), $"the cupboard no longer carries it", []);
        }

        var (day, b, _) = problem.Slots[at];
        var block = problem.Blocks[b];
        if (!idea.Technique.Blocks.Contains(block.Kind))
        {
            return new(placement, slot, idea.Title, $"it does not suit {block.Name}", []);
        }

        var rule = DayRule.OfTheDay.FirstOrDefault(r => !r.Holds(problem, idea, b, day)) ?? DayRule.OfTheDay[^1];
        return new(
            placement,
            slot,
            idea.Title,
            rule.Why(problem, idea, b, day),
            rule is MayBeMet ? MayBeMet.KeptOut(problem, idea, b, day) : []
        );
    }
}
