using Nido.Core.Ideas;
using Nido.Core.Ideas.SetUps;
using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Reading;

/// <summary>How the ideas of a plan lie before a child.</summary>
public static class SetUpOfPlan
{
    /// <summary>The set-up of a step in a plan, on the trays its cupboard has; null where it does not lie on a
    /// table.</summary>
    public static SetUp? Of(WeekPlan plan, Idea idea, IdeaStep step)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var input = plan.Problem.Input;
        var tray = input.Materials.FirstOrDefault(m =>
            m.Tags.Contains("tray") && m.Tags.Contains("flat") && input.OnHand.GetValueOrDefault(m.Id) > 0
        );
        return SettingUp.Of(idea, step, tray);
    }

    /// <summary>The step at which most children work on the fullest day, the lower of two: the one that is laid out first.
    /// Null where nobody works.</summary>
    public static IdeaStep? StepOfMost(Use use, int? day = null)
    {
        ArgumentNullException.ThrowIfNull(use);
        var on = day is { } that ? use.On(that) : use.Fullest;
        return on
            .Children.Where(c => c.InReach)
            .GroupBy(c => c.Offer!.Step)
            .OrderByDescending(g => g.Count())
            .ThenBy(g => g.Key)
            .Select(g => use.Idea.Steps.FirstOrDefault(s => s.Number == g.Key))
            .FirstOrDefault();
    }
}
