using Nido.Core.Cupboard;
using Nido.Core.Group;
using Nido.Core.Ideas;
using Nido.Core.Week.Problem;

namespace Nido.Core.Tests.Safety;

public class SafetyCheckTests
{
    private static readonly Block Table = new("table", "Table", BlockKind.Table, new(9, 0), 20, 2);
    private static readonly Block Stations = new("stations", "Stations", BlockKind.Stations, new(9, 0), 45, 3);

    // 16 CFR 1501.2: small parts are not for under 36 months (from memory).
    [Theory]
    [InlineData(35, true)]
    [InlineData(36, false)]
    public void A_small_part_is_kept_from_a_child_under_three(int months, bool keptOut) =>
        (KeptOut("beads-small", Things.Child("Tavi", months)) == "small-part").ShouldBe(keptOut);

    [Fact]
    public void A_child_who_mouths_is_kept_from_small_parts_at_any_age() =>
        KeptOut("beads-small", Things.Child("Tavi", 50, mouths: true)).ShouldBe("small-part");

    [Fact]
    public void Under_the_strict_rule_one_young_child_keeps_small_parts_from_the_whole_room()
    {
        var group = Things.Group([Things.Child("Young", 20), Things.Child("Older", 60)]);
        Check("beads-small", group, Table).ShouldBe(["small-part", "small-part"]);
    }

    [Fact]
    public void A_watched_table_lifts_it_for_the_older_ones_but_not_in_a_rotation()
    {
        var group = Things.Group(
            [Things.Child("Young", 20), Things.Child("Older", 60)],
            smallParts: SmallPartsRule.WatchedTable
        );
        Check("beads-small", group, Table).ShouldBe(["small-part", null]);
        Check("beads-small", group, Stations).ShouldBe(["small-part", "small-part"]);
    }

    // Caring for Our Children standard 4.5.0.10: not under 48 months (from memory).
    [Theory]
    [InlineData(47, true)]
    [InlineData(48, false)]
    public void Choking_foods(int months, bool keptOut) =>
        (KeptOut("grapes", Things.Child("Tavi", months)) is not null).ShouldBe(keptOut);

    [Fact]
    public void An_allergen_is_kept_from_the_whole_room()
    {
        var group = Things.Group([Things.Child("One", 60, allergies: "wheat"), Things.Child("Other", 60)]);
        Check("dough-wheat", group, Table).ShouldBe(["allergen", "allergen"]);
        Check("dough-corn", group, Table).ShouldBe([null, null]);
    }

    [Theory]
    [InlineData("magnet-fishing", "magnet")]
    [InlineData("balloons", "balloon")]
    [InlineData("egg-cartons-used", "used-egg-carton")]
    [InlineData("wheat-flour", "raw-flour")]
    public void What_nobody_may_have(string material, string rule) =>
        KeptOut(material, Things.Child("Tavi", 40)).ShouldBe(rule);

    // EN 71-1 section 5.4: 220 mm under 18 months, taken for all under 36 months (from memory).
    [Theory]
    [InlineData(220, 17, false)]
    [InlineData(221, 17, true)]
    [InlineData(221, 35, true)]
    [InlineData(900, 36, false)]
    public void Long_cords(double length, int months, bool keptOut)
    {
        var cord = Things.Thing("cord", Shape.Rod, 200, 40, 0, tags: "cord") with { Cord = new(length, null, false) };
        (Check(cord, Things.Group([Things.Child("Tavi", months)]), Table)[0] == "long-cord").ShouldBe(keptOut);
    }

    [Fact]
    public void Cautions_name_what_and_a_source_and_the_most_severe_come_first()
    {
        var group = Things.Group([Things.Child("Tavi", 50)]);
        var cut = Published.Content.Techniques.Single(t => t.Id == "snip-and-cut");
        var idea = Idea(cut, Published.Content.Material("scissors-child")!);
        var cautions = Things.Safety.Cautions(idea, idea.Steps.ToArray(), Table, group, Things.Monday);
        cautions.ShouldContain(c => c.Rule.Id == "blade" && c.What.Any(w => w.ToString() == "Child scissors"));
        cautions.ShouldAllBe(c => c.Rule.Source.Length > 0 && c.Rule.DeferTo.En.Length > 0);
        cautions.Select(c => c.Rule.Severity).ShouldBeInOrder();
    }

    [Fact]
    public void Every_rule_says_its_source_and_whom_to_defer_to_and_claims_nothing()
    {
        Published.Content.SafetyRules.Count.ShouldBeGreaterThanOrEqualTo(20);
        Published.Content.SafetyRules.ShouldAllBe(r => r.Source.Length > 3 && r.DeferTo.En.Length > 3);
        Published.Content.SafetyRules.ShouldAllBe(r =>
            !r.Message.Contains("is safe", StringComparison.OrdinalIgnoreCase)
        );
    }

    [Fact]
    public void No_composed_use_lets_a_child_work_at_a_step_that_is_barred()
    {
        var group = Things.Group(
            [
                Things.Child("Young", 19, mouths: true),
                Things.Child("Middle", 34),
                Things.Child("Older", 62, allergies: ["wheat", "peanut"]),
            ],
            Data.Demo.DemoScenario.Blocks,
            smallParts: SmallPartsRule.WatchedTable
        );
        var (problem, _) = WeekProblem.Build(Things.Week(group));
        problem.Uses.Count.ShouldBeGreaterThan(200);
        foreach (var use in problem.Uses)
        {
            foreach (var step in use.Idea.Steps)
            {
                var keptOut = Things.Safety.KeptOut(use.Idea, step, use.Block, group, Things.Monday);
                use.Children.Where((c, i) => c.InReach && c.Offer!.Step == step.Number && keptOut[i] is not null)
                    .ShouldBeEmpty(use.Idea.Id);
            }
        }
    }

    private static string? KeptOut(string material, Child child) => Check(material, Things.Group([child]), Table)[0];

    private static string?[] Check(string material, ChildrenGroup group, Block block) =>
        Check(Published.Content.Material(material)!, group, block);

    private static string?[] Check(Material material, ChildrenGroup group, Block block)
    {
        var idea = Idea(Published.Content.Techniques.Single(t => t.Id == "sort-by-kind"), material);
        return [.. Things.Safety.KeptOut(idea, idea.Steps[0], block, group, Things.Monday).Select(f => f?.Rule.Id)];
    }

    private static Idea Idea(Technique technique, Material material)
    {
        var step = new IdeaStep(
            1,
            InBoth.Same(""),
            4,
            new Dictionary<string, StandIn> { ["piece"] = new(material, 90, []) },
            []
        );
        return new Idea("i", technique, Published.Content.Themes[0], InBoth.Same(""), material, [step]);
    }
}
