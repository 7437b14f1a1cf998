namespace Nido.Core.Tests.Steps;

public class LadderTests
{
    [Fact]
    public void Strokes_stand_at_the_ages_of_the_copying_test() => Holds("pencil", Published.Strokes);

    [Fact]
    public void Scissors_stand_at_the_ages_of_common_practice() => Holds("scissors", Published.Scissors);

    [Theory]
    [InlineData("thread", "threads large pieces", 36)]
    [InlineData("twist", "twists lids off and on", 30)]
    [InlineData("fasten", "buttons large buttons", 60)]
    [InlineData("fasten", "unbuttons large buttons", 48)]
    [InlineData("count", "counts to 10", 60)]
    [InlineData("name", "writes some letters of the name", 60)]
    public void Milestones_of_three_quarters_stand_eight_months_earlier(string ladder, string step, int milestone) =>
        Published.Content.Ladders[ladder].Steps.Single(s => s.Name == step).TypicalMonths.ShouldBe(milestone - 8);

    [Fact]
    public void Every_ladder_has_five_to_nine_steps_that_do_not_fall()
    {
        Published.Content.Ladders.Count.ShouldBeGreaterThanOrEqualTo(16);
        foreach (var ladder in Published.Content.Ladders.Values)
        {
            ladder.Steps.Count.ShouldBeInRange(5, 9, ladder.Id);
            ladder.Steps.Select(s => s.TypicalMonths).ShouldBeInOrder(SortDirection.Ascending, ladder.Id);
            ladder.Moves.ShouldNotBeEmpty(ladder.Id);
            ladder.Steps.ShouldAllBe(s => s.Source.Length > 0 && s.Adult.Length > 0 && s.Easier.Length > 0 && s.Harder.Length > 0);
        }
    }

    private static void Holds(string ladder, IEnumerable<(string Step, int Months)> published)
    {
        foreach (var (step, months) in published)
        {
            Published.Content.Ladders[ladder].Steps.Single(s => s.Name == step).TypicalMonths.ShouldBe(months, step);
        }
    }
}
