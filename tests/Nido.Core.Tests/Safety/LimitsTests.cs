using Nido.Core.Cupboard;
using Nido.Core.Group;
using Nido.Core.Ideas;
using Nido.Core.Safety;

namespace Nido.Core.Tests.Safety;

/// <summary>Both sides of every limit, on materials as they are shipped.</summary>
public class LimitsTests
{
    private static readonly Block Table = new("table", "Table", BlockKind.Table, new(9, 0), 20, 2);

    // WHO Child Growth Standards 2006, mean of the medians of girls and boys (from memory).
    [Theory]
    [InlineData(12, 9.3)]
    [InlineData(18, 10.55)]
    [InlineData(24, 11.8)]
    [InlineData(36, 14.1)]
    [InlineData(48, 16.2)]
    [InlineData(60, 18.3)]
    public void Usual_weights(int months, double kg) => BodyWeight.At(months).ShouldBe(kg, 0.01);

    // Harm is reported from about 0.5 g of salt for each kg (from memory): 16 months weigh 10.1 kg, so 5.07 g is the
    // limit.
    [Theory]
    [InlineData("salt", 200, 16, true, true)]
    [InlineData("salt", 5.1, 16, false, true)]
    [InlineData("salt", 5.0, 16, false, false)]
    [InlineData("salt", 200, 35, false, true)]
    [InlineData("salt", 200, 36, false, false)]
    [InlineData("salt", 200, 60, true, true)]
    [InlineData("dough-wheat", 150, 30, false, true)]
    [InlineData("dough-plain", 150, 16, true, false)]
    [InlineData("rice", 200, 16, true, false)]
    [InlineData("bicarbonate", 30, 24, false, true)]
    public void Doses_within_reach(string material, double amount, int months, bool mouths, bool keptOut)
    {
        var found = Check(material, amount, Things.Child("Child", months, mouths: mouths));
        (found?.Rule.Id.EndsWith("-dose", StringComparison.Ordinal) == true).ShouldBe(keptOut, found?.Rule.Id);
        if (keptOut)
        {
            found!.Why[0].ShouldContain("g/kg");
        }
    }

    // 10.1 kg at 16 months: 5.07 g in all, whatever they lie in.
    [Theory]
    [InlineData(4.9, false)]
    [InlineData(5.2, true)]
    public void Doses_of_what_lies_together_add_up(double inAll, bool keptOut)
    {
        const double Loose = 3;
        var (salt, dough) = (Published.Content.Material("salt")!, Published.Content.Material("dough-wheat")!);
        var things = HandledThing
            .AtHand(salt, null, null, Loose)
            .Concat(HandledThing.AtHand(dough, null, null, (inAll - Loose) / dough.Grams["salt"]));
        var found = Things.Safety.Of([.. things], [], Things.Group([Things.Child("Child", 16)]), Things.Monday);
        found.Any(f => f.Rule.Id == "salt-dose").ShouldBe(keptOut);
    }

    [Theory]
    // Stiff card like any thing from 1 mm; thin card and paper only a caution.
    [InlineData("letter-squares", 30, false, "small-part")]
    [InlineData("letter-squares", 40, true, "small-part")]
    [InlineData("letter-squares", 36, false, null)]
    [InlineData("stickers-round", 20, true, null)]
    [InlineData("matchbox-trays", 20, true, null)]
    // Springs, buttons, lids, what is bitten off.
    [InlineData("pegs-wooden", 30, false, "small-part")]
    [InlineData("pegs-large", 35, false, "small-part")]
    [InlineData("shirts-old", 30, false, "small-part")]
    [InlineData("bottles-small", 30, false, "small-part")]
    [InlineData("bottle-tops", 30, false, "small-part")]
    [InlineData("jar-lids", 16, true, null)]
    [InlineData("sponges", 30, false, null)]
    [InlineData("sponges", 40, true, "bitten-off")]
    // Film, cords, loops.
    [InlineData("bubble-wrap", 35, false, "film")]
    [InlineData("bubble-wrap", 36, false, null)]
    [InlineData("feel-bags", 35, false, "loop")]
    [InlineData("feel-bags", 36, false, null)]
    [InlineData("ribbons", 35, false, "long-cord")]
    [InlineData("ribbons-short", 20, false, null)]
    [InlineData("wool", 35, false, "long-cord")]
    [InlineData("wool-balls-wound", 30, false, "long-cord")]
    [InlineData("wool-balls", 20, true, null)]
    [InlineData("string", 36, false, null)]
    // Foods, raw flour, seeds.
    [InlineData("grapes", 47, false, "choking-food")]
    [InlineData("grapes", 48, false, null)]
    [InlineData("semolina", 47, false, "raw-flour")]
    [InlineData("wheat-flour", 48, false, null)]
    [InlineData("dough-wheat-raw", 30, false, "raw-flour")]
    [InlineData("conkers", 47, false, "poison-seed")]
    [InlineData("conkers", 48, false, null)]
    [InlineData("kidney-beans", 70, false, "raw-bean")]
    // Nobody.
    [InlineData("magnet-fishing", 70, false, "magnet")]
    [InlineData("balloons", 70, false, "balloon")]
    [InlineData("toilet-tubes", 70, false, "toilet-tube")]
    [InlineData("egg-cartons-used", 70, false, "used-egg-carton")]
    public void Materials_as_shipped(string material, int months, bool mouths, string? rule) =>
        Check(material, 0, Things.Child("Child", months, mouths: mouths))?.Rule.Id.ShouldBe(rule, material);

