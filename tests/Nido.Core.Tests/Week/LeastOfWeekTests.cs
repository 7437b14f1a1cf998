using Nido.Core.Week.Problem;
using Nido.Core.Week.Search;

namespace Nido.Core.Tests.Week;

/// <summary>No plan that keeps the rules costs less than the least of its week.</summary>
public class LeastOfWeekTests
{
    private static readonly string[] Techniques =
    [
        "fill-to-number",
        "sort-by-kind",
        "counting-rhyme",
        "hand-warm-up",
        "letter-match",
    ];

    [Fact]
    public void Of_all_plans_of_a_small_week_none_costs_less()
    {
        var problem = Poor(Weeks.Tiny(2, 2, Techniques));
        var (cents, minutes, plans) = (int.MaxValue, int.MaxValue, 0);
        EveryPlan.Each(
            problem,
            plan =>
            {
                plans++;
                (cents, minutes) = (Math.Min(cents, plan.Spends.Cents), Math.Min(minutes, plan.Evenings.All()));
            },
            Enumerable.Range(0, problem.Materials.Count).ToHashSet()
        );
        plans.ShouldBeGreaterThan(20);
        var least = LeastOfWeek.Of(problem)!;
        least.Cents.ShouldBeLessThanOrEqualTo(cents);
        least.EveningMinutes.ShouldBeLessThanOrEqualTo(minutes);
        (least.Cents >= 0 && least.EveningMinutes >= 0).ShouldBeTrue();
    }

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    public void Nor_does_a_composed_week_or_one_laid_at_random(int seed)
    {
        var problem = Weeks.Build(
            Things.Week(
                Weeks.Six,
                onHand: Published.Content.Materials.ToDictionary(m => m.Id, m => m.IsCounted ? 9.0 : 60)
            )
        );
        var least = LeastOfWeek.Of(problem)!;
        var chance = new SeededChance((ulong)seed);
        var plan = GreedyPlan.Of(problem);
        new LocalSearch(problem, chance).Anneal(
            plan,
            p => p.FairPrice() + p.Spends.Cents + p.Evenings.All(),
            20_000,
            hot: 600,
            cold: 5,
            TestContext.Current.CancellationToken
        );
        plan.Score().Broken.ShouldBe(0);
        plan.Spends.Cents.ShouldBeGreaterThanOrEqualTo(least.Cents);
        plan.Evenings.All().ShouldBeGreaterThanOrEqualTo(least.EveningMinutes);
    }

    [Fact]
    public void Where_no_plan_keeps_the_rules_nothing_is_said()
    {
        var problem = Weeks.Tiny(2, 2, Techniques);
        LeastOfWeek.Of(WeekProblem.Build(problem.Input with { Ideas = [] }).Problem).ShouldBeNull();
    }

    private static WeekProblem Poor(WeekProblem rich) =>
        WeekProblem
            .Build(
                rich.Input with
                {
                    OnHand = rich.Input.OnHand.ToDictionary(
                        m => m.Key,
                        m => rich.Materials.Any(x => x.Id == m.Key && x.IsSold) ? 0.0 : m.Value
                    ),
                    Chains = new([]),
                    Recipes = [],
                }
            )
            .Problem;
}
