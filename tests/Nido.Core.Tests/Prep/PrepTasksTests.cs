using Nido.Core.Group;
using Nido.Core.Planning;
using Nido.Core.Prep;

namespace Nido.Core.Tests.Prep;

public class PrepTasksTests
{
    // Monday 7 December 2026.
    [Theory]
    [InlineData("2026-12-08", 0, "2026-12-07")]
    [InlineData("2026-12-08", 14, "2026-12-07")]
    [InlineData("2026-12-10", 15, "2026-12-08")]
    [InlineData("2026-12-10", 38, "2026-12-08")]
    [InlineData("2026-12-10", 39, "2026-12-07")]
    public void Waits_push_the_evening_back(string needed, int wait, string evening) =>
        PrepTasks.EveningFor(DateOnly.Parse(needed), wait, WeekDays.MondayToFriday).ShouldBe(DateOnly.Parse(evening));

    [Fact]
    public void What_monday_needs_is_done_on_friday() =>
        PrepTasks.EveningFor(new(2026, 12, 7), 0, WeekDays.MondayToFriday).ShouldBe(new DateOnly(2026, 12, 4));

    [Fact]
    public void A_group_that_meets_on_two_days_prepares_on_those() =>
        PrepTasks.EveningFor(new(2026, 12, 8), 0, WeekDays.Tuesday | WeekDays.Thursday).ShouldBe(new DateOnly(2026, 12, 3));

    [Fact]
    public void Tasks_of_ideas_and_of_what_is_made_stand_evening_by_evening()
    {
        var few = Things.Plenty.ToDictionary(m => m.Key, m => m.Key is "paper-balls" or "letter-cards" ? 0 : m.Value);
        var problem = Planning.Weeks.Build(Things.Week(Planning.Weeks.Six, onHand: few));
        var plan = new WeekPlan(problem, Planning.Weeks.Compose(problem).Plan);
        var tasks = PrepTasks.Of(plan);
        tasks.Select(t => t.Evening).ShouldBeInOrder();
        tasks.ShouldAllBe(t => t.Evening < t.NeededOn && t.Minutes > 0);
        tasks.Sum(t => t.Minutes).ShouldBeGreaterThanOrEqualTo(plan.Filled.Sum(f => f.Use.PrepMinutes));
        tasks.Where(t => t.Cautions.Any(c => c.Rule.Severity == Nido.Core.Safety.Severity.AdultStep)).ShouldAllBe(t => t.AdultOnly);
        foreach (var made in plan.Materials().Where(l => l.Make is not null))
        {
            tasks.ShouldContain(t => t.For.EndsWith(made.Material.Name));
            made.Make!.Takes.ShouldAllBe(t => t.Value <= problem.Input.OnHand[t.Key] + 1e-9);
        }
    }
}
