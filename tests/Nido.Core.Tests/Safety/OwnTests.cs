using Nido.Core.Cupboard;
using Nido.Core.Group;
using Nido.Core.Ideas;
using Nido.Core.Safety;

namespace Nido.Core.Tests.Safety;

/// <summary>What is one's own is judged as what is shipped is, and never more kindly.</summary>
public class OwnTests
{
    private static readonly DateOnly Day = new(2026, 12, 7);

    private static MaterialDraft Like(Material like) =>
        new(
            "Ours",
            like.Id,
            like.Shape,
            like.Length > 0 ? like.Length : null,
            like.Width > 0 ? like.Width : null,
            like.Height > 0 ? like.Height : null,
            HasCord: false,
            null,
            null,
            BreaksOpen: false,
            []
        )
        {
            Hole = like.Hole,
            Opening = like.Opening,
            Mass = like.Mass,
            PackSize = like.IsSold ? like.PackSize : null,
            PackCents = like.IsSold ? like.PackCents : null,
        };

    private static string[] Rules(SafetyCheck safety, Material material, IReadOnlyCollection<string> actions) =>
        [
            .. safety
                .Of([.. HandledThing.AtHand(material, null, null, 10)], [.. actions], Room, Day)
                .Select(f => f.Rule.Id)
                .Distinct(),
        ];

    private static ChildrenGroup Room =>
        Things.Group([Things.Child("Anouk", 20, mouths: true), Things.Child("Bao", 40), Things.Child("Ciro", 60)]);

    [Fact]
    public void A_thing_like_another_brings_every_danger_of_it()
    {
        var safety = Things.Safety;
        var compared = 0;
        foreach (var like in Published.Content.Materials)
        {
            var own = Like(like).Of("own-1", like, Published.Content.Questions);
            foreach (
                var actions in (string[][])
                    [
                        [],
                        ["blow"],
                        ["throw"],
                        ["cut"],
                        ["taste"],
                    ]
            )
            {
                var shipped = Rules(safety, like, actions);
                compared += shipped.Length;
                shipped.Except(Rules(safety, own, actions)).ShouldBeEmpty($"{like.Id} {string.Join(' ', actions)}");
            }
        }

        compared.ShouldBeGreaterThan(300, "rules were there to be met");
    }

    /// <summary>What stands in the cupboard and no shop sells may have been made here: in any way there is.</summary>
    [Fact]
    public void A_thing_no_shop_sells_holds_what_any_way_of_making_the_thing_it_is_like_brings()
    {
        var content = Published.Content;
        var made = new WhatItHolds(
            content.Materials,
            content.MakeFrom,
            content.Recipes,
            content.Materials.Select(m => m.Id).ToHashSet()
        );
        var more = 0;
        foreach (var like in content.Materials)
        {
            var own = content
                .With([new("own-1", Like(like) with { PackSize = null, PackCents = null }, null, true)])
                .Material("own-1")!;
            var held = made.Of(like);
            held.Allergens.Select(a => a.Allergen)
                .Except([.. own.Allergens, .. own.MayContain, .. own.Held])
                .ShouldBeEmpty(like.Id);
            held.Tags.Except(own.Tags).ShouldBeEmpty(like.Id);
            more += held.Allergens.Count - Holding.Of(like).Allergens.Count;
        }

        more.ShouldBeGreaterThan(0, "something made brings what it does not say itself");
    }

    [Fact]
    public void A_size_nobody_measured_is_taken_as_small()
    {
        var blocks = Published.Content.Material("wooden-blocks")!;
        var measured = Like(blocks).Of("own-1", blocks, []);
        var not = (Like(blocks) with { Length = null }).Of("own-1", blocks, []);
        Rules(Things.Safety, measured, []).ShouldNotContain("small-part");
        not.Body.IsMeasured.ShouldBeFalse();
        Rules(Things.Safety, not, []).ShouldContain("small-part");
    }

