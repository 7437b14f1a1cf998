using Nido.Core.Cupboard;
using Nido.Core.Group;
using Nido.Core.Ideas;
using Nido.Core.Safety;

namespace Nido.Core.Tests.Safety;

/// <summary>Each shipped rule with one case that fires and one that just does not.</summary>
public class SafetyRuleTests
{
    private static readonly Block Table = new("table", "Table", BlockKind.Table, new(9, 0), 20, 2);

    [Theory]
    [InlineData("small-part", "beads-small", "", 35, "", 36)]
    [InlineData("choking-food", "grapes", "", 47, "", 48)]
    [InlineData("raw-flour", "wheat-flour", "", 47, "", 48)]
    public void Blocking_rules_that_hang_on_age(string rule, string material, string action, int fires, string otherAction, int not)
    {
        Fires(rule, material, action, Things.Child("Tavi", fires)).ShouldBeTrue();
        Fires(rule, material, otherAction, Things.Child("Tavi", not)).ShouldBeFalse();
        Fires(rule, material, action, Things.Child("Tavi", not, mouths: true)).ShouldBeTrue();
    }

    [Theory]
    [InlineData("magnet", "magnet-fishing", "jar-lids")]
    [InlineData("balloon", "balloons", "scarves")]
    [InlineData("used-egg-carton", "egg-cartons-used", "egg-cartons-new")]
    [InlineData("blade", "scissors-child", "spoons")]
    [InlineData("point", "pencils", "crayons-thick")]
    [InlineData("cord", "rope", "ribbons")]
    [InlineData("elastic", "rubber-bands", "wool")]
    [InlineData("powder", "salt", "water")]
    [InlineData("food-as-material", "rice", "pom-poms-large")]
    [InlineData("glass", "marbles", "beads-large")]
    [InlineData("soap", "soap-liquid", "water")]
    public void Rules_that_hang_on_a_property(string rule, string fires, string not)
    {
        var child = Things.Child("Tavi", 60);
        Fires(rule, fires, "", child).ShouldBeTrue();
        Fires(rule, not, "", child).ShouldBeFalse();
    }

    [Theory]
    [InlineData("standing-water", "water", "throw")]
    [InlineData("wet-floor", "clean", "cut")]
    [InlineData("heat", "heat", "water")]
    [InlineData("throwing-lane", "throw", "lift")]
    [InlineData("climbing", "climb", "throw")]
    [InlineData("heavy-lift", "lift", "climb")]
    public void Rules_that_hang_on_an_action(string rule, string fires, string not)
    {
        var child = Things.Child("Tavi", 60);
        Fires(rule, "jar-lids", fires, child).ShouldBeTrue();
        Fires(rule, "jar-lids", not, child).ShouldBeFalse();
    }

    [Theory]
    [InlineData("paint-on-skin", "finger-paint", "paint", "cut")]
    [InlineData("unknown-plants", "leaves", "gather", "cut")]
    public void Rules_that_hang_on_both(string rule, string material, string fires, string not)
    {
        var child = Things.Child("Tavi", 60);
        Fires(rule, material, fires, child).ShouldBeTrue();
        Fires(rule, material, not, child).ShouldBeFalse();
        Fires(rule, "tubes-short", fires, child).ShouldBeFalse();
    }

    [Theory]
    [InlineData("wheat", "dough-wheat", true)]
    [InlineData("egg", "dough-wheat", false)]
    [InlineData("peanut", "peanuts", true)]
    [InlineData("latex", "balloons", true)]
    [InlineData("gluten", "oats", true)]
    public void An_allergen_meets_the_child_who_has_it(string allergy, string material, bool fires) =>
        Fires("allergen", material, "", Things.Child("Tavi", 60, allergies: allergy)).ShouldBe(fires);

    [Fact]
    public void A_rule_that_asks_no_age_concerns_a_room_of_any_age()
    {
        var group = Things.Group([Things.Child("Young", 18), Things.Child("Older", 70)]);
        var idea = Idea("scissors-child", "");
        var blade = Things.Safety.Cautions(idea, [.. idea.Steps], group, Things.Monday).Single(c => c.Rule.Id == "blade");
        blade.Whom.ShouldBeEmpty();
        blade.What.ShouldBe(["Child scissors"]);
    }

    [Fact]
    public void Every_shipped_rule_is_tested_here()
    {
        var tested = typeof(SafetyRuleTests).GetMethods()
            .SelectMany(m => m.GetCustomAttributes(typeof(InlineDataAttribute), false).Cast<InlineDataAttribute>())
            .Select(a => a.Data[0] as string).ToHashSet();
        // Those two have their cases in SafetyCheckTests and in the allergen test above; no shipped material holds a battery or a raw bean.
        Published.Content.SafetyRules.Select(r => r.Id)
            .Except(tested.OfType<string>()).Except(["allergen", "long-cord-under-18-months", "battery", "raw-bean"]).ShouldBeEmpty();
    }

    private static bool Fires(string rule, string material, string action, Child child)
    {
        var only = new SafetyCheck([.. Published.Content.SafetyRules.Where(r => r.Id == rule)]);
        var group = Things.Group([child]);
        var idea = Idea(material, action);
        return only.KeptOut(idea, idea.Steps[0], Table, group, Things.Monday)[0] is not null
            || only.Cautions(idea, [.. idea.Steps], group, Things.Monday).Count > 0;
    }

    private static Idea Idea(string material, string action)
    {
        var technique = Published.Content.Techniques[0] with { Actions = action.Length == 0 ? [] : [action] };
        var thing = Published.Content.Material(material)!;
        return new Idea("i", technique, Published.Content.Themes[0], "", thing, [new IdeaStep(1, "", 1, new Dictionary<string, StandIn> { ["piece"] = new(thing, 90, []) })]);
    }
}
