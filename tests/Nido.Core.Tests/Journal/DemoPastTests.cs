using Nido.Core.Group.Steps;
using Nido.Core.Journal;
using Nido.Data.Demo;

namespace Nido.Core.Tests.Journal;

/// <summary>The past of the invented house: the same every time, without the future, and its abilities are found again
/// by the belief that is told only what was seen.</summary>
public sealed class DemoPastTests
{
    private static readonly Lazy<(Nido.Core.Group.ChildrenGroup Group, DemoPast Past)> Made = new(Make);

    private static (Nido.Core.Group.ChildrenGroup, DemoPast) Make()
    {
        var next = 0;
        string NewId() => $"id-{next++}";
        var group = DemoScenario.WrenRoom(NewId);
        return (group, DemoPast.Of(Published.Content, group, NewId));
    }

    [Fact]
    public void It_is_the_same_past_every_time_and_lies_before_the_week_that_is_shown()
    {
        var (first, again) = (Made.Value.Past, Make().Item2);
        first
            .Observations.Select(o => (o.ChildId, o.On, o.Ladder, o.Step, o.Help, o.Note))
            .ShouldBe(again.Observations.Select(o => (o.ChildId, o.On, o.Ladder, o.Step, o.Help, o.Note)));
        first.WeekRows.Count.ShouldBe(DemoPast.Weeks);
        first.WeekRows.ShouldAllBe(w => w.Plan.Count > 0 && w.Monday < DemoScenario.Monday);
        first.Observations.Count.ShouldBeGreaterThan(300);
        first.Observations.ShouldAllBe(o => o.On < DemoScenario.Monday);
        (first.Tallies.Count > 0 && first.Went.Count > 0 && first.Pictures.Count > 4).ShouldBeTrue();
    }

    [Fact]
    public void Nobody_was_seen_on_a_day_it_does_not_come_or_was_away()
    {
        var (group, past) = Made.Value;
        foreach (var seen in past.Observations)
        {
            var week = past.WeekRows.Single(w => w.Monday <= seen.On && seen.On < w.Monday.AddDays(7));
            var day = seen.On.DayNumber - week.Monday.DayNumber;
            week.CameUp.ShouldAllBe(h => !(h.Subject == seen.ChildId && h.On(day)));
            var child = group.Children.Single(c => c.Id == seen.ChildId);
            child.Days.HasFlag((Nido.Core.Group.WeekDays)(1 << day)).ShouldBeTrue($"{child.Name} on {seen.On}");
        }
    }

    [Fact]
    public void What_was_put_in_is_found_again_by_the_belief()
    {
        var (group, past) = Made.Value;
        var last = past.Observations.Max(o => o.On);
        var evidence = new Evidence([.. past.Observations.Select(o => o.ToCore())], [], last);
        var misses = new List<double>();
        var (inside, prior) = (0, 0.0);
        foreach (var ((child, ladder), beyond) in past.Abilities)
        {
            var belief = evidence.Belief(group.Children.Single(c => c.Id == child), Published.Content.Ladders[ladder]);
            misses.Add(belief.Mean - beyond);
            prior += Math.Abs(beyond);
            inside += belief.Quantile(0.1) <= beyond + 0.5 && beyond - 0.5 <= belief.Quantile(0.9) ? 1 : 0;
        }

        misses.Count.ShouldBeGreaterThan(100);
        Math.Abs(misses.Average()).ShouldBeLessThan(1, "no bias beyond a month");
        misses.Average(Math.Abs).ShouldBeLessThan(prior / misses.Count, "nearer than age alone");
        // 80% by its own word; between these with chance 0.999 for so many.
        (inside / (double)misses.Count).ShouldBeInRange(0.72, 0.95);
    }

    [Fact]
    public void Help_is_drawn_as_often_as_the_model_says()
    {
        var chance = new SeededChance(7);
        const int Draws = 20_000;
        var (theta, months) = (AgeScale.Of(44), 42);
        var counted = Enumerable
            .Range(0, Draws)
            .Select(_ => SeenByChance.Help(chance, theta, months))
            .GroupBy(h => h)
            .ToDictionary(g => g.Key, g => g.Count() / (double)Draws);
        foreach (var help in Enum.GetValues<HelpLevel>())
        {
            var said = GradedResponse.Exactly(help, (int)Math.Round(theta), (int)Math.Round(AgeScale.Of(months)));
            counted.GetValueOrDefault(help).ShouldBe(said, 4 * Math.Sqrt(said * (1 - said) / Draws));
        }
    }
}
