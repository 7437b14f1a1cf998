using Nido.Core.Group;

namespace Nido.Core.Prep;

/// <summary>
/// Lays work on evenings from the back: each task on the last evening that leaves time for its wait and has room. What
/// follows a task is laid first, so that a chain keeps its order.
/// </summary>
public static class PrepSchedule
{
    /// <summary>A night counts so many hours of drying.</summary>
    private const int Night = 14;

    /// <summary>Evenings looked back over before the first day something is needed.</summary>
    private const int DaysBack = 14;

    /// <summary>The tasks with their evenings, in the order of the evenings.</summary>
    /// <param name="tasks">Tasks; <see cref="PrepTask.Before"/> names what follows one by its place in this
    /// list.</param>
    /// <param name="capacity">Minutes an evening holds.</param>
    /// <param name="days">Days on which somebody is there.</param>
    /// <param name="today">First evening that is still to come; null where that does not matter.</param>
    /// <param name="meets">Days of the week that is prepared.</param>
    public static IReadOnlyList<PrepTask> Of(
        IReadOnlyList<PrepTask> tasks,
        int capacity,
        WeekDays days,
        DateOnly? today,
        IReadOnlyList<DateOnly> meets
    )
    {
        ArgumentNullException.ThrowIfNull(tasks);
        var latest = Enumerable.Range(0, tasks.Count).Select(k => LatestOf(tasks, k, days)).ToArray();
        var evening = new DateOnly[tasks.Count];
        var morning = new bool[tasks.Count];
        var full = new Dictionary<DateOnly, int>();
        // What follows first; of the rest, what has least choice, the longest first.
        foreach (
            var k in Enumerable
                .Range(0, tasks.Count)
                .OrderBy(k => DepthOf(tasks, k))
                .ThenByDescending(k => latest[k])
                .ThenByDescending(k => tasks[k].Minutes)
                .ThenBy(k => k)
        )
        {
            var last = tasks[k].Before is { } next
                ? Earlier(latest[k], BackFrom(evening[next], tasks[k].WaitHours, days))
                : latest[k];
            if (IsForTheMorning(tasks[k], last))
            {
                (evening[k], morning[k]) = (tasks[k].NeededOn, true);
                continue;
            }

            evening[k] = Evening(tasks[k], last, capacity, days, today, full);
            full[evening[k]] = full.GetValueOrDefault(evening[k]) + tasks[k].Minutes;
        }

        var critical = CriticalPath(tasks, latest);
        var laid = tasks
            .Select(
                (t, k) =>
                    (
                        Number: k,
                        Task: t with
                        {
                            Evening = evening[k],
                            Latest = morning[k] ? t.NeededOn : latest[k],
                            IsCritical = critical.Contains(k),
                            InTheMorning = morning[k],
                            TooLate =
                                today is { } now && latest[k] < now && !morning[k] ? WayOut(t, now, days, meets) : null,
                        }
                    )
            )
            .OrderBy(x => x.Task.Evening)
            .ThenBy(x => !x.Task.InTheMorning)
            .ThenBy(x => x.Task.NeededOn)
            .ThenBy(x => -DepthOf(tasks, x.Number))
            .ThenBy(x => x.Task.For.ToString(), StringComparer.Ordinal)
            .ThenBy(x => x.Task.What.ToString(), StringComparer.Ordinal)
            .ToArray();
        var placeOf = laid.Select((x, place) => (x.Number, place)).ToDictionary(x => x.Number, x => x.place);
        return [.. laid.Select(x => x.Task with { Before = x.Task.Before is { } next ? placeOf[next] : null })];
    }

    /// <summary>The last evening on which work with a wait can be done for a day. A night counts 14 hours.</summary>
    public static DateOnly EveningFor(DateOnly neededOn, int waitHours, WeekDays workingDays) =>
        OnOrBefore(neededOn.AddDays(-1 - Math.Max(0, (int)Math.Ceiling((waitHours - Night) / 24.0))), workingDays);

    /// <summary>The last evening before another for work whose wait must be over by then: the same one where there is
    /// hardly any.</summary>
    private static DateOnly BackFrom(DateOnly next, int waitHours, WeekDays days) =>
        OnOrBefore(next.AddDays(waitHours <= 1 ? 0 : -(int)Math.Ceiling(waitHours / 24.0)), days);

