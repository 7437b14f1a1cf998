using Nido.Core.Group;
using Nido.Core.Planning;
using Nido.Core.Safety;

namespace Nido.Core.Prep;

/// <summary>The preparation a plan asks for, evening by evening.</summary>
public static class PrepTasks
{
    /// <summary>
    /// Every task with the evening it must be done on: the evening of the working day before it is needed, earlier
    /// by a day for every 14 hours of waiting beyond one night.
    /// </summary>
    public static IReadOnlyList<PrepTask> Of(WeekPlan plan) =>
    [
        .. OfIdeas(plan).Concat(OfMaking(plan))
            .OrderBy(t => t.Evening).ThenBy(t => t.NeededOn).ThenBy(t => t.For, StringComparer.Ordinal).ThenBy(t => t.What, StringComparer.Ordinal),
    ];

    private static IEnumerable<PrepTask> OfIdeas(WeekPlan plan) => plan.Filled
        .SelectMany(f => f.Use.Idea.Technique.Prep.Select(p => (f.Use, Prep: p, On: plan.Problem.Days[f.Placement.Day].Date)))
        .Select(x => (x.Use, x.Prep, x.On, Cautions: plan.Problem.Input.Safety.CautionsFor(x.Prep.Actions, plan.Problem.Group, x.On)))
        .Select(x => new PrepTask(
            x.Use.Idea.Theme.Fill(x.Prep.What), x.Use.Idea.Title, x.Prep.Minutes, x.On,
            EveningFor(x.On, x.Prep.WaitHours, plan.Problem.Group.Days), x.Prep.WaitHours, IsForAdults(x.Prep.AdultOnly, x.Cautions), x.Cautions));

    /// <summary>What is missing and can be made, for the first day it is used.</summary>
    private static IEnumerable<PrepTask> OfMaking(WeekPlan plan) =>
        from line in plan.Materials()
        let make = line.Make
        where make is not null
        let first = plan.Problem.Days[line.ByDay.ToList().FindIndex(x => x > 0)].Date
        from step in make.Steps
        let cautions = plan.Problem.Input.Safety.CautionsFor(step.Recipe.Actions, plan.Problem.Group, first)
        let hours = (int)Math.Ceiling(make.WaitMinutes / 60.0)
        select new PrepTask(
            $"{step.Recipe.Do}: {step.Batches}×", $"{line.Lacking:0.##} {line.Material.Name}", Math.Max(1, (int)Math.Ceiling((step.Batches * step.Recipe.Minutes) - 1e-9)),
            first, EveningFor(first, hours, plan.Problem.Group.Days), hours, IsForAdults(step.Recipe.AdultOnly, cautions), cautions);

    private static bool IsForAdults(bool saidSo, IReadOnlyList<Finding> cautions) => saidSo || cautions.Any(c => c.Rule.Severity == Severity.AdultStep);

    /// <summary>The last evening on which work with a wait can be done for a day. A night counts 14 hours.</summary>
    public static DateOnly EveningFor(DateOnly neededOn, int waitHours, WeekDays workingDays)
    {
        var latest = neededOn.AddDays(-1 - Math.Max(0, (int)Math.Ceiling((waitHours - 14) / 24.0)));
        // On a day the group does not meet nobody is there to do it.
        for (var back = 0; back < 7 && !IsWorking(latest, workingDays); back++)
        {
            latest = latest.AddDays(-1);
        }

        return latest;
    }

    private static bool IsWorking(DateOnly date, WeekDays days) =>
        date.DayOfWeek != DayOfWeek.Sunday && days.HasFlag((WeekDays)(1 << ((int)date.DayOfWeek - 1)));
}
