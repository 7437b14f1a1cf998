using Nido.Core.Group;
using Nido.Core.Safety;
using Nido.Core.Tests.Week;
using Nido.Core.Week.Findings;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Core.Week.Rules;

namespace Nido.Core.Tests.Safety;

public class WeekFindingsTests
{
    private static readonly ChildrenGroup Six = Weeks.Six;

    [Fact]
    public void A_new_allergy_bars_what_lies_there_and_names_thing_child_source_and_ways_out()
    {
        var (input, placement) = WithDough(Six);
        var allergic = input with { Group = WithAllergy(Six, "corn") };
        var plan = new WeekPlan(Weeks.Build(allergic), [placement]);
        plan.Filled.ShouldBeEmpty();
        var finding = WeekFindings.Of(plan).First(f => f.Severity == Severity.Block);
        finding.RuleId.ShouldBe("allergen");
        finding.Whom.ShouldBe(["Fay"]);
        finding.Why.ShouldAllBe(w => w.Contains("carries maize"));
        finding.Source.ShouldStartWith("Caring for Our Children");
        // An allergen is never lifted by a sentence.
        finding.WaysOut.Select(w => w.Kind).ShouldBe([WayOutKind.Swap, WayOutKind.TakeOut]);

        var swapped = new WeekPlan(plan.Problem, [placement with { IdeaId = finding.WaysOut[0].IdeaId! }]);
        WeekFindings.Of(swapped).ShouldNotContain(f => f.RuleId == "allergen");
    }

    [Fact]
    public void A_lifted_rule_lets_the_idea_lie_and_stays_in_sight_with_name_and_reason()
    {
        var (input, placement) = WithDough(Six);
        RuleOverride[] lifted =
        [
            new(
                "o",
                placement.IdeaId,
                "Dough",
                "no-food-here",
                "",
                "Lead",
                "The families were asked and agree",
                DateTimeOffset.UnixEpoch,
                null
            ),
        ];
        var noFood = Six with { Settings = Six.Settings with { Food = FoodRule.Never } };
        var allergic = input with { Group = noFood, Safety = Things.Safety.With(lifted) };
        var plan = new WeekPlan(Weeks.Build(allergic), [placement]);
        plan.Filled.Count().ShouldBe(1);
        var finding = WeekFindings.Of(plan)[0];
        finding.Severity.ShouldBe(Severity.Block);
        finding.Lifted!.Adult.ShouldBe("Lead");
        var withdrawn = allergic with
        {
            Safety = Things.Safety.With([lifted[0] with { WithdrawnAt = DateTimeOffset.UnixEpoch }]),
        };
        new WeekPlan(Weeks.Build(withdrawn), [placement]).Filled.ShouldBeEmpty();

        // For a day it is lifted on that day and no other.
        var tuesday = allergic with
        {
            Safety = Things.Safety.With([lifted[0] with { Day = Things.Monday.AddDays(1) }]),
        };
        var byDay = Weeks.Build(tuesday);
        new WeekPlan(byDay, [placement]).Filled.ShouldBeEmpty();
        new WeekPlan(byDay, [placement with { Day = 1 }]).Filled.Count().ShouldBe(1);
    }

    [Fact]
    public void A_block_short_of_adults_by_its_offers_is_a_blocking_finding_whose_ways_out_work()
    {
        var group = Six with
        {
            Adults = [.. Six.Adults.Take(1), Six.Adults[1] with { Days = WeekDays.Tuesday }],
            Children = [.. Six.Children.Where(c => c.MonthsOn(Things.Monday) > 30).Take(2)],
        };
        var problem = Weeks.Build(Things.Week(group));
        var beside = problem
            .Uses.Where(u => u.Block.Id == "welcome" && u.Adults > 0)
            .DistinctBy(u => u.TechniqueIndex)
            .Take(2)
            .ToArray();
        Placement[] both =
        [
            new(0, "welcome", 0, beside[0].Idea.Id, false),
            new(0, "welcome", 1, beside[1].Idea.Id, false),
        ];
        var plan = new WeekPlan(problem, both);
        var finding = WeekFindings
            .Of(plan)
            .First(f => f.RuleId == "ratio" && f.Where[0].Placement.BlockId == "welcome");
        finding.Severity.ShouldBe(Severity.Block);
        finding.DeferTo.ShouldBe("your licence");
        finding.WaysOut.Select(w => w.Kind).ShouldContain(WayOutKind.Join);
        var swap = finding.WaysOut.First(w => w.Kind == WayOutKind.Swap);
        var after = new WeekPlan(
            plan.Problem,
            [.. both.Where(p => p != swap.At), swap.At! with { IdeaId = swap.IdeaId! }]
        );
        after.AdultsShort().ShouldNotContain(s => s.Day == 0 && s.Block.Id == "welcome");
    }

