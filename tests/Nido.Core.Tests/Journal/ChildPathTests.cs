using Nido.Core.Group;
using Nido.Core.Group.Steps;
using Nido.Core.Journal;

namespace Nido.Core.Tests.Journal;

/// <summary>A child's way through the weeks, against the belief it is read from.</summary>
public sealed class ChildPathTests
{
    private static readonly DateOnly Last = new(2026, 12, 11);
    private static readonly Ladder Scissors = Published.Content.Ladders["scissors"];
    private static readonly Child Ada = Things.Child("Ada", 44);

    private static Observation Seen(long id, int step, HelpLevel help, int daysAgo, string note = "") =>
        new(id, Ada.Id, "scissors", step, help, Last.AddDays(-daysAgo), "", note);

    [Fact]
    public void Each_week_is_what_was_believed_then_and_later_days_do_not_change_it()
    {
        Observation[] all =
        [
            Seen(1, 3, HelpLevel.Alone, 60),
            Seen(2, 4, HelpLevel.Shown, 40),
            Seen(3, 4, HelpLevel.Alone, 20),
            Seen(4, 5, HelpLevel.Alone, 2),
        ];
        var path = ChildPath.Of(Ada, Scissors, all, [], Last.AddDays(-70), Last);
        path.Points.Count.ShouldBe(11);
        path.Points.Select(p => p.Day).ShouldBeInOrder();
        path.Points[^1].Day.ShouldBe(Last);
        var before = ChildPath.Of(
            Ada,
            Scissors,
            [.. all.Where(o => o.On <= Last.AddDays(-21))],
            [],
            Last.AddDays(-70),
            Last
        );
        for (var k = 0; k < path.Points.Count - 3; k++)
        {
            path.Points[k].ShouldBe(before.Points[k], $"week {k}");
        }

        foreach (var point in path.Points)
        {
            var belief = new Evidence([.. all.Where(o => o.On <= point.Day)], [], point.Day).Belief(Ada, Scissors);
            point.Mean.ShouldBe(ChildPath.StepOf(Scissors, belief.MonthsLike(Ada.MonthsOn(point.Day))), 0.01);
            (point.Low <= point.Mean && point.Mean <= point.High).ShouldBeTrue($"{point}");
        }

        path.OwnBest.ShouldBe(5);
        path.Seen.Count.ShouldBe(4);
    }

    [Fact]
    public void Nothing_of_another_child_ladder_or_day_to_come_is_in_it()
    {
        Observation[] all =
        [
            Seen(1, 3, HelpLevel.Alone, 5),
            Seen(2, 7, HelpLevel.Alone, -3),
            Seen(3, 7, HelpLevel.Alone, 5) with
            {
                ChildId = "another",
            },
            Seen(4, 6, HelpLevel.Alone, 5) with
            {
                Ladder = "fold",
            },
        ];
        var path = ChildPath.Of(Ada, Scissors, all, [], Last.AddDays(-7), Last);
        path.Seen.Select(o => o.Id).ShouldBe([1]);
        path.OwnBest.ShouldBe(3);
    }

    [Fact]
    public void An_age_lies_on_the_ladder_where_its_steps_are_and_between_them_in_order()
    {
        for (var k = 0; k < Scissors.Steps.Count; k++)
        {
            ChildPath.StepOf(Scissors, Scissors.Steps[k].TypicalMonths).ShouldBe(k + 1, 1e-9);
        }

        var steps = Enumerable.Range(0, 200).Select(m => ChildPath.StepOf(Scissors, m)).ToArray();
        steps.ShouldBeInOrder();
        (steps[0], steps[^1]).ShouldBe((0.5, Scissors.Steps.Count + 0.5));
    }
}
