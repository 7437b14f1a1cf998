using Nido.Core.Families;
using Nido.Core.Group;
using Nido.Core.Group.Steps;
using Nido.Core.Ideas;
using Nido.Core.Paper;
using Nido.Core.Paper.Adults;
using Nido.Core.Tests.Week;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Data;

namespace Nido.Core.Tests.Families;

/// <summary>What is asked of a home: suited to the child, towards what is wanted, never the same twice running.</summary>
public class HomeActivitiesTests
{
    private static readonly Theme Theme = Published.Content.Theme("little-post-office")!;

    [Fact]
    public void There_is_something_for_each_age_and_no_two_of_one_ladder()
    {
        foreach (var months in (int[])[15, 24, 40, 66, 90])
        {
            foreach (var monday in (DateOnly[])[Things.Monday, Things.Monday.AddDays(7)])
            {
                var home = Of(Things.Child("Child", months), monday: monday);
                home.Count.ShouldBe(HomeActivities.Most, $"{months} months, {monday}");
                home.Select(h => h.Technique.Ladder).ShouldBeUnique();
                home.ShouldAllBe(h => h.Step != null && h.Minutes <= 10);
            }
        }
    }

    /// <summary>A law: no page asks what the page of the week before asked.</summary>
    [Fact]
    public void Two_weeks_running_share_nothing()
    {
        for (var week = 0; week < 40; week++)
        {
            var monday = Things.Monday.AddDays(7 * week);
            Turn(monday).Intersect(Turn(monday.AddDays(7))).ShouldBeEmpty();
        }

        static HashSet<string> Turn(DateOnly monday) =>
            [.. HomeActivities.OfTheWeek(Published.Content.Techniques, monday).Select(t => t.Id)];
    }

    [Fact]
    public void Every_way_for_a_home_has_its_turn_in_two_weeks() =>
        HomeActivities
            .OfTheWeek(Published.Content.Techniques, Things.Monday)
            .Concat(HomeActivities.OfTheWeek(Published.Content.Techniques, Things.Monday.AddDays(7)))
            .Select(t => t.Id)
            .ShouldBe(Published.Content.Techniques.Where(t => t.Home is not null).Select(t => t.Id), ignoreOrder: true);

    /// <summary>A law: for every allergen a thing of a home holds, a child who must avoid it, or what it belongs to,
    /// never meets it.</summary>
    [Fact]
    public void Nothing_with_an_allergen_of_the_child_is_asked()
    {
        var book = Published.Content.Allergens;
        var held = Published
            .Content.Techniques.SelectMany(t => t.Home?.Things ?? [])
            .SelectMany(t => t.Contains)
            .Distinct()
            .ToArray();
        held.Length.ShouldBeGreaterThan(2);
        foreach (var allergy in (string[])[.. held, "cereals", "gluten"])
        {
            for (var week = 0; week < 2; week++)
            {
                var child = Things.Child("Child", 50) with { Allergies = [allergy] };
                Of(child, monday: Things.Monday.AddDays(7 * week))
                    .SelectMany(h => h.Things)
                    .SelectMany(t => t.Contains)
                    .ShouldAllBe(h => !book.Meets(allergy, h));
            }
        }
    }

    [Fact]
    public void An_allergy_nobody_can_read_keeps_to_things_without_any()
    {
        var child = Things.Child("Child", 50) with { UnknownAllergies = ["qwerty"] };
        Of(child).SelectMany(h => h.Things).ShouldAllBe(t => t.Contains.Count == 0);
    }

    [Fact]
    public void What_is_for_older_ones_stays_away_from_the_young()
    {
        foreach (var monday in (DateOnly[])[Things.Monday, Things.Monday.AddDays(7)])
        {
            Of(Things.Child("Child", 20), monday: monday)
                .SelectMany(h => h.Things)
                .ShouldAllBe(t => t.FromMonths <= 20);
        }
    }

    [Fact]
    public void An_objective_is_worked_towards_at_home_and_said_so()
    {
        foreach (var monday in (DateOnly[])[Things.Monday, Things.Monday.AddDays(7)])
        {
            var child = Things.Child("Child", 50);
            var ladder = HomeActivities
                .OfTheWeek(Published.Content.Techniques, monday)
                .First(t => t.Ladder is "pattern" or "numerals")
                .Ladder;
            var plan = Plan([child], monday, new Objective(child.Id, ladder, 4, monday.AddDays(40)));
            var first = HomeActivities.For(
                plan,
                Theme,
                Published.Content.Techniques,
                Published.Content.Allergens,
                plan.Problem.Group.Children[0]
            )[0];
            first.Technique.Strands.Keys.ShouldContain(Published.Content.Ladders[ladder].Strand.Id);
            first.Why.ShouldStartWith("towards an objective");
        }
    }

    [Fact]
    public void A_page_for_everyone_has_no_step_and_suits_the_youngest()
    {
        var plan = Plan([Things.Child("Old", 70), Things.Child("Young", 20)], Things.Monday);
        var home = HomeActivities.For(plan, Theme, Published.Content.Techniques, Published.Content.Allergens, null);
        home.Count.ShouldBe(HomeActivities.Most);
        home.ShouldAllBe(h => h.Step == null && h.Things.All(t => t.FromMonths <= 20));
    }

    [Fact]
    public void An_empty_group_still_has_a_page()
    {
        var plan = Plan([], Things.Monday);
        HomeActivities
            .For(plan, Theme, Published.Content.Techniques, Published.Content.Allergens, null)
            .Count.ShouldBe(HomeActivities.Most);
    }

    [Theory]
    [InlineData("en", "Ten minutes at home", "For the family of Xiomara")]
    [InlineData("es", "Diez minutos en casa", "Para la familia de Xiomara")]
    public void The_letter_says_it_in_one_language(string language, string atHome, string whose)
    {
        var plan = Plan([Things.Child("Xiomara", 50)], Things.Monday);
        var home = HomeActivities.For(
            plan,
            Theme,
            Published.Content.Techniques,
            Published.Content.Allergens,
            plan.Problem.Group.Children[0]
        );
        var words = PaperWords.In(language, Published.Content.Tongue(language));
        var text = FamilyLetter.Of(plan, Theme, words, plan.Problem.Group.Children[0], home).AsText();
        text.ShouldContain(atHome);
        text.ShouldContain(whose);
        text.ShouldNotContain("{");
        foreach (var way in home.Select(h => h.Way))
        {
            text.ShouldContain(way.NameIn(language));
            text.ShouldNotContain(way.NameIn(language == "en" ? "es" : "en"));
        }

        FamilyLetter.Of(plan, Theme, words, null, []).AsText().ShouldNotContain("Xiomara");
    }

    private static IReadOnlyList<HomeActivity> Of(Child child, DateOnly? monday = null)
    {
        var plan = Plan([child], monday ?? Things.Monday);
        return HomeActivities.For(
            plan,
            Theme,
            Published.Content.Techniques,
            Published.Content.Allergens,
            plan.Problem.Group.Children[0]
        );
    }

    private static WeekPlan Plan(Child[] children, DateOnly monday, params Objective[] towards)
    {
        var group = Weeks.Six with { Children = children };
        var input = WeekInputs.Of(Published.Content, group, Theme, monday, Things.Plenty) with
        {
            Evidence = new Evidence([], [], monday) { Objectives = towards },
        };
        return new WeekPlan(WeekProblem.Build(input).Problem, []);
    }
}
