using Nido.Core.Group;
using Nido.Core.Ideas;
using Nido.Core.Week.Reading;

namespace Nido.Core.Week.Problem;

/// <summary>What goes from one day of a week to a later one: practice a step further, and things made to be
/// used.</summary>
public static class ComesBack
{
    /// <summary>
    /// Where graded practice comes back in the week: the children who met it before, each with the step to try if the
    /// last time
    /// went alone. Empty where it lies out for the first time.
    /// </summary>
    /// <param name="plan">The plan.</param>
    /// <param name="day">Index of the day it comes back.</param>
    /// <param name="use">What comes back.</param>
    public static IReadOnlyList<(Child Child, IdeaStep Step)> StepUp(WeekPlan plan, int day, Use use)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(use);
        if (
            !use.Idea.Technique.Approaches.Contains(Approach.GradedPractice)
            || plan.Problem.Group.Settings.Approaches.GetValueOrDefault(Approach.GradedPractice) == 0
        )
        {
            return [];
        }

        var before = plan
            .Filled.Where(f => f.Placement.Day < day && f.Use.TechniqueIndex == use.TechniqueIndex)
            .ToArray();
        return
        [
            .. from x in use.Children.Select((at, c) => (at, c))
            where
                x.at.InReach
                && use.On(day).IsThere[x.c]
                && before.Any(f => f.Use.Reach[x.c] && f.Use.On(f.Placement.Day).IsThere[x.c])
            let next = use.Idea.Steps.FirstOrDefault(s => s.Number > x.at.Offer!.Step)
            where next is not null
            select (x.at.Child, next),
        ];
    }

    /// <summary>The day on which what an idea is done with was made last, and who was away then and needs a spare; null
    /// where nothing is needed or nobody made it.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="day">Index of the day it is used.</param>
    /// <param name="use">What uses it.</param>
    public static (int MadeOn, InBoth Maker, IReadOnlyList<Child> NeedSpare)? Made(WeekPlan plan, int day, Use use)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(use);
        if (use.Idea.Technique.MadeBy is not { } maker)
        {
            return null;
        }

        var made = plan.Filled.Where(f => f.Use.Idea.Technique.Id == maker && f.Placement.Day < day).ToArray();
        return made.Length == 0
            ? null
            : (
                made[^1].Placement.Day,
                made[^1].Use.Idea.Title,
                [
                    .. use
                        .Children.Where(
                            (at, c) =>
                                at.InReach
                                && use.On(day).IsThere[c]
                                && !made.Any(f => f.Use.Reach[c] && f.Use.On(f.Placement.Day).IsThere[c])
                        )
                        .Select(at => at.Child),
                ]
            );
    }
}
