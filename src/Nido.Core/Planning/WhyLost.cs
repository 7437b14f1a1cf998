using Nido.Core.Ideas;
using Nido.Core.Safety;

namespace Nido.Core.Planning;

/// <summary>Says why an idea that was planned can no longer lie where it lay.</summary>
internal static class WhyLost
{
    public static LostPlacement Of(WeekProblem problem, Placement placement, int? slot)
    {
        var idea = problem.Input.Ideas.FirstOrDefault(i => i.Id == placement.IdeaId);
        if (slot is not { } at)
        {
            return new(placement, slot, idea?.Title ?? placement.IdeaId, "the week has no such place any more", []);
        }

        if (idea is null)
        {
            return new(placement, slot, placement.IdeaId, "the cupboard no longer carries it", []);
        }

        var (day, b, _) = problem.Slots[at];
        var block = problem.Blocks[b];
        if (!idea.Technique.Blocks.Contains(block.Kind))
        {
            return new(placement, slot, idea.Title, $"it does not suit {block.Name}", []);
        }

        if (!problem.IsOpen(at))
        {
            return new(placement, slot, idea.Title, "the house is closed then", []);
        }

        if (idea.Technique.DryWeather && !problem.Days[day].Dry)
        {
            return new(placement, slot, idea.Title, "it needs a dry day", []);
        }

        if (problem.Input.Happenings.FirstOrDefault(h => h.Kind == HappeningKind.MaterialGone && h.On(day) && idea.Steps.Any(s => s.Bindings.Values.Any(b => b.Material.Id == h.Subject))) is { } gone)
        {
            return new(placement, slot, idea.Title, $"{problem.Input.Materials.FirstOrDefault(m => m.Id == gone.Subject)?.Name ?? gone.Subject} is gone", []);
        }

        var barred = Barred(problem, idea, b, day);
        return barred.Count > 0
            ? new(placement, slot, idea.Title, string.Join("; ", barred.SelectMany(f => f.Why.Count > 0 ? f.Why : [f.Rule.Message])), barred)
            : new(placement, slot, idea.Title, "there is too little of what it needs, and no shop sells it", []);
    }

    /// <summary>The rules that keep every step of an idea from someone there, each once.</summary>
    private static IReadOnlyList<Finding> Barred(WeekProblem problem, Idea idea, int block, int day)
    {
        bool[] present = [.. problem.Present.Select(p => p[day])];
        return
        [
            .. idea.Steps
                .SelectMany(step => problem.Input.Safety.KeptOut(idea, step, problem.Blocks[block], problem.Group, problem.Days[day].Date, present))
                .Where((f, k) => f is not null && present[k % present.Length])
                .DistinctBy(f => f!.Rule.Id)
                .Select(f => f!),
        ];
    }
}
