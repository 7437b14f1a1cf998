using Nido.Core.Group;
using Nido.Core.Week.Change;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;

namespace Nido.Core.Tests.Week;

/// <summary>Closed days, half days, and the days a group's timetable begins from.</summary>
public class OpenDaysTests
{
    private static readonly CameUp TuesdayClosed = new(CameUpKind.Closed, "", 1, 1);
    private static readonly CameUp ThursdayUntilNoon = new(CameUpKind.Closed, "12:00", 3, 3);

    [Fact]
    public void On_a_closed_day_nothing_lies_out_and_the_rest_is_whole()
    {
        var problem = Weeks.Build(Things.Week(Weeks.Six) with { CameUp = [TuesdayClosed, ThursdayUntilNoon] });
        var result = Weeks.Compose(problem);
        result.Plan.ShouldNotContain(p => p.Day == 1);
        result.Plan.ShouldNotContain(p => p.Day == 3 && p.BlockId == "table");
        result.Plan.Count.ShouldBe(50 - 10 - 2);
        result.Score.Broken.ShouldBe(0);
        result.Bound.ShouldBeLessThanOrEqualTo(result.Score.Fair);
        new WeekPlan(problem, result.Plan).AdultsShort().ShouldNotContain(s => s.Day == 1);
    }

    [Theory]
    [InlineData("12:00", false)]
    [InlineData("14:19", false)]
    [InlineData("14:20", true)]
    [InlineData("", false)]
    public void A_block_takes_place_if_it_ends_before_the_house_closes(string until, bool open) =>
        new CameUp(CameUpKind.Closed, until, 0, 0).Closes(Timetable.Of("full-day").Blocks[4]).ShouldBe(!open);

    [Fact]
    public void The_target_shrinks_with_the_time_there_is_and_what_comes_on_open_days_only_does_not()
    {
        var whole = Weeks.Build(Things.Week(Weeks.Six));
        var short1 = Weeks.Build(Things.Week(Weeks.Six) with { CameUp = [new(CameUpKind.Closed, "", 0, 0)] });
        for (var c = 0; c < whole.ChildCount; c++)
        {
            // Eli comes on Tuesday and Thursday only, and loses nothing with Monday.
            ((double)short1.Target[c * 4]).ShouldBe(
                whole.Target[c * 4] * (whole.Group.Children[c].Name == "Eli" ? 1 : 0.8),
                1
            );
        }
    }

    [Fact]
    public void What_lay_on_a_day_that_closes_says_so_and_the_rest_stays()
    {
        var open = Weeks.Build(Things.Week(Weeks.Six));
        var plan = Weeks.Compose(open).Plan;
        var closed = WeekProblem
            .Build(open.Input with { CameUp = [TuesdayClosed], Locked = [.. plan.Where(p => p.Day < 1)] })
            .Problem;
        var held = new WeekPlan(closed, plan);
        held.Lost.Count.ShouldBe(10);
        held.Lost.ShouldAllBe(l => l.Reason.ToString() == "the house is closed then");
        var after = Replan.From(closed, plan, 1, TestContext.Current.CancellationToken);
        after.Score().Broken.ShouldBe(0);
        Enumerable
            .Range(0, closed.Slots.Count)
            .Where(s => closed.Slots[s].Day == 1)
            .ShouldAllBe(s => after.Uses[s] < 0);
    }

    [Theory]
    [InlineData("full-day", 50)]
    [InlineData("half-day", 40)]
    [InlineData("single-session", 30)]
    [InlineData("shelf-only", 65)]
    public void Each_timetable_composes_to_a_whole_week(string id, int places)
    {
        var group = Weeks.Six with { Blocks = Timetable.Of(id).Blocks };
        group
            .Blocks.Zip(group.Blocks.Skip(1))
            .ShouldAllBe(x => x.First.Starts.AddMinutes(x.First.Minutes) <= x.Second.Starts);
        var result = Weeks.Compose(Weeks.Build(Things.Week(group)));
        result.Plan.Count.ShouldBe(places);
        result.Score.Broken.ShouldBe(0);
    }
}
