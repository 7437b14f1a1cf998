using Nido.Core.Cupboard;
using Nido.Core.Group;
using Nido.Core.Ideas;
using Nido.Core.Prep;
using Nido.Core.Tests.Week;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Data;

namespace Nido.Core.Tests.Safety;

/// <summary>What a thing is made of counts, along the whole chain; a way of making that would harm is not offered
/// anywhere.</summary>
public class WhatItHoldsTests
{
    private static readonly Nido.Catalog.Content Content = Published.Content;

    [Fact]
    public void Tongs_bound_with_rubber_bands_hold_latex_and_what_a_shop_sells_does_not()
    {
        var tongs = Content.Material("tongs-big")!;
        Things.Safety.Holds.Of(tongs).Allergens.ShouldBeEmpty();
        var bound = Content.MakeFrom.Single(w => w.Id == "tongs-big-of-spoons");
        var held = Things.Safety.Holds.Of(tongs, bound);
        held.Allergens.Single().Allergen.ShouldBe("latex");
        held.Allergens.Single().Through.Select(t => t.ToString()).ShouldBe(["Rubber bands"]);
        held.Tags.ShouldContain("elastic");
        // What the ledger says was made in the house may be bound that way.
        WeekInputs
            .Safety(Content, new HashSet<string> { "tongs-big" })
            .Holds.Of(tongs)
            .Allergens.Select(a => a.Allergen)
            .ShouldContain("latex");
    }

    [Fact]
    public void A_way_that_would_meet_a_child_is_offered_to_nobody_of_the_room()
    {
        var room = Things.Group(
            [Things.Child("Latex", 50, WeekDays.Tuesday, allergies: "látex"), Things.Child("Other", 50)],
            Data.Demo.DemoScenario.Blocks
        );
        var with = WeekInputs.Of(Content, room, Content.Themes[0], Things.Monday, Things.Plenty);
        with.Chains.For("tongs-big").ShouldBeEmpty();
        with.WaysLeftOut.ShouldContain(w => w.Makes == "tongs-big" && w.Rule.Id == "allergen");
        var without = WeekInputs.Of(
            Content,
            room with
            {
                Children = [room.Children[1]],
            },
            Content.Themes[0],
            Things.Monday,
            Things.Plenty
        );
        without.Chains.For("tongs-big").Count().ShouldBe(1);
    }

    [Fact]
    public void A_bag_filled_with_rice_is_kept_from_a_child_who_must_not_meet_rice()
    {
        var bag = Content.Material("bean-bags")!;
        bag.Allergens.ShouldBeEmpty();
        Things
            .Safety.KeepsOff(bag, Things.Group([Things.Child("Rice", 60, allergies: "arroz")]), Things.Monday)!
            .Id.ShouldBe("allergen");
    }

    [Theory]
    [InlineData(30, false)]
    [InlineData(47, false)]
    [InlineData(48, true)]
    public void Flour_that_stays_raw_is_mixed_only_where_everyone_is_four_and_nobody_mouths(int months, bool offered)
    {
        var input = WeekInputs.Of(
            Content,
            Things.Group([Things.Child("Child", months)]),
            Content.Themes[0],
            Things.Monday,
            Things.Plenty
        );
        input.Recipes.Any(r => r.StaysRaw && r.Makes is not null).ShouldBe(offered);
        Mixing.Of("dough-wheat", 500, input)!.Recipe.IsCooked.ShouldBeTrue();
        Mixing.Of("dough-wheat", 500, input)!.Recipe.StaysRaw.ShouldBeFalse();
    }

    [Fact]
    public void An_uncooked_dough_never_stands_in_for_a_cooked_one_in_a_recipe_that_is_scaled()
    {
        foreach (var avoid in (string[])["maize", "rice", "corn starch", "wheat"])
        {
            var made = Nido.Core.Making.RecipeScale.Of(
                new(10, 100, "dough-wheat-cooked", Avoid: [avoid]),
                Content.Recipes,
                Content.Allergens
            );
            Content.Recipes.Single(r => r.Id == made.Variant).StaysRaw.ShouldBeFalse(avoid);
        }
    }

    [Fact]
    public void What_is_left_handed_only_is_judged_too()
    {
        var glass = Things.Thing("left-thing", tags: "glass scissors left-hand") with
        {
            Contents = new() { MayContain = ["peanut"] },
        };
        var idea = Content.Techniques.Single(t => t.Id == "snip-and-cut");
        var step = new IdeaStep(
            1,
            InBoth.Same(""),
            1,
            new Dictionary<string, StandIn> { ["scissors"] = new(Content.Material("scissors-child")!, 90, []) },
            []
        )
        {
            Left = new Dictionary<string, StandIn> { ["scissors"] = new(glass, 90, []) },
        };
        var made = new Idea("i", idea, Content.Themes[0], InBoth.Same(""), null, [step]);
        var block = new Block("t", "T", BlockKind.Table, new(9, 0), 20, 1);
        string? Rule(Hand hand) =>
            Things
                .Safety.KeptOut(
                    made,
                    step,
                    block,
                    Things.Group([
                        Things.Child("Nut", 60, allergies: "peanut"),
                        Things.Child("Hand", 60) with
                        {
                            Hand = hand,
                        },
                    ]),
                    Things.Monday
                )[0]
                ?.Rule.Id;
        Rule(Hand.Left).ShouldBe("allergen");
        Rule(Hand.Right).ShouldBeNull();
    }

    [Fact]
    public void What_was_made_on_a_day_before_is_met_on_the_day_it_is_used()
    {
        var input = Things.Week(Weeks.Six);
        var door = input.Ideas.First(i => i.Technique.Id == "deliver-letters");
        door.MadeOf.ShouldNotBeEmpty();
        var step = door.Steps[0];
        Things.Safety.Things(door, step, Weeks.Six).Select(t => t.Material.Id).ShouldContain(door.MadeOf[0].Id);
    }

    [Fact]
    public void What_is_mixed_keeps_until_it_is_used_and_says_so()
    {
        var group = Weeks.Six with { Children = [.. Weeks.Six.Children.Select(c => c with { Allergies = [] })] };
        var input = WeekInputs.Of(
            Content,
            group,
            Content.Themes[0],
            Things.Monday,
            Things.Plenty.Where(p => p.Key != "dough-plain").ToDictionary()
        );
        var problem = Weeks.Build(input);
        var dough = problem.Uses.First(u => u.Idea.Id == "dough-shapes.dough-plain" && u.Block.Id == "table");
        Placement[] twice = [new(0, "table", 0, dough.Idea.Id, false), new(4, "table", 0, dough.Idea.Id, false)];
        var tasks = PrepTasks
            .Of(new WeekPlan(problem, twice))
            .Where(t => t.What.StartsWith("Soft dough without salt", StringComparison.Ordinal))
            .ToArray();
        // Three days from Friday to Monday it just keeps; for the next Friday it is made again.
        tasks.Length.ShouldBe(2);
        tasks.ShouldAllBe(t => t.KeepsDays == 3 && t.NeededUntil.DayNumber - t.Evening.DayNumber <= 3);
    }
}
