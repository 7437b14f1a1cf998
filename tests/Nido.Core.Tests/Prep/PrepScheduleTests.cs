using FsCheck.Xunit;
using Nido.Core.Group;
using Nido.Core.Prep;

namespace Nido.Core.Tests.Prep;

public class PrepScheduleTests
{
    private static readonly DateOnly Monday = new(2026, 12, 7);
    private static readonly DateOnly[] Week = [.. Enumerable.Range(0, 5).Select(Monday.AddDays)];

    [Fact]
    public void An_evening_that_is_full_hands_work_on_to_the_one_before()
    {
        var laid = Lay([Task("a", 30, 2), Task("b", 30, 2), Task("c", 10, 2)]);
        laid.Select(t => ($"{t.What}", t.Evening.Day)).ShouldBe([("b", 7), ("a", 8), ("c", 8)], ignoreOrder: true);
    }

    [Fact]
    public void A_chain_waits_step_by_step()
    {
        // Paint (dries a day), then draw on it (dries overnight), needed on Thursday.
        var laid = Lay([Task("paint", 10, 3, wait: 24) with { Before = 1 }, Task("draw", 10, 3, wait: 12)]);
        laid.Select(t => ($"{t.What}", t.Evening))
            .ShouldBe([("paint", Monday.AddDays(1)), ("draw", Monday.AddDays(2))]);
        laid[0].Before.ShouldBe(1);
    }

    [Fact]
    public void The_chain_that_must_be_begun_first_is_the_critical_one()
    {
        var laid = Lay([
            Task("long", 10, 4, wait: 40) with
            {
                Before = 1,
            },
            Task("then", 5, 4),
            Task("soon", 10, 1),
            Task("later", 20, 4),
        ]);
        laid.Where(t => t.IsCritical).Select(t => $"{t.What}").ShouldBe(["soon"]);
        Lay([Task("long", 10, 4, wait: 100) with { Before = 1 }, Task("then", 5, 4), Task("soon", 10, 2)])
            .Where(t => t.IsCritical)
            .Select(t => $"{t.What}")
            .ShouldBe(["long", "then"]);
    }

    [Fact]
    public void What_can_no_longer_dry_in_time_says_from_when_on_it_can()
    {
        var laid = PrepSchedule.Of([Task("clay", 10, 1, wait: 60)], 45, WeekDays.MondayToFriday, Monday, Week);
        laid.Single().TooLate!.ShouldContain("from Thursday on");
        laid.Single().Evening.ShouldBe(Monday);
        PrepSchedule
            .Of([Task("clay", 10, 4, wait: 90)], 45, WeekDays.MondayToFriday, Monday.AddDays(3), Week)
            .Single()
            .TooLate!.ShouldContain("this week");
        PrepSchedule
            .Of([Task("clay", 10, 4, wait: 14)], 45, WeekDays.MondayToFriday, Monday, Week)
            .Single()
            .TooLate.ShouldBeNull();
    }

    [Fact]
    public void A_task_longer_than_an_evening_has_one_to_itself()
    {
        var laid = Lay([Task("short", 5, 2), Task("huge", 90, 2)]);
        laid.Select(t => t.Evening).Distinct().Count().ShouldBe(2);
    }

    [Property(MaxTest = 80)]
    public void Laws_of_any_list_of_tasks(int seed)
    {
        var chance = new SeededChance((ulong)seed);
        PrepTask[] tasks =
        [
            .. Enumerable
                .Range(0, 14)
                .Select(k =>
                    Task($"t{k}", 1 + chance.Next(25), chance.Next(5), chance.Next(3) == 0 ? chance.Next(50) : 0)
                ),
        ];
        tasks =
        [
            .. tasks.Select(
                (t, k) =>
                    k % 4 == 0 && k + 1 < tasks.Length ? t with { Before = k + 1, NeededOn = tasks[k + 1].NeededOn } : t
            ),
        ];
        var laid = Lay(tasks);
        laid.Count.ShouldBe(tasks.Length);
        laid.Sum(t => t.Minutes).ShouldBe(tasks.Sum(t => t.Minutes));
        // Two weeks of evenings hold all of it, so none is fuller than it may be.
        laid.GroupBy(t => t.Evening).ShouldAllBe(g => g.Sum(t => t.Minutes) <= 45);
        laid.ShouldAllBe(t =>
            t.Evening <= t.Latest
            && t.Latest < t.NeededOn
            && t.Evening.DayOfWeek != DayOfWeek.Sunday
            && t.Evening.DayOfWeek != DayOfWeek.Saturday
        );
        foreach (var t in laid.Where(t => t.Before is not null))
        {
            (laid[t.Before!.Value].Evening.DayNumber - t.Evening.DayNumber).ShouldBeGreaterThanOrEqualTo(
                t.WaitHours <= 1 ? 0 : (int)Math.Ceiling(t.WaitHours / 24.0)
            );
        }
    }

    private static IReadOnlyList<PrepTask> Lay(IReadOnlyList<PrepTask> tasks) =>
        PrepSchedule.Of(tasks, 45, WeekDays.MondayToFriday, null, Week);

    private static PrepTask Task(string what, int minutes, int day, int wait = 0) =>
        new(Said.Name(what), Said.Name(what), minutes, Monday.AddDays(day), Monday.AddDays(day), wait, false, []);
}
