using Nido.Core.Ideas;
using Nido.Core.Safety;
using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Reading;

/// <summary>Says why an idea that was planned can no longer lie where it lay.</summary>
internal static class WhyKeptOut
{
    public static KeptOutPlacement Of(WeekProblem problem, Placement placement, int? slot)
    {
        var idea = problem.Input.Ideas.FirstOrDefault(i => i.Id == placement.IdeaId);
        if (slot is not { } at)
        {
            return new(placement, slot, idea?.Title ?? placement.IdeaId, $"the week has no such place any more", []);
        }

        if (idea is null)
        {
            return new(placement, slot, placement.IdeaId, $"the cupboard no longer carries it", []);
        }

        var (day, b, _) = problem.Slots[at];
        var block = problem.Blocks[b];
        if (!idea.Technique.Blocks.Contains(block.Kind))
        {
            return new(placement, slot, idea.Title, $"it does not suit {block.Name}", []);
        }

        if (!problem.IsOpen(at))
        {
            return new(
                placement,
                slot,
                idea.Title,
                problem.Attendance.IsClosed(day, b) ? (Said)$"the house is closed then" : $"nobody comes then",
                []
            );
        }

        if (idea.Technique.DryWeather && !problem.Days[day].Dry)
        {
            return new(placement, slot, idea.Title, $"it needs a dry day", []);
        }

        if (
            problem.Input.CameUp.FirstOrDefault(h =>
                h.Kind == CameUpKind.MaterialGone
                && h.On(day)
                && idea.Steps.Any(s => s.Bindings.Values.Any(b => b.Material.Id == h.Subject))
            ) is
            { } gone
        )
        {
            return new(
                placement,
                slot,
                idea.Title,
                $"{problem.Input.Materials.FirstOrDefault(m => m.Id == gone.Subject)?.Name ?? gone.Subject} is gone",
                []
            );
        }

        var keptOut = KeptOut(problem, idea, b, day);
        return keptOut.Count > 0
            ? new(
                placement,
                slot,
                idea.Title,
                Said.Join("; ", keptOut.SelectMany(f => f.Why.Count > 0 ? f.Why : [Said.Word(f.Rule.Message)])),
                keptOut
            )
            : new(placement, slot, idea.Title, $"there is too little of what it needs, and no shop sells it", []);
    }

    /// <summary>
    /// The rules that keep an idea from everyone there, each once; none where somebody there could do it at some step,
    /// because then it
    /// is not for a rule that it does not lie out.
    /// </summary>
    private static IReadOnlyList<Finding> KeptOut(WeekProblem problem, Idea idea, int block, int day)
    {
        bool[] present = problem.Attendance.In(day, block);
        Finding?[][] bySteps =
        [
            .. idea.Steps.Select(step =>
                problem
                    .Input.Safety.KeptOut(
                        idea,
                        step,
                        problem.Blocks[block],
                        problem.Group,
                        problem.Days[day].Date,
                        present
                    )
                    .ToArray()
            ),
        ];
        var children = Enumerable.Range(0, present.Length).Where(c => present[c]).ToArray();
        return children.Any(c => bySteps.Any(s => s[c] is null))
            ? []
            : [.. children.SelectMany(c => bySteps.Select(s => s[c]!)).DistinctBy(f => f.Rule.Id)];
    }
}
