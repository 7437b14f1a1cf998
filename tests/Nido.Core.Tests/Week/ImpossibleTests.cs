using Nido.Core.Group;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Rules;

namespace Nido.Core.Tests.Week;

public class ImpossibleTests
{
    [Fact]
    public void Without_children() => Of(Things.Week(Things.Group([]))).Rule.ShouldBe("A week is for children");

    [Fact]
    public void Without_blocks() =>
        Of(Things.Week(Things.Group([Things.Child("Tavi", 40)], []))).Rule.ShouldBe("A day has blocks");

    [Fact]
    public void Without_a_cupboard()
    {
        var found = Of(Things.Week(Things.Group([Things.Child("Tavi", 40)]), onHand: new Dictionary<string, double>()));
        found.What.ShouldBe("the cupboard is empty");
        found.WayOut.ShouldContain("Cupboard");
    }

    [Fact]
    public void Too_few_kinds_of_idea_for_a_block()
    {
        var found = Of(Things.Week(Things.Group([Things.Child("Tavi", 40)]), only: t => t.Id == "sort-by-kind"));
        found.Rule.ShouldBe("Every offer of Table is filled");
        found.What.ShouldContain("2 offers");
        found.What.ShouldContain("1 kinds");
    }

    [Fact]
    public void Nothing_in_reach_of_a_child()
    {
        // Feeding a punch begins at about 18 months; even with hands together it is beyond a newborn.
        var group = Things.Group(
            [Things.Child("Baby", 0), Things.Child("Tavi", 50)],
            [new("table", "Table", BlockKind.Table, new(9, 0), 20, 1)]
        );
        var found = Of(Things.Week(group, only: t => t.Id == "punch-holes"));
        found.Rule.ShouldContain("in reach");
        found.What.ShouldContain("Baby");
    }

    [Fact]
    public void No_adult_for_what_needs_one()
    {
        var group = Things.Group(
            [Things.Child("Tavi", 50)],
            [new("table", "Table", BlockKind.Table, new(9, 0), 20, 1)],
            adults: 0
        );
        var found = Of(Things.Week(group, only: t => t.Adults > 0));
        found.Rule.ShouldContain("adults");
        found.WayOut.ShouldContain("Add an adult");
    }

    [Fact]
    public void An_ordinary_week_is_possible() => WeekProblem.Build(Things.Week(Weeks.Six)).Impossible.ShouldBeEmpty();

    private static Impossible Of(WeekInput input) => WeekProblem.Build(input).Impossible[0];
}
