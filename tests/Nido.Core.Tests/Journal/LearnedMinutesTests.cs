using Nido.Core.Cupboard;
using Nido.Core.Journal;

namespace Nido.Core.Tests.Journal;

/// <summary>What a term teaches: how long things take here, and what ran out.</summary>
public class LearnedMinutesTests
{
    [Theory]
    [InlineData(12, new int[0], null)]
    [InlineData(12, new[] { 20, 20 }, null)]
    [InlineData(12, new[] { 20, 18, 19 }, 19)]
    [InlineData(12, new[] { 20, 18, 19, 60 }, 20)]
    [InlineData(12, new[] { 12, 12, 12 }, null)]
    [InlineData(12, new[] { 90, 100, 110 }, 24)]
    [InlineData(13, new[] { 1, 1, 2 }, 7)]
    public void A_way_of_working_is_planned_with_the_middle_of_what_it_took(int written, int[] took, int? learned) =>
        LearnedMinutes.Of(written, took).ShouldBe(learned);

    [Fact]
    public void One_odd_morning_changes_nothing_much()
    {
        int[] usual = [14, 15, 15, 16, 14];
        foreach (var odd in Enumerable.Range(1, 240))
        {
            LearnedMinutes.Of(10, [.. usual, odd])!.Value.ShouldBeInRange(14, 16);
        }
    }

    private static readonly DateOnly Day = new(2026, 12, 7);

    private static Movement Moved(int day, double amount, MovementKind kind = MovementKind.Used, string of = "lids") =>
        new(of, Day.AddDays(day), kind, amount, "");

    [Fact]
    public void What_ran_out_is_named_with_its_last_day_and_whether_it_is_back()
    {
        Movement[] ledger =
        [
            Moved(-30, 10, MovementKind.Bought),
            Moved(0, -10),
            Moved(1, 5, MovementKind.Found),
            Moved(3, -5),
            Moved(4, 2, MovementKind.Bought),
            Moved(0, 20, MovementKind.Bought, "paper"),
            Moved(2, -19, of: "paper"),
            Moved(-9, 3, MovementKind.Bought, "glue"),
            Moved(-8, -3, of: "glue"),
        ];
        RanOut.Of(ledger, Day, Day.AddDays(6)).ShouldBe([new("lids", Day.AddDays(3), 2, true)]);
        RanOut
            .Of([.. ledger, Moved(5, -1, MovementKind.Counted, "paper")], Day, Day.AddDays(6))
            .ShouldBe([new("paper", Day.AddDays(5), 1, false), new("lids", Day.AddDays(3), 2, true)]);
    }

    [Fact]
    public void What_never_was_there_did_not_run_out() =>
        RanOut.Of([Moved(1, -3), Moved(2, -1)], Day, Day.AddDays(6)).ShouldBeEmpty();
}
