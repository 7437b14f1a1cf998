using Nido.Core.Group;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Search;
using Nido.Core.Week.Search.Columns;

namespace Nido.Core.Tests.Week;

/// <summary>What the model of a whole week proves is the best of all plans there are, gone through one by one.</summary>
public sealed class WeekModelTests
{
    [Theory]
    [InlineData(1, 2, "fill-to-number", "sort-by-kind", "letter-match", "counting-rhyme", "hand-warm-up")]
    [InlineData(2, 2, "fill-to-number", "sort-by-kind", "tear-and-crumple", "story-with-things", "position-words")]
    [InlineData(2, 3, "own-name", "fold-letters", "feel-bag", "picture-pairs", "counting-rhyme")]
    public void It_finds_and_proves_the_best_of_all_plans(int tableOffers, int days, params string[] techniques)
    {
        var problem = Weeks.Tiny(tableOffers, days, techniques);
        TheBestOf(problem);
    }

    /// <summary>Where children choose freely and not all is in everyone's reach, a child's minutes go to what is.</summary>
    [Theory]
    [InlineData(Approach.GuidedMake, BlockKind.Table)]
    [InlineData(Approach.PreparedShelf, BlockKind.Shelf)]
    [InlineData(Approach.OpenProvision, BlockKind.Table)]
    public void It_knows_what_stays_and_what_is_out_of_reach(Approach approach, BlockKind kind)
    {
        var group = Things.Group(
            [Things.Child("Baby", 13, mouths: true), Things.Child("Older", 64)],
            [new("work", "Work", kind, new(9, 0), 30, 2)]
        );
        var settings = group.Settings with
        {
            Approaches = new Dictionary<Approach, int> { [approach] = 1, [Approach.GuidedMake] = 3 },
        };
        var input = Things.Week(group with { Settings = settings }, 3);
        var all = WeekProblem.Build(input).Problem.Uses;
        string[] Of(bool inReach, int many) =>
            [
                .. all.GroupBy(u => u.Idea.Technique.Id)
                    .Where(g => g.All(u => u.Reach.All(r => r)) == inReach)
                    .OrderByDescending(g => g.First().Idea.Technique.Approaches.Contains(approach))
                    .ThenBy(g => g.Key, StringComparer.Ordinal)
                    .Select(g => g.Key)
                    .Take(many),
            ];
        var techniques = Of(inReach: true, 4).Union(Of(inReach: false, 3)).ToHashSet();
        var problem = Weeks.Build(
            input with
            {
                Ideas =
                [
                    .. input.Ideas.Where(i => techniques.Contains(i.Technique.Id)).DistinctBy(i => i.Technique.Id),
                ],
            }
        );
        problem.Staying.Any().ShouldBe(approach != Approach.GuidedMake);
        problem.Uses.ShouldContain(u => u.Reach.Any(r => !r), "nothing is out of anybody's reach");
        TheBestOf(problem);
    }

    [Theory]
    [InlineData(0)]
    [InlineData(150)]
    [InlineData(400)]
    public void No_plan_is_below_what_it_proves_where_things_must_be_bought(int budgetCents)
    {
        var problem = Weeks.Poor(budgetCents);
        var (least, most) = (long.MaxValue, 0L);
        EveryPlan.Each(
            problem,
            plan => (least, most) = (Math.Min(least, plan.FairAndPaid()), Math.Max(most, plan.FairAndPaid())),
            Weeks.Scarce(problem)
        );
        most.ShouldBeGreaterThan(least, "money decides nothing");
        var (plan, atLeast) = Solve(problem);
        atLeast!.Value.ShouldBeLessThanOrEqualTo(least + 0.01);
        plan!.FairAndPaid().ShouldBeGreaterThanOrEqualTo(least);
        // Nothing here is made or goes off: then it is exact.
        atLeast.Value.ShouldBe(least, 0.01);
    }

    [Fact]
    public void A_full_cupboard_is_left_to_the_columns()
    {
        WeekModel.Of(Weeks.Build(Things.Week(Weeks.Six)), Goal.FairShares).ShouldBeNull();
        WeekModel.Of(Weeks.Tiny(1, 2, "fill-to-number", "counting-rhyme"), Goal.FairShares).ShouldNotBeNull();
    }

    private static void TheBestOf(WeekProblem problem)
    {
        var (least, most) = (long.MaxValue, 0L);
        var mostMissing = new SortedDictionary<int, long>();
        EveryPlan.Each(
            problem,
            plan =>
            {
                (least, most) = (Math.Min(least, plan.FairPrice()), Math.Max(most, plan.Shares.Smallest()));
                var missing = plan.Shares.StrandsMissing;
                mostMissing[missing] = Math.Max(mostMissing.GetValueOrDefault(missing), plan.Shares.Smallest());
            }
        );
        var (plan, atLeast) = Solve(problem);
        atLeast!.Value.ShouldBe(least, 0.01);
        plan!.FairPrice().ShouldBe(least);
        problem.Empty(plan).ShouldBe(0);
        plan.Score().Broken.ShouldBe(0);
        var (evenest, above) = Solve(problem, Goal.SmallestShare);
        // In steps of a hundredth of a percent.
        (-above!.Value).ShouldBeInRange(most, most + 100);
        evenest!.Shares.Smallest().ShouldBeInRange(most - 100, most);
        // And of those that miss no more strands than the fewest that can be missed.
        var (few, of) = mostMissing.First();
        var (keeping, nor) = Solve(problem, Goal.SmallestShare, few);
        (-nor!.Value).ShouldBeInRange(of, of + 100);
        keeping!.Shares.StrandsMissing.ShouldBe(few);
    }

    private static (PlanState? Plan, double? AtLeast) Solve(
        WeekProblem problem,
        Goal goal = Goal.FairShares,
        int? mayMiss = null
    ) =>
        WeekModel
            .Of(problem, goal, mayMiss: mayMiss)!
            .Solve(GreedyPlan.Of(problem), 20, TimeSpan.FromMinutes(5), TestContext.Current.CancellationToken);
}
