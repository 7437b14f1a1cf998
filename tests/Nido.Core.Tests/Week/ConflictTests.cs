using Nido.Core.Group;
using Nido.Core.Ideas;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Rules.Conflicts;

namespace Nido.Core.Tests.Week;

/// <summary>A week that cannot be says by a smallest set of rules why: without any one of them the rest is
/// possible.</summary>
public class ConflictTests
{
    private static readonly TimeSpan Ten = TimeSpan.FromSeconds(10);

    [Fact]
    public void An_ordinary_week_has_none()
    {
        Conflict
            .Of(Weeks.Build(Things.Week(Weeks.Six)), Ten, TestContext.Current.CancellationToken)
            .Rules.ShouldBeEmpty();
    }

    [Fact]
    public void Two_locks_of_the_same_way_of_working_on_one_day_are_named_with_the_rule_they_break()
    {
        var free = Weeks.Build(Things.Week(Weeks.Six));
        var (table, stations) = (
            free.Blocks.ToList().FindIndex(b => b.Id == "table"),
            free.Blocks.ToList().FindIndex(b => b.Id == "stations")
        );
        var technique = free.UsesOfBlock[table]
            .First(u => free.UsesOfBlock[stations].Any(s => s.TechniqueIndex == u.TechniqueIndex) && u.Adults == 0)
            .TechniqueIndex;
        var one = new Placement(
            1,
            "table",
            1,
            free.UsesOfBlock[table].First(u => u.TechniqueIndex == technique).Idea.Id,
            true
        );
        var two = new Placement(
            1,
            "stations",
            1,
            free.UsesOfBlock[stations].First(u => u.TechniqueIndex == technique).Idea.Id,
            true
        );
        var conflict = Of(free.Input with { Locked = [one, two] });
        conflict.IsSmallest.ShouldBeTrue();
        conflict.Rules.Count.ShouldBe(3);
        conflict.Rules.Count(r => r.Rule.EndsWith("stays where it is locked")).ShouldBe(2);
        conflict.Rules.ShouldContain(r => r.Rule.ToString() == "The same way of working once a day");
        conflict.Rules.ShouldAllBe(r => r.WayOut.ToString().Length > 0);
        // Irreducible: with either lock gone the rest can be.
        Of(free.Input with { Locked = [one] }).Rules.ShouldBeEmpty();
        Of(free.Input with { Locked = [two] }).Rules.ShouldBeEmpty();
    }

    [Fact]
    public void Too_few_ways_of_working_for_three_blocks_at_once_are_told_with_the_blocks()
    {
        // Each block by itself has enough, together on one day they have not: five offers, four ways of working.
        var group = Things.Group(
            [Things.Child("Tavi", 50)],
            [
                new("a", "First table", BlockKind.Table, new(9, 0), 20, 3),
                new("b", "Second table", BlockKind.Table, new(10, 0), 20, 2),
            ]
        );
        var only = Things.Week(
            group,
            1,
            t => t.Id is "sort-by-kind" or "letter-match" or "picture-pairs" or "fold-letters"
        );
        WeekProblem.Build(only).Impossible.ShouldBeEmpty("no single rule shows it");
        var conflict = Of(only);
        conflict
            .Rules.Select(r => $"{r.Rule}")
            .ShouldBe(
                [
                    "Every offer of First table is filled on Monday",
                    "Every offer of Second table is filled on Monday",
                    "The same way of working once a day",
                ],
                ignoreOrder: true
            );
        Weeks.Compose(WeekProblem.Build(only).Problem).Score.Broken.ShouldBeGreaterThan(0);
        Of(
            Things.Week(
                group with
                {
                    Blocks = [group.Blocks[0]],
                },
                1,
                t => t.Id is "sort-by-kind" or "letter-match" or "picture-pairs" or "fold-letters"
            )
        )
            .Rules.ShouldBeEmpty();
    }

    [Fact]
    public void Nothing_but_heavy_work_in_two_blocks_in_a_row_is_named()
    {
        var group = Things.Group(
            [Things.Child("Tavi", 50)],
            [
                new("a", "First table", BlockKind.Table, new(9, 0), 20, 1),
                new("b", "Second table", BlockKind.Table, new(9, 30), 20, 1),
            ]
        );
        var input = Things.Week(group, 1, t => t.HandLoad == HandLoad.Heavy && t.Blocks.Contains(BlockKind.Table));
        var conflict = Of(input);
        conflict
            .Rules.Select(r => $"{r.Rule}")
            .ShouldBe(
                [
                    "Every offer of First table is filled on Monday",
                    "Every offer of Second table is filled on Monday",
                    "Hands rest between two heavy pieces of work",
                ],
                ignoreOrder: true
            );
        Of(Things.Week(group, 1, t => t.Blocks.Contains(BlockKind.Table))).Rules.ShouldBeEmpty();
    }

    [Fact]
    public void It_ends_when_it_is_told_to()
    {
        using var stop = new CancellationTokenSource();
        stop.Cancel();
        Conflict.Of(Weeks.Build(Things.Week(Weeks.Six)), Ten, stop.Token).Rules.ShouldBeEmpty();
    }

    private static Conflict Of(WeekInput input) =>
        Conflict.Of(WeekProblem.Build(input).Problem, Ten, TestContext.Current.CancellationToken);
}