    [Fact]
    public void Too_few_adults_for_the_ages_asks_an_adult_who_is_there_at_another_time()
    {
        var noon = new Adult("v", "Volunteer", WeekDays.Monday, new(11, 0), new(13, 0));
        var group = Six with { Adults = [Six.Adults[0], noon] };
        var plan = new WeekPlan(
            Weeks.Build(Things.Week(Six)) is var p && p.Uses.Count > 0
                ? WeekProblem.Build(Things.Week(group)).Problem
                : p,
            []
        );
        var finding = WeekFindings.Of(plan).First(f => f.RuleId == "ratio");
        finding.Source.ShouldBe("Caring for Our Children standard 1.1.1.2");
        var way = finding.WaysOut.First(w => w.Kind == WayOutKind.AskAdult);
        way.Adult!.Name.ShouldBe("Volunteer");
        var asked = group with { Adults = [.. group.Adults, way.Adult with { Id = "x" }] };
        var after = new WeekPlan(WeekProblem.Build(Things.Week(asked)).Problem, []).AdultsShort();
        after.Count.ShouldBe(plan.AdultsShort().Count - 1);
    }

    [Fact]
    public void Cautions_of_a_week_stand_once_a_rule_with_every_place()
    {
        var problem = Weeks.Build(Things.Week(Six));
        var cut = problem.Uses.First(u => u.Idea.Technique.Actions.Contains("cut") && u.Block.Id == "table");
        var plan = new WeekPlan(
            problem,
            [new(0, "table", 0, cut.Idea.Id, false), new(2, "table", 0, cut.Idea.Id, false)]
        );
        var findings = WeekFindings.Of(plan).Where(f => f.RuleId == "blade").ToArray();
        findings.Single().Where.Count.ShouldBe(2);
        WeekFindings.Of(plan).Select(f => f.Severity).ShouldBeInOrder();
    }

    [Fact]
    public void Small_parts_may_lie_out_on_the_days_the_young_ones_stay_at_home()
    {
        var group = Things.Group([
            Things.Child("Young", 24, WeekDays.Monday | WeekDays.Tuesday),
            Things.Child("Older", 60),
        ]);
        var problem = Weeks.Build(Things.Week(group));
        var later = problem.Uses.Where(u => u.OnDay[2] && !u.OnDay[0] && u.Reach[1]).ToArray();
        later.ShouldNotBeEmpty();
        later
            .SelectMany(u =>
                u.Idea.Steps.Select(s => Things.Safety.KeptOut(u.Idea, s, u.Block, group, Things.Monday)[1])
            )
            .OfType<Finding>()
            .Select(f => f.Rule.Id)
            .ShouldContain("small-part");
        var composed = Weeks.Compose(problem).Plan;
        composed.Where(p => new WeekPlan(problem, [p]).Lost.Count > 0).ShouldBeEmpty();
    }

    [Fact]
    public void A_prep_task_with_a_blade_is_for_an_adult_and_says_so()
    {
        var problem = Weeks.Build(Things.Week(Six));
        var slots = problem.Uses.First(u => u.Idea.Technique.Id == "post-in-slots");
        var plan = new WeekPlan(problem, [new(1, slots.Block.Id, 0, slots.Idea.Id, false)]);
        var task = Nido.Core.Prep.PrepTasks.Of(plan).First(t => t.Cautions.Count > 0);
        task.AdultOnly.ShouldBeTrue();
        task.Cautions.ShouldContain(c => c.Rule.Id == "cut-beforehand");
    }

    private static (WeekInput Input, Placement Placement) WithDough(ChildrenGroup group)
    {
        // Cornstarch dough, with the allergen on its label.
        var input = Things.Week(group);
        input = input with
        {
            Ideas =
            [
                .. input.Ideas.Select(i =>
                    i.Lead?.Id != "dough-corn"
                        ? i
                        : i with
                        {
                            Steps =
                            [
                                .. i.Steps.Select(s =>
                                    s with
                                    {
                                        Bindings = s.Bindings.ToDictionary(
                                            b => b.Key,
                                            b =>
                                                b.Value.Material.Id == "dough-corn"
                                                    ? b.Value with
                                                    {
                                                        Material = b.Value.Material with
                                                        {
                                                            Contents = new() { Allergens = ["maize"] },
                                                        },
                                                    }
                                                    : b.Value
                                        ),
                                    }
                                ),
                            ],
                        }
                ),
            ],
        };
        var idea = input.Ideas.First(i => i.Technique.Id == "dough-shapes" && i.Lead?.Id == "dough-corn");
        return (input, new(0, "table", 0, idea.Id, false));
    }

    private static ChildrenGroup WithAllergy(ChildrenGroup group, string allergen) =>
        group with
        {
            Children = [.. group.Children.Select(c => c.Name == "Fay" ? c with { Allergies = [allergen] } : c)],
        };
}
