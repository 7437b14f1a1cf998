using Nido.Core.Cupboard;
using Nido.Core.Group;
using Nido.Core.Week.Problem;
using Nido.Data;
using Nido.Data.Demo;

namespace Nido.Core.Tests.Cupboard;

/// <summary>What counting begins with.</summary>
public class QuickSetTests
{
    private static readonly QuickSet Set = new(
        "s",
        InBoth.Same("s"),
        InBoth.Same("s"),
        4,
        new Dictionary<string, IReadOnlyDictionary<string, double>>
        {
            ["paint"] = new Dictionary<string, double> { ["paint"] = 100 },
            [QuickSet.Always] = new Dictionary<string, double> { ["bowls"] = 6, ["spoons"] = 5 },
        }
    );

    [Theory]
    [InlineData(0, 6, 5)]
    [InlineData(1, 6, 5)]
    [InlineData(4, 6, 5)]
    [InlineData(5, 8, 7)]
    [InlineData(40, 60, 50)]
    public void More_children_have_more_and_fewer_do_not_have_less(int children, double bowls, double spoons) =>
        Set.For(children).Where(x => x.Part == QuickSet.Always).Select(x => x.Amount).ShouldBe([bowls, spoons]);

    [Fact]
    public void It_always_begins_with_what_nobody_leaves_out() =>
        Set.For(4).Select(x => x.Part).ShouldBe([QuickSet.Always, QuickSet.Always, "paint"]);

    /// <summary>A newcomer who takes a set and nothing else, not even its paint, dough and outdoors, has a
    /// week.</summary>
    [Theory]
    [InlineData("home")]
    [InlineData("room")]
    [InlineData("library")]
    public void A_set_carries_a_week_for_children_of_two_to_five(string id)
    {
        var set = Published.Content.Sets.Single(s => s.Id == id);
        Child[] children =
        [
            .. Enumerable.Range(0, set.Children).Select(k => Things.Child($"Child {k}", 26 + (38 * k / set.Children))),
        ];
        var group = Things.Group(children, DemoScenario.Blocks, adults: 3);
        var onHand = set.For(children.Length)
            .Where(x => x.Part == QuickSet.Always)
            .ToDictionary(x => x.MaterialId, x => x.Amount);
        var (problem, impossible) = WeekProblem.Build(
            WeekInputs.Of(Published.Content, group, Published.Content.Themes[0], Things.Monday, onHand)
        );
        impossible.ShouldBeEmpty();
        problem.Uses.Select(u => u.Idea.Technique.Id).Distinct().Count().ShouldBeGreaterThanOrEqualTo(35);
        problem.UsesOfBlock.ShouldAllBe(u => u.Count() >= 5);
    }
}
