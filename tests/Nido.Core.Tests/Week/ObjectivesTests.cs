using Nido.Core.Group.Steps;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Core.Week.Search;

namespace Nido.Core.Tests.Week;

/// <summary>What a child works towards is favoured.</summary>
public class ObjectivesTests
{
    [Theory]
    [InlineData("Fay", 5)]
    [InlineData("Ada", 5)]
    [InlineData("Ben", 2)]
    public void The_ladder_of_an_objective_comes_at_least_twice_on_the_days_the_child_is_there(
        string name,
        int fairShares
    )
    {
        var input = Things.Week(Weeks.Six);
        var without = Weeks.Build(input with { Sliders = input.Sliders with { FairShares = fairShares } });
        var plain = new WeekPlan(without, Weeks.Compose(without).Plan);
        // A ladder that the plan does not happen to give the child often, and could.
        var rare = without
            .Input.Ladders.Keys.Where(l =>
                without
                    .Uses.Where(u => u.Idea.Technique.Ladder == l && Reaches(u, name))
                    .Select(u => u.BlockIndex)
                    .Distinct()
                    .Count() >= 2
            )
            .OrderBy(l => Times(plain, l, name))
            .ThenBy(l => l, StringComparer.Ordinal)
            .First();
        Times(plain, rare, name).ShouldBeLessThan(2, rare);

        var with = Weeks.Build(
            without.Input with
            {
                Evidence = Towards(new Objective(name, rare, 4, Things.Monday.AddDays(30))),
            }
        );
        with.Objectives.Count.ShouldBe(1);
        var composed = new WeekComposer(with, Weeks.Quick with { AnnealSteps = 60_000 }, TimeProvider.System).Compose(
            null,
            TestContext.Current.CancellationToken
        );
        Times(new(with, composed.Plan), rare, name).ShouldBeGreaterThanOrEqualTo(2, rare);
    }

    [Fact]
    public void What_is_over_or_cannot_be_served_asks_for_nothing()
    {
        var input = Things.Week(Weeks.Six);
        Weeks
            .Build(input with { Evidence = Towards(new Objective("Eli", "scissors", 4, Things.Monday.AddDays(-1))) })
            .Objectives.ShouldBeEmpty();
        Weeks
            .Build(input with { Evidence = Towards(new Objective("nobody", "scissors", 4, Things.Monday)) })
            .Objectives.ShouldBeEmpty();
        Weeks
            .Build(input with { Evidence = Towards(new Objective("Eli", "flying", 4, Things.Monday)) })
            .Objectives.ShouldBeEmpty();
    }

    [Fact]
    public void Never_once_and_twice_cost_less_and_less()
    {
        var problem = Weeks.Build(
            Things.Week(Weeks.Six) with
            {
                Evidence = Towards(new Objective("Fay", "fasten", 4, Things.Monday)),
            }
        );
        var block = problem.Uses.First(u => u.Idea.Technique.Id == "fasten").BlockIndex;
        var fasten = problem.UsesOfBlock[block].First(u => u.Idea.Technique.Id == "fasten");
        var state = new PlanState(problem);
        var prices = new List<long> { state.WishPrice() };
        foreach (var day in new[] { 0, 2 })
        {
            state.Put(problem.SlotAt(day, block, 0), fasten.Index);
            prices.Add(state.WishPrice() - (fasten.WishCost * (day == 0 ? 1 : 2)));
        }

        (prices[0] - prices[1]).ShouldBeGreaterThan(100);
        prices[2].ShouldBeLessThan(prices[1]);
    }

    private static Evidence Towards(Objective objective) => new([], [], Things.Monday) { Objectives = [objective] };

    private static bool Reaches(Use use, string child) => use.Children.Any(c => c.Child.Name == child && c.InReach);

    private static int Times(WeekPlan plan, string ladder, string name)
    {
        var child = plan.Problem.Group.Children.ToList().FindIndex(c => c.Name == name);
        return plan.Filled.Count(f =>
            f.Use.Idea.Technique.Ladder == ladder
            && f.Use.Reach[child]
            && plan.Problem.Attendance.OnDay(child, f.Placement.Day)
        );
    }
}
