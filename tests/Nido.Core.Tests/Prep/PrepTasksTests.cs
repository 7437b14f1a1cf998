using Nido.Core.Group;
using Nido.Core.Making;
using Nido.Core.Prep;
using Nido.Core.Tests.Week;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;

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
        PrepSchedule
            .EveningFor(DateOnly.Parse(needed), wait, WeekDays.MondayToFriday)
            .ShouldBe(DateOnly.Parse(evening));

    [Fact]
    public void What_monday_needs_is_done_on_friday() =>
        PrepSchedule.EveningFor(new(2026, 12, 7), 0, WeekDays.MondayToFriday).ShouldBe(new DateOnly(2026, 12, 4));

    [Fact]
    public void A_group_that_meets_on_two_days_prepares_on_those() =>
        PrepSchedule
            .EveningFor(new(2026, 12, 8), 0, WeekDays.Tuesday | WeekDays.Thursday)
            .ShouldBe(new DateOnly(2026, 12, 3));

    [Fact]
    public void Tasks_of_ideas_and_of_what_is_made_stand_evening_by_evening()
    {
        var few = Things.Plenty.ToDictionary(m => m.Key, m => m.Key is "paper-balls" or "letter-cards" ? 0 : m.Value);
        var problem = Weeks.Build(Things.Week(Weeks.Six, onHand: few));
        var plan = new WeekPlan(problem, Weeks.Compose(problem).Plan);
        var tasks = PrepTasks.Of(plan);
        tasks.Select(t => t.Evening).ShouldBeInOrder();
        tasks.ShouldAllBe(t => (t.InTheMorning ? t.Evening == t.NeededOn : t.Evening < t.NeededOn) && t.Minutes > 0);
        // What keeps a day is not done on the Friday before.
        tasks
            .Where(t => t.KeepsDays is not null)
            .ShouldAllBe(t => t.NeededOn.DayNumber - t.Evening.DayNumber <= t.KeepsDays);
        // What stays all week is laid once.
        tasks
            .Sum(t => t.Minutes)
            .ShouldBeGreaterThanOrEqualTo(
                plan.Filled.Where(f => problem.StayingAt[f.Slot] is not { } stays || stays.All[0] == f.Slot)
                    .Sum(f => f.Use.PrepMinutes)
            );
        tasks
            .Where(t => t.Cautions.Any(c => c.Rule.Severity == Nido.Core.Safety.Severity.AdultStep))
            .ShouldAllBe(t => t.AdultOnly);
        foreach (var made in plan.Materials().Where(l => l.Make is not null))
        {
            tasks.ShouldContain(t => t.For.EndsWith(made.Material.Name.En));
            made.Make!.Takes.ShouldAllBe(t => t.Value <= problem.Input.OnHand[t.Key] + 1e-9);
        }
    }

    [Fact]
    public void What_is_missing_is_cut_from_sheets_mixed_by_recipe_and_its_colours_are_named()
    {
        var few = Things.Plenty.ToDictionary(
            m => m.Key,
            m => m.Key is "dough-corn" or "dough-wheat" or "clay" or "card-strips" ? 0 : m.Value
        );
        var input = Things.Week(
            Weeks.Six,
            onHand: few,
            only: t =>
                t.Id
                    is "dough-shapes"
                        or "print-stamps"
                        or "sort-the-post"
                        or "hand-warm-up"
                        or "letter-match"
                        or "position-words"
                        or "feel-bag"
                        or "punch-holes"
                        or "clap-the-word"
                        or "roll-and-catch"
                        or "counting-rhyme"
                        or "fold-letters"
                        or "real-cleaning"
                        or "throw-to-target"
        );
        var problem = Weeks.Build(input);
        var dough = problem.Uses.First(u => u.Idea.Technique.Id == "dough-shapes" && u.Idea.Lead!.Id == "dough-corn");
        var punch = problem.Uses.First(u => u.Idea.Lead?.Id == "card-strips");
        var print = problem.Uses.First(u => u.Idea.Technique.Id == "print-stamps");
        var plan = new WeekPlan(problem, [At(dough, 0), At(punch, 1), At(print, 2)]);
        plan.Lost.ShouldBeEmpty();

        var mixed = plan.Materials().Single(l => l.Mix is not null);
        mixed.Material.Id.ShouldBe("dough-corn");
        mixed.IsToAsk.ShouldBeFalse();
        // Dara of the six must not have wheat.
        mixed.Mix!.Recipe.Allergens.ShouldNotContain("wheat");
        mixed.Mix.Scaled.BatchYield.ShouldBeGreaterThanOrEqualTo(mixed.Lacking);
        var task = PrepTasks
            .Of(plan)
            .Single(t => t.What.StartsWith(mixed.Mix.Recipe.Name.En, StringComparison.Ordinal));
        task.AdultOnly.ShouldBeTrue();
        task.WaitHours.ShouldBe(2);

        var layout = CuttingLayout.Of(plan).Single();
        layout.Layout.PerSheet.ShouldBeGreaterThanOrEqualTo(4);
        foreach (var at in layout.Layout.Positions)
        {
            (at.X + layout.PieceWidth).ShouldBeLessThanOrEqualTo(layout.SheetWidth + 0.01);
            (at.Y + layout.PieceHeight).ShouldBeLessThanOrEqualTo(layout.SheetHeight + 0.01);
        }

        // Under the hedge is brown, red and green; there are red, blue and cream paints, so green lacks yellow.
        var paints = Paints.Of(plan)!;
        paints.Recipes.Select(r => r.Want).ShouldContain("red");
        paints.Cannot.ShouldContain(c => c.Want == "green" && c.Missing.Contains("yellow"));
    }

    private static Placement At(Use use, int day) => new(day, use.Block.Id, 0, use.Idea.Id, false);
}
