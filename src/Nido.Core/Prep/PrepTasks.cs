using Nido.Core.Making;
using Nido.Core.Safety;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;

namespace Nido.Core.Prep;

/// <summary>The preparation a plan asks for: of its theme, its ideas, what is made of other things, mixed, and
/// painted.</summary>
public static class PrepTasks
{
    /// <summary>Every task with the evening it is planned for, as <see cref="PrepSchedule"/> lays them.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="today">First evening still to come; null where that does not matter.</param>
    public static IReadOnlyList<PrepTask> Of(WeekPlan plan, DateOnly? today = null)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var tasks = OfTheme(plan).Concat(OfIdeas(plan)).Concat(OfSpares(plan)).ToList();
        foreach (var line in plan.Materials().Where(l => l.Lacking > 0))
        {
            tasks.AddRange(OfMaking(plan, line, tasks.Count));
            tasks.AddRange(OfMixing(plan, line));
        }

        var problem = plan.Problem;
        return PrepSchedule.Of(
            tasks,
            problem.Group.Settings.EveningPrepMinutes,
            problem.Group.Days,
            today,
            [.. problem.Days.Select(d => d.Date)]
        );
    }

    private static IEnumerable<PrepTask> OfTheme(WeekPlan plan) =>
        plan
            .Filled.Take(1)
            .SelectMany(f =>
                f.Use.Idea.Theme.Prep.Select(p => plan.Problem.Group.Settings.HasPrinter ? p.Printed() : p)
                    .Select(p =>
                        Task(
                            plan,
                            p.What,
                            f.Use.Idea.Theme.Name,
                            p.Minutes,
                            plan.Problem.FirstDay,
                            p.WaitHours,
                            p.AdultOnly,
                            p.Actions
                        ) with
                        {
                            KeepsDays = p.KeepsDays,
                            Spared = p.Spared,
                        }
                    )
            );

    private static IEnumerable<PrepTask> OfIdeas(WeekPlan plan) =>
        plan
            .Filled.Where(f => !IsLaidAlready(plan, f.Slot))
            .SelectMany(f =>
                f.Use.Idea.PrepIn(plan.Problem.Group.Settings)
                    .Select(p =>
                        Task(
                            plan,
                            f.Use.Idea.Theme.Fill(p.What),
                            f.Use.Idea.Title,
                            p.Minutes,
                            plan.Problem.Days[f.Placement.Day].Date,
                            p.WaitHours,
                            p.AdultOnly,
                            p.Actions
                        ) with
                        {
                            KeepsDays = p.KeepsDays,
                            Spared = p.Spared,
                        }
                    )
            );

    /// <summary>A tray that stays all week is laid on its first day.</summary>
    private static bool IsLaidAlready(WeekPlan plan, int slot) =>
        plan.Problem.StayingAt[slot] is { } stays
        && stays.All[0] != slot
        && plan.State.Uses[stays.All[0]] == plan.State.Uses[slot];

    /// <summary>Who was away when something was made gets a spare for the day it is used.</summary>
    private static IEnumerable<PrepTask> OfSpares(WeekPlan plan) =>
        from f in plan.Filled
        let made = ComesBack.Made(plan, f.Placement.Day, f.Use)
        where made is { NeedSpare.Count: > 0 }
        select Task(
            plan,
            $"A spare of \u201c{made.Value.Maker}\u201d for {made.Value.NeedSpare.Select(c => c.Name)}, "
                + $"not there on {plan.Problem.Days[made.Value.MadeOn].Day}",
            f.Use.Idea.Title,
            2 * made.Value.NeedSpare.Count,
            plan.Problem.Days[f.Placement.Day].Date,
            0,
            false,
            []
        );

    /// <summary>What is missing and can be made, for the first day it is used; a chain waits step by step.</summary>
    private static IEnumerable<PrepTask> OfMaking(WeekPlan plan, MaterialLine line, int first) =>
        (line.Make?.Steps ?? []).Select(
            (step, i) =>
                Task(
                    plan,
                    $"{step.Recipe.Do}: {step.Batches}×",
                    For(line),
                    (int)Math.Ceiling((step.Batches * step.Recipe.Minutes) - 1e-9),
                    FirstDay(plan, line),
                    (int)Math.Ceiling(step.Recipe.WaitMinutes / 60.0),
                    step.Recipe.AdultOnly,
                    step.Recipe.Actions
                ) with
                {
                    Before = i + 1 < line.Make!.Steps.Count ? first + i + 1 : null,
                    KeepsDays = plan.Problem.Input.Materials.FirstOrDefault(m => m.Id == step.Recipe.Makes)?.KeepsDays,
                }
        );

    /// <summary>
    /// What is mixed, in as many batches as it keeps: one for the days it is still good from the evening it is made on,
    /// another for
    /// the days after.
    /// </summary>
    private static IEnumerable<PrepTask> OfMixing(WeekPlan plan, MaterialLine line)
    {
        if (line.Mix is not { } mix)
        {
            yield break;
        }

        var days = plan.Problem.Days;
        int[] used = [.. Enumerable.Range(0, days.Count).Where(d => line.ByDay[d] > 0)];
        var wait = (int)Math.Ceiling(mix.Recipe.WaitMinutes / 60.0);
        for (var k = 0; k < used.Length; )
        {
            var first = days[used[k]].Date;
            var made = PrepSchedule.EveningFor(first, wait, plan.Problem.Group.Days);
            var last = k;
            while (
                last + 1 < used.Length && days[used[last + 1]].Date.DayNumber - made.DayNumber <= mix.Recipe.KeepsDays
            )
            {
                last++;
            }

            // What comes back after use is mixed whole each time; what is used up only for its days.
            var amount = line.Material.Consumable
                ? line.Lacking * used[k..(last + 1)].Sum(d => line.ByDay[d]) / used.Sum(d => line.ByDay[d])
                : line.Lacking;
            var batch = Mixing.ScaledTo(mix.Recipe, amount, plan.Problem.Input);
            yield return Task(
                plan,
                $"{mix.Recipe.Name}: {batch.Ingredients.Select(i => (Said)$"{i.ShownAmount:0.###} {Said.Word(i.Unit)} {i.Name}")}",
                For(line),
                mix.Recipe.Minutes,
                first,
                wait,
                mix.Recipe.AdultOnly,
                mix.Recipe.Actions
            ) with
            {
                KeepsDays = mix.Recipe.KeepsDays,
                NeededUntil = days[used[last]].Date,
            };
            k = last + 1;
        }
    }

    private static PrepTask Task(
        WeekPlan plan,
        Said what,
        Said why,
        int minutes,
        DateOnly neededOn,
        int waitHours,
        bool adultOnly,
        IReadOnlyList<string> actions
    )
    {
        var cautions = plan.Problem.Input.Safety.CautionsFor(actions, plan.Problem.Group, neededOn);
        return new(
            what,
            why,
            Math.Max(1, minutes),
            neededOn,
            neededOn,
            waitHours,
            adultOnly || cautions.Any(c => c.Rule.Severity == Severity.AdultStep),
            cautions
        );
    }

    private static Said For(MaterialLine line) => $"{line.Lacking:0.##} {line.Material.Name}";

    private static DateOnly FirstDay(WeekPlan plan, MaterialLine line) =>
        plan.Problem.Days[Math.Max(0, line.ByDay.ToList().FindIndex(x => x > 0))].Date;
}
