using Nido.Core.Group;
using Nido.Data.Demo;

namespace Nido.Core.Tests.Group;

public class AgeTests
{
    [Theory]
    [InlineData("2024-12-07", 24)]
    [InlineData("2024-12-08", 23)]
    [InlineData("2024-01-31", 34)]
    [InlineData("2026-12-07", 0)]
    [InlineData("2026-12-08", -1)]
    public void Whole_months_on_the_seventh_of_december_2026(string born, int months) =>
        Age.Months(DateOnly.Parse(born), DemoScenario.Monday).ShouldBe(months);

    [Fact]
    public void The_demo_children_have_the_ages_of_the_scenario()
    {
        string[] wanted =
        [
            "1;8",
            "1;11",
            "2;3",
            "2;7",
            "2;11",
            "3;2",
            "3;5",
            "3;9",
            "4;0",
            "4;3",
            "4;7",
            "4;10",
            "5;2",
            "5;7",
        ];
        DemoScenario
            .WrenRoom(Guid.NewGuid().ToString)
            .Children.Select(c => Age.Written(c.MonthsOn(DemoScenario.Monday)))
            .ShouldBe(wanted);
    }

    [Theory]
    [InlineData("2026-12-07", "2026-12-07")]
    [InlineData("2026-12-13", "2026-12-07")]
    [InlineData("2026-12-12", "2026-12-07")]
    [InlineData("2026-12-06", "2026-11-30")]
    public void The_monday_of_a_week(string day, string monday) =>
        WeekDaysOrder.MondayOf(DateOnly.Parse(day)).ShouldBe(DateOnly.Parse(monday));

    [Fact]
    public void Days_are_listed_monday_first()
    {
        (WeekDays.Friday | WeekDays.Monday).Listed().ShouldBe([WeekDays.Monday, WeekDays.Friday]);
        WeekDays.Saturday.Offset().ShouldBe(5);
    }

    [Fact]
    public void An_adult_is_there_only_for_the_whole_of_a_block()
    {
        var block = new Block("stations", "Stations", BlockKind.Stations, new(10, 0), 45, 3);
        var volunteer = new Adult("a", "Volunteer", WeekDays.Tuesday, new(9, 30), new(10, 45));
        volunteer.IsThere(WeekDays.Tuesday, block).ShouldBeTrue();
        volunteer.IsThere(WeekDays.Wednesday, block).ShouldBeFalse();
        (volunteer with { To = new(10, 44) }).IsThere(WeekDays.Tuesday, block).ShouldBeFalse();
    }
}
