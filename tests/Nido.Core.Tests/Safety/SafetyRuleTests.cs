using Nido.Core.Cupboard;
using Nido.Core.Group;
using Nido.Core.Ideas;
using Nido.Core.Safety;

namespace Nido.Core.Tests.Safety;

/// <summary>Each shipped rule, on its own, with every case of its file: one that fires and one that just does
/// not.</summary>
public class SafetyRuleTests
{
    public static TheoryData<string, bool, int> Cases { get; } =
        new(Published.Content.SafetyRules.SelectMany(r => r.Examples.Select((e, i) => (r.Id, e.Fires, i))));

    // The boundaries in the files are those of the sources they name (from memory): 44.4 and 44.5 mm and the cylinder
    // of 16 CFR 1501.4, 35 and 36 months of 1501.2, 47 and 48 months of Caring for Our Children 4.5.0.10, 220 and 221
    // mm
    // of EN 71-1 section 5.4, 359 and 360 mm round of ASTM F963 section 4.14.
    [Theory]
    [MemberData(nameof(Cases))]
    public void A_rule_fires_on_an_idea_where_its_file_says_so_and_only_there(string id, bool fires, int index)
    {
        var rule = Published.Content.SafetyRules.Single(r => r.Id == id);
        var example = rule.Examples[index];
        example.Fires.ShouldBe(fires);
        var check = new SafetyCheck([rule], Published.Content.Allergens, WhatItHolds.OfThemselves);
        var group = Things.Group([example.Child with { BornOn = Things.Monday.AddMonths(-example.Months) }]);
        group = group with { Settings = example.Settings, Kind = example.DropIn ? GroupKind.DropIn : GroupKind.Class };
        var block = new Block("b", "Block", example.Place, new(9, 0), 20, 1);
        var idea = Idea(example);
        var found =
            check.KeptOut(idea, idea.Steps[0], block, group, Things.Monday)[0] is not null
            || check.Cautions(idea, [.. idea.Steps], block, group, Things.Monday).Count > 0;
        found.ShouldBe(fires);
    }

    [Fact]
    public void There_are_sixty_rules_and_more_with_source_and_whom_to_defer_to_and_none_claims_anything()
    {
        Published.Content.SafetyRules.Count.ShouldBeGreaterThanOrEqualTo(60);
        Published.Content.SafetyRules.ShouldAllBe(r => r.Source.Length > 3 && r.DeferTo.En.Length > 3);
        Published.Content.SafetyRules.ShouldAllBe(r =>
            !r.Message.Contains("is safe", StringComparison.OrdinalIgnoreCase)
        );
        Published.Content.SafetyRules.Select(r => r.Severity).Distinct().Count().ShouldBe(4);
    }

    [Theory]
    [InlineData("small-part", 44.4, 44.5)]
    [InlineData("soft-when-squeezed", 88.8, 89.1)]
    public void Limits_of_balls(string id, double fires, double not)
    {
        var rule = Published.Content.SafetyRules.Single(r => r.Id == id);
        bool On(double diameter) =>
            HandledThing.AtHand(Things.Ball(diameter), null).Single() is var thing
            && rule.When.MetBy(thing, Things.Asked) is not null;
        On(fires).ShouldBeTrue();
        On(not).ShouldBeFalse();
    }

    [Fact]
    public void A_missing_size_is_the_risky_case_and_says_so()
    {
        var thing = Things.Thing("wheel", Shape.Rod, 0, 0, 0);
        var when = Published.Content.SafetyRules.Single(r => r.Id == "small-part").When;
        when.MetBy(HandledThing.AtHand(thing, null).Single(), Things.Asked)!
            .ShouldBe("wheel: the size is not known, so it is taken as a small part");
    }

    [Fact]
    public void A_straw_cut_to_20_mm_is_tested_as_made_and_a_pen_by_its_cap()
    {
        var when = Published.Content.SafetyRules.Single(r => r.Id == "small-part").When;
        var straw = Things.Thing("straw", Shape.Rod, 197, 6, 0);
        HandledThing.AtHand(straw, null).ShouldAllBe(t => when.MetBy(t, Things.Asked) == null);
        HandledThing
            .AtHand(straw, new(InBoth.Same("pieces"), "piece", new Body(Shape.Rod, 20, 6, 0)))
            .Count(t => when.MetBy(t, Things.Asked) != null)
            .ShouldBe(1);
        var pen = Published.Content.Material("felt-pens")!;
        HandledThing.AtHand(pen, null).Where(t => when.MetBy(t, Things.Asked) != null).ShouldAllBe(t => t.IsPart);
    }

    private static Idea Idea(RuleExample example)
    {
        var technique = Published.Content.Techniques[0] with
        {
            Actions = example.Actions,
            Roles =
            [
                new Role(
                    "piece",
                    Things.Needs(),
                    Per.Child,
                    new QuantityRule(QuantityKind.Fixed, example.Amount ?? 1e9),
                    0,
                    false
                )
                {
                    Fixed = example.IsFixed,
                },
            ],
        };
        var bindings = new Dictionary<string, StandIn>();
        if (example.Material is { } thing)
        {
            bindings["piece"] = new(thing, 90, []);
        }

        return new Idea(
            "i",
            technique,
            Published.Content.Themes[0],
            InBoth.Same(""),
            example.Material,
            [new IdeaStep(1, InBoth.Same(""), 1, bindings, example.Makes is { } made ? [made] : [])]
        );
    }
}
