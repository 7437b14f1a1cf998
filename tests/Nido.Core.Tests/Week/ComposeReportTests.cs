using Nido.Core.Week.Problem;
using Nido.Core.Week.Search;
using Nido.Data;

namespace Nido.Core.Tests.Week;

/// <summary>What a report says stays said only as long as it is true.</summary>
public class ComposeReportTests
{
    private static readonly WeekProblem Problem = Weeks.Build(Things.Week(Weeks.Six));

    private static ComposeReport Report(long? withinBudget) =>
        ComposeReport.Of(
            new ComposeResult(
                [],
                GreedyPlan.Of(Problem).Score(),
                GreedyPlan.Of(Problem).Score(),
                1_000,
                ComposeEnd.Finished,
                1
            )
            {
                BoundWithinBudget = withinBudget,
            },
            Problem,
            []
        );

    [Fact]
    public void A_bound_within_the_budget_is_said_while_the_budget_is_kept_and_the_cupboard_stands()
    {
        var report = Report(4_000);
        report.Holds(Problem, []).ShouldBeTrue();
        report.AtLeast(Problem, overBudget: 0).ShouldBe(40);
        report.AtLeast(Problem, overBudget: 1).ShouldBe(10, "more was spent than it reckons with");
        var sold = Problem.Materials.First(m => m.IsSold).Id;
        var counted = Weeks.Build(
            Problem.Input with
            {
                OnHand = Problem.Input.OnHand.ToDictionary(m => m.Key, m => m.Key == sold ? m.Value + 50 : m.Value),
            }
        );
        report.Holds(counted, []).ShouldBeTrue("the same may lie there and gives the same");
        report.AtLeast(counted, overBudget: 0).ShouldBe(10, "what is there now need not be bought");
        var richer = Weeks.Build(
            Problem.Input with
            {
                Group = Problem.Group with { Settings = Problem.Group.Settings with { BudgetCents = 99_999 } },
            }
        );
        report.AtLeast(richer, overBudget: 0).ShouldBe(10);
    }

    [Fact]
    public void Where_money_did_not_bind_there_is_one_bound()
    {
        var report = Report(null);
        report.MoneyMark.ShouldBeNull();
        report.AtLeast(Problem, overBudget: 0).ShouldBe(10);
    }
}