    private static DateOnly LatestOf(IReadOnlyList<PrepTask> tasks, int k, WeekDays days) =>
        tasks[k].Before is { } next
            ? BackFrom(LatestOf(tasks, next, days), tasks[k].WaitHours, days)
            : EveningFor(tasks[k].NeededOn, tasks[k].WaitHours, days);

    /// <summary>How many tasks follow one.</summary>
    private static int DepthOf(IReadOnlyList<PrepTask> tasks, int k) =>
        tasks[k].Before is { } next ? 1 + DepthOf(tasks, next) : 0;

    /// <summary>Whether what is done on the last evening there is would not keep until the day: from Friday to Monday,
    /// most often.</summary>
    private static bool IsForTheMorning(PrepTask task, DateOnly last) =>
        task.KeepsDays is { } keeps && task.WaitHours == 0 && task.NeededOn.DayNumber - last.DayNumber > keeps;

    /// <summary>The last evening with room from which the result keeps; where none has, the last of all, and that
    /// evening is fuller than it should be.</summary>
    private static DateOnly Evening(
        PrepTask task,
        DateOnly last,
        int capacity,
        WeekDays days,
        DateOnly? today,
        Dictionary<DateOnly, int> full
    )
    {
        var minutes = task.Minutes;
        var keepsFrom = task.KeepsDays is { } keeps ? task.NeededUntil.AddDays(-keeps) : DateOnly.MinValue;
        var first = Later(today ?? last.AddDays(-DaysBack), keepsFrom < last ? keepsFrom : last);
        if (last < first)
        {
            return first;
        }

        for (
            var evening = last;
            evening >= first && evening >= last.AddDays(-DaysBack);
            evening = OnOrBefore(evening.AddDays(-1), days)
        )
        {
            var there = full.GetValueOrDefault(evening);
            // A task longer than an evening has one to itself.
            if (there + minutes <= capacity || (there == 0 && minutes > capacity))
            {
                return evening;
            }
        }

        return last;
    }

    /// <summary>The chain whose first task must be begun before all others; of two, the longer.</summary>
    private static HashSet<int> CriticalPath(IReadOnlyList<PrepTask> tasks, DateOnly[] latest)
    {
        var follows = tasks.Select(t => t.Before).OfType<int>().ToHashSet();
        var chains = Enumerable.Range(0, tasks.Count).Where(k => !follows.Contains(k)).Select(k => Chain(tasks, k));
        var first = chains
            .OrderBy(c => latest[c[0]])
            .ThenByDescending(c => c.Sum(k => tasks[k].Minutes))
            .FirstOrDefault();
        return [.. first ?? []];
    }

    private static int[] Chain(IReadOnlyList<PrepTask> tasks, int k) =>
        tasks[k].Before is { } next ? [k, .. Chain(tasks, next)] : [k];

    /// <summary>The first day of the week for which there would still be time.</summary>
    private static Said WayOut(PrepTask task, DateOnly today, WeekDays days, IReadOnlyList<DateOnly> meets)
    {
        var still = meets
            .Where(d => d > task.NeededOn && EveningFor(d, task.WaitHours, days) >= today)
            .Take(1)
            .ToArray();
        return still.Length > 0
            ? Said.That(
                $"Too late for {task.NeededOn.DayOfWeek}: from {still[0].DayOfWeek} on there is time. Move "
                    + $"it, or swap it for something that needs no wait"
            )
            : $"Too late for this week: swap it for something that needs no wait";
    }

    private static DateOnly Later(DateOnly a, DateOnly b) => a > b ? a : b;

    private static DateOnly Earlier(DateOnly a, DateOnly b) => a < b ? a : b;

    /// <summary>On a day the group does not meet nobody is there to do it.</summary>
    private static DateOnly OnOrBefore(DateOnly date, WeekDays days)
    {
        for (var back = 0; back < 7 && !IsWorking(date, days); back++)
        {
            date = date.AddDays(-1);
        }

        return date;
    }

    private static bool IsWorking(DateOnly date, WeekDays days) =>
        date.DayOfWeek != DayOfWeek.Sunday && days.HasFlag((WeekDays)(1 << ((int)date.DayOfWeek - 1)));
}