    [Theory]
    [InlineData("oats", "wheat", "may hold wheat")]
    [InlineData("oats", "coeliac", "carries oats")]
    [InlineData("drink-cartons-nut", "almendra", "once held tree nuts")]
    [InlineData("rubber-bands", "látex", "carries latex")]
    [InlineData("peanuts", "nuts", "carries peanut")]
    [InlineData("finger-paint-mixed", "corn", "carries maize")]
    [InlineData("stickers-large", "plasters", "carries sticking plasters")]
    public void Allergens_of_materials_in_the_words_of_families(string material, string written, string why)
    {
        var found = Check(material, 1, Things.Child("Child", 70, allergies: written), FoodRule.Freely);
        found.ShouldNotBeNull();
        found.Rule.Id.ShouldBe("allergen");
        string.Join(' ', found.Why).ShouldContain(why);
    }

    [Fact]
    public void A_written_plan_allows_one_material_and_is_shown_where_it_counts()
    {
        var planned = Things.Child("Ivo", 48, allergies: "coeliac") with
        {
            Plans = [new("dough-wheat", "Lead", new(2026, 3, 3), "baked only")],
        };
        Check("dough-wheat", 1, planned).ShouldBeNull();
        Check("pasta-tubes", 1, planned)!.Rule.Id.ShouldBe("allergen");
        var (idea, group) = (Idea("dough-wheat", 1), Things.Group([planned]));
        var shown = Things
            .Safety.Cautions(idea, [.. idea.Steps], Table, group, Things.Monday)
            .Single(c => c.Rule.Id == "allergen-by-plan");
        shown.Whom.ShouldBe(["Ivo"]);
        shown.Why[0].ShouldContain("by the plan of 2026-03-03: baked only (entered by Lead)");
        // The plan is the child's: another one with the allergy is still kept from it.
        var both = Things.Group([planned, Things.Child("Other", 50, allergies: "wheat")]);
        Things.Safety.KeptOut(idea, idea.Steps[0], Table, both, Things.Monday)[1]!.Rule.Id.ShouldBe("allergen");
    }

    [Fact]
    public void A_word_nobody_knows_is_said_at_everything_that_might_hold_it_until_the_house_marks_what_does()
    {
        var group = Things.Group([Things.Child("Child", 70) with { UnknownAllergies = ["annatto"] }]);
        var idea = Idea("rice", 1);
        Things
            .Safety.Cautions(idea, [.. idea.Steps], Table, group, Things.Monday)
            .Single(c => c.Rule.Id == "unread-allergy")
            .Why[0]
            .ShouldStartWith("Nido cannot watch for \u201cannatto\u201d of Child. Say which materials hold it");
        Things.Safety.KeptOut(idea, idea.Steps[0], Table, group, Things.Monday)[0].ShouldBeNull();
        var marked = Things.Safety.With(new Dictionary<string, IReadOnlyList<string>> { ["own:annatto"] = ["rice"] });
        marked.KeptOut(idea, idea.Steps[0], Table, group, Things.Monday)[0]!.Rule.Id.ShouldBe("allergen");
        var other = Idea("oats", 1);
        marked.KeptOut(other, other.Steps[0], Table, group, Things.Monday)[0].ShouldBeNull();
        marked
            .Cautions(other, [.. other.Steps], Table, group, Things.Monday)
            .ShouldNotContain(c => c.Rule.Id == "unread-allergy");
    }

