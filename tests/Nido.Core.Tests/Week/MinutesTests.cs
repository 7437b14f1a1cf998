using Nido.Core.Group;
using Nido.Core.Week.Problem;

namespace Nido.Core.Tests.Week;

public class MinutesTests
{
    private static readonly GroupSettings Settings = GroupSettings.Default;

    [Theory]
    [InlineData(1, 20)]
    [InlineData(2, 10)]
    [InlineData(3, 6.6666667)]
    public void A_free_choice_divides_by_the_offers_in_reach_and_is_never_capped(int inReach, double minutes) =>
        Minutes.Received(Block(BlockKind.Shelf, 20, 3), Led(true), inReach, 20, Settings).ShouldBe(minutes, 1e-6);

    // Three adult-led minutes a year of age: common practice for ages 2 to 5.
    [Theory]
    [InlineData(24, 6)]
    [InlineData(40, 10)]
    [InlineData(72, 15)]
    public void The_circle_is_capped_by_the_attention_rule(int months, double minutes) =>
        Minutes.Received(Block(BlockKind.Circle, 15, 1), Led(false), 1, months, Settings).ShouldBe(minutes, 1e-9);

    [Fact]
    public void A_station_gives_its_part_and_caps_only_what_is_led()
    {
        Minutes.Received(Block(BlockKind.Stations, 45, 3), Led(false), 1, 24, Settings).ShouldBe(15);
        Minutes.Received(Block(BlockKind.Stations, 45, 3), Led(true), 1, 24, Settings).ShouldBe(6);
        Minutes.Received(Block(BlockKind.Outdoors, 25, 1), Led(false), 1, 24, Settings).ShouldBe(25);
    }

    [Fact]
    public void The_demo_week_can_give_a_child_nine_tenths_of_its_minutes_in_equal_shares()
    {
        var problem = Weeks.Build(Things.Week(Things.Group([Things.Child("Tavi", 72)], Data.Demo.DemoScenario.Blocks)));
        // 20 + 15 + 45 + 25 + 20 = 125 minutes a day, five days, 90%, a quarter for each aim.
        problem.Target.ShouldAllBe(t => t == (int)Math.Round(125 * 5 * 0.9 / 4 * WeekProblem.PerMinute));
    }

    private static Block Block(BlockKind kind, int minutes, int offers) =>
        new("b", "B", kind, new(9, 0), minutes, offers);

    private static Core.Ideas.Technique Led(bool led) => Published.Content.Techniques[0] with { Led = led };
}
