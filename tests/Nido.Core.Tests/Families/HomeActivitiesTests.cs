using Nido.Core.Families;
using Nido.Core.Group;
using Nido.Core.Group.Steps;
using Nido.Core.Ideas;
using Nido.Core.Paper;
using Nido.Core.Paper.Adults;
using Nido.Core.Safety;
using Nido.Core.Tests.Week;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Data;

namespace Nido.Core.Tests.Families;

/// <summary>What is asked of a home: suited to the child, towards what is wanted, never the same twice running.</summary>
public class HomeActivitiesTests
{
    private static IEnumerable<HomeThing> Every =>
        Published.Content.Techniques.SelectMany(t => t.Home?.Things ?? []).Distinct();

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

    /// <summary>A law: what a thing of a home is like holds no allergen that its child must avoid.</summary>
    [Fact]
    public void Nothing_with_an_allergen_of_the_child_is_asked()
    {
        var book = Published.Content.Allergens;
        var held = Every.SelectMany(t => t.Like?.Allergens ?? []).Distinct().ToArray();
        held.Length.ShouldBeGreaterThan(2);
        foreach (var allergy in (string[])[.. held, "cereals", "gluten"])
        {
            for (var week = 0; week < 2; week++)
            {
                var child = Things.Child("Child", 50) with { Allergies = [allergy] };
                Of(child, monday: Things.Monday.AddDays(7 * week))
                    .SelectMany(h => h.Things)
                    .SelectMany(t => t.Thing.Like?.Allergens ?? [])
                    .ShouldAllBe(h => !book.Meets(allergy, h));
            }
        }
    }

    /// <summary>A law: each thing asked alone, a rule of the room blocks it for no child it is asked of.</summary>
    [Theory]
    [InlineData(15, false)]
    [InlineData(22, true)]
    [InlineData(34, false)]
    [InlineData(50, true)]
    public void Nothing_a_safety_rule_blocks_is_asked(int months, bool mouths)
    {
        var blocked = 0;
        for (var week = 0; week < 2; week++)
        {
            var monday = Things.Monday.AddDays(7 * week);
            var child = Things.Child("Child", months, mouths: mouths);
            var asked = Of(child, monday: monday).SelectMany(h => h.Things).Select(t => t.Thing).ToHashSet();
            foreach (var thing in Every)
            {
                var isBlocked = Things
                    .Safety.Of(
                        [.. HandledThing.AtHand(thing.Like, null)],
                        [],
                        Weeks.Six with
                        {
                            Children = [child],
                        },
                        monday
                    )
                    .Any(f => f.Rule.Severity == Severity.Block);
                blocked += isBlocked ? 1 : 0;
                (isBlocked && asked.Contains(thing)).ShouldBeFalse(thing.Id);
            }
        }

        // Where nothing were blocked the law would say nothing.
        blocked.ShouldBeGreaterThan(0);
    }

    /// <summary>Cords longer than 220 mm are kept from children under three, at home as in the room.</summary>
    [Fact]
    public void A_shoe_lace_is_for_three_and_over()
    {
        bool Laces(int months) =>
            Enumerable
                .Range(0, 2)
                .SelectMany(w =>
                    HomeActivities.For(
                        Plan([Things.Child("Child", months)], Things.Monday.AddDays(7 * w)),
                        Theme,
                        [.. Published.Content.Techniques.Where(t => t.Id == "thread-string")],
                        Published.Content.HomeKinds,
                        Plan([Things.Child("Child", months)], Things.Monday.AddDays(7 * w)).Problem.Group.Children[0]
                    )
                )
                .Any(h => h.Things.Any(t => t.Thing.Id == "shoe-lace"));
        Laces(35).ShouldBeFalse();
        Laces(40).ShouldBeTrue();
    }

    [Fact]
    public void What_an_adult_must_mind_stands_with_it() =>
        Enumerable
            .Range(0, 2)
            .SelectMany(w => Of(Things.Child("Child", 50), monday: Things.Monday.AddDays(7 * w)))
            .ShouldContain(h => h.Mind.Count > 0);

    [Fact]
    public void A_session_keeps_the_published_allergens_away()
    {
        var group = Weeks.Six with { Kind = GroupKind.DropIn, Children = [], Expected = [new(24, 48, 6)] };
        for (var week = 0; week < 2; week++)
        {
            var monday = Things.Monday.AddDays(7 * week);
            var input = WeekInputs.Of(Published.Content, group, Theme, monday, Things.Plenty);
            var plan = new WeekPlan(WeekProblem.Build(input).Problem, []);
            HomeActivities
                .For(plan, Theme, Published.Content.Techniques, Published.Content.HomeKinds, null)
                .SelectMany(h => h.Things)
                .ShouldAllBe(t => t.Thing.Like == null || !t.Thing.Like.Allergens.Contains("wheat"));
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
                Published.Content.HomeKinds,
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
        var home = HomeActivities.For(plan, Theme, Published.Content.Techniques, Published.Content.HomeKinds, null);
        home.Count.ShouldBe(HomeActivities.Most);
        home.ShouldAllBe(h => h.Step == null);
        var young = HomeActivities.For(
            plan,
            Theme,
            Published.Content.Techniques,
            Published.Content.HomeKinds,
            plan.Problem.Group.Children[1]
        );
        young.Count.ShouldBe(HomeActivities.Most);
    }

    [Fact]
    public void An_empty_group_still_has_a_page()
    {
        var plan = Plan([], Things.Monday);
        HomeActivities
            .For(plan, Theme, Published.Content.Techniques, Published.Content.HomeKinds, null)
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
            Published.Content.HomeKinds,
            plan.Problem.Group.Children[0]
        );
        var words = PaperWords.In(language, Published.Content.Tongue(language));
        var text = LetterBefore.Of(plan, Theme, words, plan.Problem.Group.Children[0], home).AsText();
        text.ShouldContain(atHome);
        text.ShouldContain(whose);
        text.ShouldNotContain("{");
        foreach (var way in home.Select(h => h.Way))
        {
            text.ShouldContain(way.NameIn(language));
            text.ShouldNotContain(way.NameIn(language == "en" ? "es" : "en"));
        }

        LetterBefore.Of(plan, Theme, words, null, []).AsText().ShouldNotContain("Xiomara");
    }

    private static IReadOnlyList<HomeActivity> Of(Child child, DateOnly? monday = null)
    {
        var plan = Plan([child], monday ?? Things.Monday);
        return HomeActivities.For(
            plan,
            Theme,
            Published.Content.Techniques,
            Published.Content.HomeKinds,
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
