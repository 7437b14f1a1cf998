using Nido.Core.Group;
using Nido.Core.Week.Change;
using Nido.Core.Week.Problem;

namespace Nido.Core.Tests.Week;

/// <summary>Late, early, away, visiting: who is there in which block.</summary>
public sealed class DoorTests
{
    private static readonly Block[] Day =
    [
        new("circle", "Circle", BlockKind.Circle, new(9, 0), 20, 1),
        new("table", "Table", BlockKind.Table, new(10, 0), 40, 2),
    ];

    private static readonly PlanDay[] Days =
    [
        .. Enumerable.Range(0, 5).Select(d => new PlanDay(Things.Monday.AddDays(d), (WeekDays)(1 << d), true)),
    ];

    private static bool[] There(Child child, params CameUp[] cameUp)
    {
        var attendance = new Attendance([child], Days, Day, cameUp);
        return [.. from d in Enumerable.Range(0, 5) from b in Enumerable.Range(0, 2) select attendance.Is(0, d, b)];
    }

    private static CameUp Late(int hour, int minute) =>
        new(CameUpKind.ChildLate, "Ada", 0, 0) { At = new(hour, minute) };

    private static CameUp Leaves(int hour, int minute) =>
        new(CameUpKind.ChildLeaves, "Ada", 0, 0) { At = new(hour, minute) };

    [Theory]
    [InlineData(8, 50, true, true)]
    [InlineData(9, 10, true, true)]
    [InlineData(9, 11, false, true)]
    [InlineData(10, 20, false, true)]
    [InlineData(10, 21, false, false)]
    public void Who_comes_late_is_in_a_block_of_which_half_is_left(int hour, int minute, bool circle, bool table) =>
        There(Things.Child("Ada", 40), Late(hour, minute))[..2].ShouldBe([circle, table]);

    [Theory]
    [InlineData(9, 9, false, false)]
    [InlineData(9, 10, true, false)]
    [InlineData(10, 19, true, false)]
    [InlineData(10, 20, true, true)]
    public void Who_goes_early_was_in_a_block_of_which_half_was_over(int hour, int minute, bool circle, bool table) =>
        There(Things.Child("Ada", 40), Leaves(hour, minute))[..2].ShouldBe([circle, table]);

    [Fact]
    public void A_visitor_is_there_on_its_day_and_a_new_child_from_its_first_on()
    {
        var visitor = Things.Child("Ada", 40) with
        {
            FirstDay = Things.Monday.AddDays(1),
            LastDay = Things.Monday.AddDays(1),
        };
        There(visitor).ShouldBe([false, false, true, true, false, false, false, false, false, false]);
        var stays = visitor with { LastDay = null };
        There(stays).Count(t => t).ShouldBe(8);
        Things.Group([visitor]).On(Things.Monday).Children.ShouldHaveSingleItem();
        Things.Group([visitor]).On(Things.Monday.AddDays(7)).Children.ShouldBeEmpty("it does not come any more");
        Things.Group([visitor]).On(Things.Monday.AddDays(-7)).Children.ShouldBeEmpty("it has not come yet");
    }

    [Fact]
    public void The_door_speaks_of_its_day_only_and_the_last_word_counts()
    {
        CameUp[] week = [new(CameUpKind.ChildAway, "Ada", 0, 4), new(CameUpKind.ChildAway, "Ben", 1, 1)];
        var back = AtTheDoor.With(week, 2, "Ada", null, null);
        back.ShouldBe(
            [
                new CameUp(CameUpKind.ChildAway, "Ada", 0, 1),
                new CameUp(CameUpKind.ChildAway, "Ada", 3, 4),
                new CameUp(CameUpKind.ChildAway, "Ben", 1, 1),
            ],
            ignoreOrder: true
        );
        var late = AtTheDoor.With(back, 2, "Ada", CameUpKind.ChildLate, new(9, 30));
        AtTheDoor
            .With(late, 2, "Ada", CameUpKind.ChildAway, new(9, 30))
            .Count(h => h.Subject == "Ada" && h.On(2))
            .ShouldBe(1);
    }
}
