using Nido.Core.Group;
using Nido.Core.Week.Change;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;

namespace Nido.Core.Tests.Week;

/// <summary>What the mix of approaches changes about a week.</summary>
public class ApproachTests
{
    private static readonly WeekProblem Problem = Weeks.Build(Things.Week(Weeks.Six));
    private static readonly WeekPlan Plan = new(Problem, Weeks.Compose(Problem).Plan);

    [Theory]
    [InlineData(3, 1, 4, 1)]
    [InlineData(3, 0, 4, 0)]
    [InlineData(3, 1, 19, 1)]
    [InlineData(6, 1, 1, 3)]
    [InlineData(3, 1, 0, 3)]
    [InlineData(1, 1, 0, 0)]
    public void Its_part_of_the_offers_stays_and_one_at_least(int offers, int part, int others, int stays) =>
        StayingOffer
            .HowMany(
                new("b", "B", BlockKind.Shelf, new(9, 0), 20, offers),
                Approach.PreparedShelf,
                GroupSettings.Default with
                {
                    Approaches = new Dictionary<Approach, int>
                    {
                        [Approach.PreparedShelf] = part,
                        [Approach.Games] = others,
                    },
                }
            )
            .ShouldBe(stays);

    [Fact]
    public void A_tray_and_a_base_stay_all_week_and_are_of_their_approach()
    {
        Problem.Staying.Select(s => s.Approach).ShouldBe([Approach.PreparedShelf, Approach.OpenProvision]);
        foreach (var stays in Problem.Staying)
        {
            stays.All.Select(s => Plan.State.Uses[s]).Distinct().ShouldHaveSingleItem();
            Problem.Uses[Plan.State.Uses[stays.All[0]]].Idea.Technique.Approaches.ShouldContain(stays.Approach);
        }

        Problem.Uses[Plan.State.Uses[Problem.Staying[1].All[0]]].Idea.Technique.Traits.ShouldContain("base");
    }

    [Fact]
    public void What_is_locked_on_one_day_stays_on_the_others()
    {
        var other = Problem.Staying[0].Choices.Last(u => u.Index != Plan.State.Uses[Problem.Staying[0].All[0]]);
        var locked = new Placement(2, Problem.Blocks[0].Id, 0, other.Idea.Id, true);
        var problem = Weeks.Build(Problem.Input with { Locked = [locked] });
        var result = Weeks.Compose(problem);
        result.Score.Broken.ShouldBe(0);
        result.Plan.Where(p => p.BlockId == locked.BlockId && p.Offer == 0).ShouldAllBe(p => p.IdeaId == other.Idea.Id);
        result.Plan.Count(p => p.Locked).ShouldBe(1, "only what was locked is");
    }

    [Fact]
    public void A_tray_that_stays_is_laid_once()
    {
        var slots = Problem.Staying[0].All;
        var use = Problem.Uses[Plan.State.Uses[slots[0]]];
        Core.Prep.PrepTasks.Of(Plan)
            .Count(t => t.For.ToString() == use.Idea.Title.En)
            .ShouldBe(
                (Plan.Filled.Count(f => f.Use.Idea.Title == use.Idea.Title) - slots.Count + 1)
                    * use.Idea.Technique.Prep.Count
            );
    }

    [Fact]
    public void One_thing_about_the_base_is_new_on_each_of_five_days()
    {
        var refreshes = Refreshes.Of(Plan);
        refreshes.Select(r => r.Day).ShouldBe([0, 1, 2, 3, 4]);
        refreshes[0].Kind.ShouldBe(RefreshKind.Place);
        refreshes.Select(r => (r.Adds?.Id, r.Place)).Distinct().Count().ShouldBe(5);
        refreshes.Where(r => r.Adds is null).ShouldAllBe(r => r.Place != null);
        Refreshes.Of(Plan).Select(r => r.Adds?.Id).ShouldBe(refreshes.Select(r => r.Adds?.Id), "the same every time");
    }

    [Fact]
    public void What_someone_there_is_allergic_to_is_not_laid_to_the_base_and_the_rule_is_named()
    {
        // Whatever base the week has, the one that is asked about gets tools.
        var stays = Problem.Staying[1];
        var plan = stays
            .Choices.Select(choice => new WeekPlan(
                Problem,
                [
                    .. Plan.Filled.Select(f =>
                        stays.All.Contains(f.Slot) ? f.Placement with { IdeaId = choice.Idea.Id } : f.Placement
                    ),
                ]
            ))
            .First(p => Refreshes.Of(p).Any(IsATool));
        var free = Refreshes.Of(plan).First(IsATool);
        var thing = free.Adds! with { Contents = new() { Allergens = ["wheat"] } };
        var input = Problem.Input with
        {
            Materials = [.. Problem.Input.Materials.Select(m => m.Id == thing.Id ? thing : m)],
        };
        var checkedAgain = Refreshes
            .Of(new WeekPlan(Weeks.Build(input), [.. plan.Filled.Select(f => f.Placement)]))
            .Single(r => r.Day == free.Day);
        checkedAgain.Adds?.Id.ShouldNotBe(thing.Id);
        checkedAgain.LeftOut.ShouldContain(l => l.StartsWith(thing.Name.En, StringComparison.Ordinal));
        // On a day when the child with the allergy is away nothing is left out for it.
        var away = Weeks.Build(input with { CameUp = [new(CameUpKind.ChildAway, "Dara", 0, 4)] });
        Refreshes
            .Of(new WeekPlan(away, [.. plan.Filled.Select(f => f.Placement)]))
            .Single(r => r.Day == free.Day)
            .Adds?.Id.ShouldBe(thing.Id);

        static bool IsATool(Refresh refresh) => refresh is { Kind: RefreshKind.Tools, Adds: not null };
    }

    [Fact]
    public void Where_practice_comes_back_those_who_met_it_have_a_step_to_try()
    {
        var (use, days) = Plan
            .Filled.Where(f => Problem.Graded[f.Use.TechniqueIndex])
            .GroupBy(f => f.Use.TechniqueIndex)
            .Where(g => g.Select(f => f.Placement.Day).Distinct().Count() > 1)
            .Select(g => (g.First().Use, g.Select(f => f.Placement.Day).Order().ToArray()))
            .First();
        ComesBack.StepUp(Plan, days[0], use).ShouldBeEmpty();
        use = Plan.Filled.First(f => f.Use.TechniqueIndex == use.TechniqueIndex && f.Placement.Day == days[1]).Use;
        var again = ComesBack.StepUp(Plan, days[1], use);
        again.ShouldNotBeEmpty();
        foreach (var (child, step) in again)
        {
            step.Number.ShouldBeGreaterThan(use.Children.Single(c => c.Child.Id == child.Id).Offer!.Step);
        }
    }

    [Fact]
    public void Graded_practice_comes_back_as_often_as_the_mix_asks()
    {
        Problem.GradedWanted.ShouldBe(1);
        var measured = Weeks.Build(
            Problem.Input with
            {
                Group = Problem.Group with
                {
                    Settings = Problem.Group.Settings with
                    {
                        Approaches = new Dictionary<Approach, int> { [Approach.GradedPractice] = 1 },
                    },
                },
            }
        );
        measured.GradedWanted.ShouldBe(5);
        measured.Staying.ShouldBeEmpty();
    }
}