    [Fact]
    public void At_a_drop_in_the_published_lists_stay_off_the_tables_but_for_what_is_let_in()
    {
        var session = Things.Group([]) with { Kind = GroupKind.DropIn, Expected = [new(48, 72, 6)] };
        string? Rule(string material, params string[] letIn) =>
            Things
                .Safety.KeptOut(
                    Idea(material, 1),
                    Idea(material, 1).Steps[0],
                    Table,
                    (session with { Settings = session.Settings with { LetIn = letIn } }).On(Things.Monday),
                    Things.Monday
                )[0]
                ?.Rule.Id;
        Rule("dough-wheat").ShouldBe("allergen-drop-in");
        Rule("oats").ShouldBe("allergen-drop-in");
        Rule("yoghurt-pots").ShouldBe("allergen-drop-in");
        Rule("rice").ShouldBeNull();
        Rule("dough-wheat", "gluten").ShouldBeNull();
        Rule("oats", "wheat").ShouldBe("allergen-drop-in");
    }

    [Fact]
    public void What_is_never_lifted_is_not_whatever_was_written()
    {
        string[] never =
        [
            "allergen",
            "allergen-drop-in",
            "magnet",
            "battery",
            "water-bead",
            "balloon",
            "choking-food",
            "raw-flour",
            "raw-egg",
        ];
        Published
            .Content.SafetyRules.Where(r => r.IsNeverLifted)
            .Select(r => r.Id)
            .ShouldBeSubsetOf([.. never, "cleaner-box", "medicine-box"]);
        never.ShouldBeSubsetOf(Published.Content.SafetyRules.Where(r => r.IsNeverLifted).Select(r => r.Id));
        var idea = Idea("grapes", 1);
        var lifted = Things.Safety.With([
            new RuleOverride(
                "o",
                idea.Id,
                "",
                "choking-food",
                "",
                "Lead",
                "They are cut in four",
                DateTimeOffset.UnixEpoch,
                null
            ),
        ]);
        lifted.KeptOut(idea, idea.Steps[0], Table, Things.Group([Things.Child("Child", 40)]), Things.Monday)[
            0
        ]!.Rule.Id.ShouldBe("choking-food");
    }

    [Fact]
    public void A_line_that_is_fastened_along_a_wall_is_no_free_cord()
    {
        var pegs = Published.Content.Techniques.Single(t => t.Id == "pegs-on-line");
        var step = new IdeaStep(
            1,
            InBoth.Same(""),
            2,
            new Dictionary<string, StandIn> { ["line"] = new(Published.Content.Material("string")!, 90, []) },
            []
        );
        var idea = new Idea("i", pegs, Published.Content.Themes[0], InBoth.Same(""), null, [step]);
        var group = Things.Group([Things.Child("Child", 30)]);
        Things.Safety.KeptOut(idea, step, Table, group, Things.Monday)[0].ShouldBeNull();
        var free = idea with
        {
            Technique = pegs with { Roles = [.. pegs.Roles.Select(r => r with { Fixed = false })] },
        };
        Things.Safety.KeptOut(free, step, Table, group, Things.Monday)[0]!.Rule.Id.ShouldBe("long-cord");
    }

    private static Finding? Check(
        string material,
        double amount,
        Child child,
        FoodRule food = FoodRule.WithAllergyCheck
    )
    {
        var idea = Idea(material, amount);
        var group = Things.Group([child]);
        return Things.Safety.KeptOut(
            idea,
            idea.Steps[0],
            Table,
            group with
            {
                Settings = group.Settings with { Food = food },
            },
            Things.Monday
        )[0];
    }

    private static Idea Idea(string material, double amount)
    {
        var role = new Role("piece", Things.Needs(), Per.Child, new QuantityRule(QuantityKind.Fixed, amount), 0, false);
        var technique = Published.Content.Techniques.Single(t => t.Id == "sort-by-kind") with { Roles = [role] };
        var bound = Published.Content.Material(material)!;
        return new Idea(
            "i",
            technique,
            Published.Content.Themes[0],
            InBoth.Same(""),
            bound,
            [
                new IdeaStep(
                    1,
                    InBoth.Same(""),
                    1,
                    new Dictionary<string, StandIn> { ["piece"] = new(bound, 90, []) },
                    []
                ),
            ]
        );
    }
}
