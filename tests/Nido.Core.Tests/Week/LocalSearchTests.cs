using FsCheck.Xunit;
using Nido.Core.Group;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Core.Week.Search;
using Nido.Core.Week.Wishes;

namespace Nido.Core.Tests.Week;

public class LocalSearchTests
{
    private static readonly WeekProblem Problem = Weeks.Build(Things.Week(Weeks.Six));
    private static readonly CancellationToken Stop = CancellationToken.None;

    [Property(MaxTest = 6)]
    public bool Annealing_never_makes_a_plan_worse_and_keeps_the_hard_rules(ulong seed)
    {
        var plan = GreedyPlan.Of(Problem);
        var before = plan.WishPrice();
        new LocalSearch(Problem, new SeededChance(seed)).Anneal(
            plan,
            p => p.WishPrice() + (p.Score().Broken * 1_000_000L),
            1500,
            100,
            1,
            Stop
        );
        return plan.WishPrice() <= before && plan.Score().Broken == 0;
    }

    [Fact]
    public void Side_by_side_is_the_best_of_each_alone_and_the_same_again()
    {
        int[] begin = [.. GreedyPlan.Of(Problem).Uses];
        var annealing = new SideBySide(Problem, 3_000, hot: 2_000, cold: 50);
        ulong[] seeds = [3, 5, 7, 11, 13];
        (int[] Uses, long Price)[] alone = [.. seeds.Select(s => annealing.Best(begin, p => p.WishPrice(), [s], Stop))];
        alone.Select(a => a.Price).Distinct().Count().ShouldBeGreaterThan(1);
        var together = annealing.Best(begin, p => p.WishPrice(), seeds, Stop);
        together.Price.ShouldBe(alone.Min(a => a.Price));
        together.Uses.ShouldBe(alone.MinBy(a => a.Price).Uses);
        new PlanState(Problem, together.Uses).WishPrice().ShouldBe(together.Price);
        annealing.Best(begin, p => p.WishPrice(), seeds, Stop).Uses.ShouldBe(together.Uses);
    }

    [Property(MaxTest = 4)]
    public bool Improving_never_makes_a_plan_worse(ulong seed)
    {
        var plan = GreedyPlan.Of(Problem);
        var before = plan.FairPrice();
        new LocalSearch(Problem, new SeededChance(seed)).Improve(plan, p => p.FairPrice(), 2, Stop);
        return plan.FairPrice() <= before;
    }

    [Fact]
    public void A_stopped_search_leaves_the_plan_whole()
    {
        using var stopped = new CancellationTokenSource();
        stopped.Cancel();
        var plan = GreedyPlan.Of(Problem);
        var uses = plan.Uses.ToArray();
        new LocalSearch(Problem, new SeededChance(1)).Anneal(plan, p => p.WishPrice(), 1000, 10, 1, stopped.Token);
        plan.Uses.ShouldBe(uses);
    }

    [Property(MaxTest = 5)]
    public bool No_week_of_any_group_holds_a_blocked_pair(byte[] ages, bool watched, bool wheat)
    {
        Child[] children =
        [
            .. ages.Append((byte)30)
                .Take(7)
                .Select(
                    (a, i) =>
                        Things.Child(
                            $"C{i}",
                            16 + (a % 56),
                            mouths: a % 5 == 0,
                            allergies: wheat && i == 0 ? ["wheat"] : []
                        )
                ),
        ];
        var group = Things.Group(
            children,
            Data.Demo.DemoScenario.Blocks,
            adults: 4,
            watched ? SmallPartsRule.WatchedTable : SmallPartsRule.Never
        );
        var (problem, impossible) = WeekProblem.Build(Things.Week(group));
        if (impossible.Count > 0)
        {
            return impossible.All(i => i.WayOut.Length > 0);
        }

        var plan = new WeekPlan(
            problem,
            new WeekComposer(problem, new(0.2, 1, 500, TimeSpan.FromSeconds(20)), TimeProvider.System)
                .Compose(null, Stop)
                .Plan
        );
        return plan.Filled.All(f =>
            f.Use.Idea.Steps.All(step =>
            {
                var keptOut = Things.Safety.KeptOut(f.Use.Idea, step, f.Use.Block, group, Things.Monday);
                return !f
                    .Use.Children.Where((c, i) => c.InReach && c.Offer!.Step == step.Number && keptOut[i] is not null)
                    .Any();
            })
        );
    }

    [Fact]
    public void Ideas_that_suit_the_mix_of_approaches_cost_less()
    {
        var input = Things.Week(Weeks.Six);
        var games = input with
        {
            Group = input.Group with
            {
                Settings = input.Group.Settings with
                {
                    Approaches = new Dictionary<Approach, int> { [Approach.Games] = 5 },
                },
            },
        };
        var race = input.Ideas.First(i =>
            i.Technique.Approaches.Contains(Approach.Games) && i.Technique.ThemeLink == 2
        );
        var shelf = input.Ideas.First(i =>
            !i.Technique.Approaches.Contains(Approach.Games) && i.Technique.ThemeLink == 2
        );
        CostOf(race, games).ShouldBeLessThan(CostOf(shelf, games));
    }

    [Fact]
    public void What_was_done_lately_costs_more_the_more_freshness_matters()
    {
        var input = Things.Week(Weeks.Six);
        var idea = input.Ideas[0];
        var lately = input with { Recent = Lain(idea, 1) };
        CostOf(idea, lately).ShouldBeGreaterThan(CostOf(idea, input));
        CostOf(idea, lately with { Sliders = Sliders.Middle with { FreshIdeas = 10 } })
            .ShouldBeGreaterThan(CostOf(idea, lately));
        CostOf(idea, input with { Recent = Lain(idea, 1, 3, 5) })
            .ShouldBeGreaterThan(CostOf(idea, lately), "what came every second week is less fresh than what came once");
    }

    private static ILookup<string, int> Lain(Core.Ideas.Idea idea, params int[] weeksAgo) =>
        weeksAgo.ToLookup(_ => idea.Technique.Id);

    private static int CostOf(Core.Ideas.Idea idea, WeekInput input) => IdeaCost.All.Sum(c => c.Points(idea, input));

    [Fact]
    public void Something_far_too_scarce_that_no_shop_sells_is_not_offered()
    {
        var scarce = Things.Plenty.ToDictionary(m => m.Key, m => m.Key == "lavender-bags" ? 1 : m.Value);
        var problem = Weeks.Build(Things.Week(Weeks.Six, onHand: scarce));
        problem.Uses.ShouldNotContain(u => u.Idea.Id == "sort-by-kind.lavender-bags");
    }
}
