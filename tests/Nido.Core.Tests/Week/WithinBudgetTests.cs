using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Core.Week.Search;

namespace Nido.Core.Tests.Week;

/// <summary>Money goes where it helps most, and nothing that everybody should meet is given up for a wish.</summary>
public class WithinBudgetTests
{
    /// <summary>A cupboard in which whatever is sold is out, and a little money.</summary>
    private static WeekInput Bare(int cents)
    {
        var few = Things.Plenty.ToDictionary(m => m.Key, m => m.Value);
        foreach (var sold in Published.Content.Materials.Where(m => m.IsSold))
        {
            few[sold.Id] = 0;
        }

        return Things.Week(Weeks.Six with { Settings = Weeks.Six.Settings with { BudgetCents = cents } }, onHand: few);
    }

    [Fact]
    public void One_thing_is_given_up_for_another_where_that_brings_more()
    {
        var traded = 0;
        foreach (var cents in (int[])[400, 1_300, 2_000])
        {
            var problem = Weeks.Build(Bare(cents));
            var plan = GreedyPlan.Of(problem);
            WithinBudget.Bring(problem, plan, TestContext.Current.CancellationToken);
            // As far as small changes come.
            new LocalSearch(problem, new SeededChance(3)).Improve(
                plan,
                p => p.FairAndPaid(),
                0,
                TestContext.Current.CancellationToken
            );
            var (before, over) = (plan.FairAndPaid(), plan.OverBudget());
            WithinBudget.Trade(problem, plan, TestContext.Current.CancellationToken);
            plan.FairAndPaid().ShouldBeLessThanOrEqualTo(before);
            plan.OverBudget().ShouldBeLessThanOrEqualTo(over);
            plan.Score().Broken.ShouldBe(0);
            for (var s = 0; s < plan.Uses.Count; s++)
            {
                (plan.Uses[s] < 0 || plan.MayPut(s, plan.Uses[s])).ShouldBeTrue($"{problem.Slots[s]}");
            }

            traded += plan.FairAndPaid() < before ? 1 : 0;
        }

        traded.ShouldBeGreaterThan(0);
    }

    [Theory]
    [InlineData(600)]
    [InlineData(1_500)]
    public void No_strand_that_was_met_is_lost_to_a_wish(int cents)
    {
        var input = Bare(cents) with { Sliders = new Sliders(0, 10, 10, 10, 10) };
        var problem = Weeks.Build(input);
        var stages = new Dictionary<ComposeStage, long>();
        var result = new WeekComposer(problem, Weeks.Quick, TimeProvider.System).Compose(
            new AtOnce(p => stages[p.Stage] = p.Plan is { } laid ? Missing(problem, laid) : -1),
            TestContext.Current.CancellationToken
        );
        Missing(problem, result.Plan).ShouldBeLessThanOrEqualTo(stages[ComposeStage.Polish]);
    }

    private static long Missing(WeekProblem problem, IReadOnlyList<Placement> placements) =>
        new WeekPlan(problem, placements).State.Shares.Missing;

    /// <summary>Told on the spot, not later on another thread.</summary>
    private sealed class AtOnce(Action<ComposeProgress> told) : IProgress<ComposeProgress>
    {
        public void Report(ComposeProgress value) => told(value);
    }
}