    [Fact]
    public void Every_way_of_working_can_be_copied_and_left_as_it_is_is_the_same()
    {
        foreach (var near in Published.Content.Techniques)
        {
            var own = Published.Content.TechniqueOf("own-1", new("Ours") { From = near.Id, Minutes = near.Minutes })!;
            (
                own with
                {
                    Id = near.Id,
                    Name = near.Name,
                    Title = near.Title,
                    Home = near.Home,
                    InSession = near.InSession,
                    Roles = near.Roles,
                    Steps = near.Steps,
                    Actions = near.Actions,
                }
            ).ShouldBe(near);
            own.Actions.ShouldBe(near.Actions);
            own.Roles.Select(r => r.Name).ShouldBe(near.Roles.Select(r => r.Name));
            own.Steps.Select(s => (s.Step, s.Do, s.Say, s.Count))
                .ShouldBe(near.Steps.Select(s => (s.Step, s.Do, s.Say, s.Count)));
        }
    }

    [Fact]
    public void What_is_done_in_it_can_be_added_to_and_not_taken_away()
    {
        var near = Published.Content.Techniques.First(t => t.Actions.Contains("cut"));
        var own = Published.Content.TechniqueOf("own-1", new("Ours") { From = near.Id, Actions = ["throw"] })!;
        near.Actions.ShouldBeSubsetOf(own.Actions);
        own.Actions.ShouldContain("throw");
    }

    [Fact]
    public void Begun_bare_it_works_on_what_its_ladder_does_in_whole_percent()
    {
        foreach (var ladder in Published.Content.Ladders.Values)
        {
            var own = Published.Content.TechniqueOf(
                "own-1",
                new("Ours")
                {
                    Ladder = ladder.Id,
                    Blocks = [BlockKind.Table],
                    Things = [new("jar-lids", 3)],
                    Steps = [new(1, "Lay them out.", null, null, null, null)],
                }
            )!;
            own.Strands.Values.Sum().ShouldBe(100, ladder.Id);
            own.Strands.Keys.ShouldAllBe(s => Strand.Find(s) != null);
            own.Roles.ShouldHaveSingleItem().Needs.Only.ShouldBe(["jar-lids"]);
        }
    }

    [Fact]
    public void Only_what_was_chosen_takes_the_role()
    {
        var needs = RoleNeeds.OneOf(["jar-lids"]);
        Published
            .Content.Materials.Where(m => StandIns.Fails(m, needs, null) is null)
            .Select(m => m.Id)
            .ShouldBe(["jar-lids"]);
    }

    [Fact]
    public void What_a_newer_catalogue_no_longer_has_takes_nothing_with_it()
    {
        var draft = Like(Published.Content.Material("jar-lids")!);
        var house = Published.Content.With([
            new("own-1", draft, null, true),
            new("own-2", draft with { Like = "gone" }, null, true),
            new("own-3", null, new("Ours") { From = "gone" }, true),
            new("own-4", draft, null, false),
        ]);
        house.Materials.Count.ShouldBe(Published.Content.Materials.Count + 1);
        house.Techniques.Count.ShouldBe(Published.Content.Techniques.Count);
        // What lies in the bin still has its name.
        house.Material("own-4")!.Name.En.ShouldBe("Ours");
        house.Material("own-2").ShouldBeNull();
    }

    [Fact]
    public void A_title_that_was_left_goes_with_the_theme_and_the_language_and_one_that_was_written_stays()
    {
        var content = Published.Content;
        foreach (var near in content.Techniques)
        {
            var draft = new IdeaDraft("As it was called in one week") { From = near.Id };
            var ladder = content.Ladders[near.Ladder];
            var usual = new Dictionary<string, int>();
            (draft with { KeepsTitle = true }).Of("own-1", near, ladder, usual).Title.ShouldBe(near.Title);
            draft.Of("own-1", near, ladder, usual).Title.ShouldBe(InBoth.Same(draft.Title));
        }
    }
}
