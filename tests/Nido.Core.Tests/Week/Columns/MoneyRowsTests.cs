using Nido.Core.Week.Problem;
using Nido.Core.Week.Search;
using Nido.Core.Week.Search.Columns;

namespace Nido.Core.Tests.Week.Columns;

/// <summary>With money in it a bound is still one, and says more where the budget binds.</summary>
public class MoneyRowsTests
{
    [Theory]
    [InlineData(0)]
    [InlineData(150)]
    [InlineData(400)]
    public void No_plan_is_below_the_bound_that_knows_of_money(int budgetCents)
    {
        var problem = Weeks.Poor(budgetCents);
        var scarce = Weeks.Scarce(problem);
        scarce.ShouldNotBeEmpty("nothing would have to be bought");
        var (fair, paid, share, plans) = (long.MaxValue, long.MaxValue, 0L, 0);
        EveryPlan.Each(
            problem,
            plan =>
            {
                plans++;
                (fair, paid) = (Math.Min(fair, plan.FairPrice()), Math.Min(paid, plan.FairAndPaid()));
                share = plan.OverBudget() == 0 ? Math.Max(share, plan.Shares.Smallest()) : share;
            },
            scarce
        );
        plans.ShouldBeGreaterThan(20);
        var (without, with) = (Bound(problem, withMoney: false), Bound(problem, withMoney: true));
        without.ShouldBeLessThanOrEqualTo(fair + 0.01);
        with.ShouldBeLessThanOrEqualTo(paid + 0.01);
        (-Bound(problem, withMoney: true, Goal.SmallestShare)).ShouldBeGreaterThanOrEqualTo(share - 1);
        with.ShouldBeGreaterThanOrEqualTo(without - (0.002 * Math.Abs(without)) - 1);
    }

    [Fact]
    public void Where_nothing_can_be_bought_the_bound_rises()
    {
        var problem = Weeks.Poor(0);
        Bound(problem, withMoney: true).ShouldBeGreaterThan(Bound(problem, withMoney: false) + 100);
    }

    [Fact]
    public void In_a_full_house_nothing_is_scarce()
    {
        var more = Things.Plenty.ToDictionary(m => m.Key, _ => 1e6);
        new MoneyRows(Weeks.Build(Things.Week(Weeks.Six, onHand: more))).Scarce.ShouldBeEmpty();
    }

    private static double Bound(WeekProblem problem, bool withMoney, Goal goal = Goal.FairShares)
    {
        using var columns = new WeekColumns(problem, goal, new PlanState(problem), withMoney);
        return columns.Bound(60, 1e-6, TestContext.Current.CancellationToken)!.Value;
    }
}
