namespace Nido.Core.Tests.Group;

public class LadderTests
{
    [Fact]
    public void Strokes_stand_at_the_ages_of_the_copying_test() => Holds("pencil", Published.Strokes);

    [Fact]
    public void Scissors_stand_at_the_ages_of_common_practice() => Holds("scissors", Published.Scissors);

    // CDC Learn the Signs. Act Early. 2022: three quarters of children (from memory); half of them an eighth earlier.
    [Theory]
    [InlineData("stack", "stacks two", 15)]
    [InlineData("pencil", "scribbles", 18)]
    [InlineData("twist", "takes off a loose lid", 24)]
    [InlineData("twist", "twists lids off and on", 30)]
    [InlineData("balance", "jumps with both feet", 30)]
    [InlineData("thread", "threads large pieces", 36)]
    [InlineData("fasten", "unbuttons large buttons", 48)]
    [InlineData("fasten", "buttons large buttons", 60)]
    [InlineData("balance", "hops and stands on one foot", 60)]
    [InlineData("rote", "counts to 10", 60)]
    [InlineData("name", "writes some letters of the name", 60)]
    [InlineData("letters", "names some letters", 60)]
    [InlineData("numerals", "names 1 to 5", 60)]
    [InlineData("rhyme", "says whether two words rhyme", 60)]
    public void Milestones_of_three_quarters_stand_an_eighth_earlier(string ladder, string step, int milestone) =>
        ((double)Published.Content.Ladders[ladder].Steps.Single(s => s.Name.En == step).TypicalMonths).ShouldBe(
            milestone * 7 / 8.0,
            0.51
        );

    // Wynn 1992; Sarnecka and Carey 2008 (from memory): the ages at which half give one, two, three, and know what the
    // last word says.
    [Fact]
    public void How_many_stands_at_the_ages_of_those_who_asked_for_numbers() =>
        Published.Content.Ladders["count"].Steps.Take(4).Select(s => s.TypicalMonths).ShouldBe([30, 36, 42, 48]);

    [Fact]
    public void Every_ladder_has_five_to_nine_steps_that_do_not_fall()
    {
        Published.Content.Ladders.Count.ShouldBeGreaterThanOrEqualTo(16);
        foreach (var ladder in Published.Content.Ladders.Values)
        {
            ladder.Steps.Count.ShouldBeInRange(5, 9, ladder.Id);
            ladder.Steps.Select(s => s.TypicalMonths).ShouldBeInOrder(SortDirection.Ascending, ladder.Id);
            ladder.Moves.ShouldNotBeEmpty(ladder.Id);
            ladder.Steps.ShouldAllBe(s =>
                s.Source.Length > 0 && s.Adult.En.Length > 0 && s.Easier.En.Length > 0 && s.Harder.En.Length > 0
            );
        }
    }

    private static void Holds(string ladder, IEnumerable<(string Step, int Months)> published)
    {
        foreach (var (step, months) in published)
        {
            Published.Content.Ladders[ladder].Steps.Single(s => s.Name.En == step).TypicalMonths.ShouldBe(months, step);
        }
    }
}
