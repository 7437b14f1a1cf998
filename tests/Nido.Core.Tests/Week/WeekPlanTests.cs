using Nido.Core.Week.Reading;

namespace Nido.Core.Tests.Week;

public class WeekPlanTests
{
    [Fact]
    public void Materials_say_have_used_short_and_packs()
    {
        var onHand = Things.Plenty.ToDictionary(m => m.Key, m => m.Key == "paper-a4" ? 3.0 : m.Value);
        var problem = Weeks.Build(Things.Week(Weeks.Six, only: t => t.Id is not "tear-and-crumple", onHand: onHand));
        var cut = problem.Uses.First(u => u.Idea.Id == "snip-and-cut.paper-a4" && u.Block.Id == "stations");
        var plan = new WeekPlan(
            problem,
            [new(1, "stations", 0, cut.Idea.Id, false), new(3, "stations", 1, cut.Idea.Id, false)]
        );
        var line = plan.Materials().Single(l => l.Material.Id == "paper-a4");
        var each = cut.Fullest.Takes.Single(t => problem.Materials[t.Material].Id == "paper-a4").Amount;
        line.Have.ShouldBe(3);
        line.Used.ShouldBe(2 * each);
        line.ByDay.ShouldBe([0, each, 0, each, 0]);
        line.Lacking.ShouldBe((2 * each) - 3);
        line.Packs.ShouldBe(1);
        line.Cents.ShouldBe(300);
        line.Trace.Count.ShouldBe(2);
        plan.Materials()[0].Lacking.ShouldBeGreaterThan(0);
    }

    [Fact]
    public void A_block_with_too_few_adults_is_named()
    {
        var group = Things.Group([.. Enumerable.Range(0, 9).Select(i => Things.Child($"C{i}", 30))], adults: 2);
        var plan = new WeekPlan(Weeks.Build(Things.Week(group)), []);
        var found = plan.AdultsShort();
        found.Count.ShouldBe(5);
        found.ShouldAllBe(s => s.Needed == 3 && s.ByRatio == 3 && s.There == 2);
    }

    [Fact]
    public void A_slot_that_the_week_does_not_have_is_none()
    {
        var plan = new WeekPlan(Weeks.Build(Things.Week(Weeks.Six)), []);
        plan.SlotOf(0, "welcome", 2).ShouldBe(2);
        plan.SlotOf(0, "welcome", 3).ShouldBeNull();
        plan.SlotOf(5, "welcome", 0).ShouldBeNull();
        plan.SlotOf(0, "siesta", 0).ShouldBeNull();
    }

    [Fact]
    public void A_share_is_the_dose_against_the_target()
    {
        var problem = Weeks.Build(Things.Week(Weeks.Six));
        var plan = new WeekPlan(problem, []);
        plan.Share(0, Aim.Math).ShouldBe(0);
        var use = problem.UsesOfBlock[2].First(u => u.Reach[0]);
        plan.State.Put(problem.SlotAt(0, 2, 0), use.Index);
        plan.Share(0, Aim.Math).ShouldBe((int)Math.Floor(100.0 * use.Dose[0][1] / problem.Target[1]));
    }

    [Fact]
    public void Prep_of_a_plan_lists_every_task_before_it_is_needed()
    {
        var problem = Weeks.Build(Things.Week(Weeks.Six));
        var plan = new WeekPlan(problem, Weeks.Compose(problem).Plan);
        var tasks = Nido.Core.Prep.PrepTasks.Of(plan);
        // A spare for who was not there is more than the plan itself asks.
        tasks
            .Where(t => !$"{t.What}".StartsWith("A spare of", StringComparison.Ordinal))
            .Sum(t => t.Minutes)
            .ShouldBe(
                plan.State.Score().PrepMinutes + plan.Filled.First().Use.Idea.Theme.Prep.Sum(p => p.Printed().Minutes)
            );
        tasks.ShouldAllBe(t =>
            (t.InTheMorning ? t.Evening == t.NeededOn : t.Evening < t.NeededOn)
            && t.Evening.DayOfWeek != DayOfWeek.Saturday
            && t.Evening.DayOfWeek != DayOfWeek.Sunday
        );
        tasks.Select(t => t.Evening).ShouldBeInOrder();
    }
}
