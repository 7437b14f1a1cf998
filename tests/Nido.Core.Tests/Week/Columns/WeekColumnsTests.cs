using Nido.Core.Group;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Search;
using Nido.Core.Week.Search.Columns;

namespace Nido.Core.Tests.Week.Columns;

/// <summary>What the columns say no plan goes below, none does; and the plan they are put together to keeps the
/// rules.</summary>
public sealed class WeekColumnsTests
{
    private static readonly Lazy<(WeekProblem Problem, PlanState Plan)> Usual = new(() =>
        Dived(Weeks.Build(Things.Week(Weeks.Six)))
    );

    [Theory]
    [InlineData(
        1,
        2,
        "fill-to-number",
        "sort-by-kind",
        "letter-match",
        "counting-rhyme",
        "hand-warm-up",
        "clap-the-word"
    )]
    [InlineData(2, 2, "fill-to-number", "sort-by-kind", "tear-and-crumple", "story-with-things", "position-words")]
    [InlineData(2, 3, "own-name", "fold-letters", "feel-bag", "picture-pairs", "counting-rhyme")]
    public void No_plan_of_all_there_are_is_below_the_bound(int tableOffers, int days, params string[] techniques)
    {
        var problem = Weeks.Tiny(tableOffers, days, techniques);
        var (fair, share) = (Bound(problem, Goal.FairShares), -Bound(problem, Goal.SmallestShare));
        var missing = GreedyPlan.Of(problem).Shares.StrandsMissing;
        var keeping = -Bound(problem, Goal.SmallestShare, GreedyPlan.Of(problem));
        var (least, most, mostKeeping, seen) = (long.MaxValue, 0L, 0L, 0);
        EveryPlan.Each(
            problem,
            plan =>
            {
                seen++;
                least = Math.Min(least, plan.FairPrice());
                most = Math.Max(most, plan.Shares.Smallest());
                mostKeeping =
                    plan.Shares.StrandsMissing <= missing ? Math.Max(mostKeeping, plan.Shares.Smallest()) : mostKeeping;
            }
        );
        seen.ShouldBeGreaterThan(1);
        fair.ShouldBeLessThanOrEqualTo(least + 0.01);
        share.ShouldBeGreaterThanOrEqualTo(most - 1);
        // Of plans that miss no strand more than one at hand it may say more, and never too much.
        mostKeeping.ShouldBeGreaterThan(0);
        keeping.ShouldBeInRange(mostKeeping - 1, share + 1);
        // It says something: not below half of the best there is.
        fair.ShouldBeGreaterThan(0.5 * least);
    }

    [Fact]
    public void No_plan_of_a_lean_week_is_below_the_bound()
    {
        var problem = Weeks.Build(
            Things.Week(
                Weeks.Six,
                only: t =>
                    t.Ladder is "scissors" or "carrying" or "counting"
                    || t.Blocks.Contains(BlockKind.Circle)
                    || t.Blocks.Contains(BlockKind.Outdoors)
                    || t.Blocks.Contains(BlockKind.Shelf)
            )
        );
        var (fair, share) = (Bound(problem, Goal.FairShares), -Bound(problem, Goal.SmallestShare));
        for (ulong seed = 0; seed < 6; seed++)
        {
            var plan = GreedyPlan.Of(problem);
            new LocalSearch(problem, new SeededChance(seed)).Anneal(
                plan,
                p => seed % 2 == 0 ? p.FairPrice() : -p.Shares.WorstOff() + (p.Score().Broken * 1_000_000L),
                6_000,
                600,
                5,
                TestContext.Current.CancellationToken
            );
            if (plan.Score().Broken == 0)
            {
                ((double)plan.FairPrice()).ShouldBeGreaterThanOrEqualTo(fair - 0.01);
                ((double)plan.Shares.Smallest()).ShouldBeLessThanOrEqualTo(share + 1);
            }
        }
    }

    [Fact]
    public void Where_a_block_can_hold_nothing_for_someone_there_is_no_bound()
    {
        var group = Things.Group(
            [Things.Child("Baby", 13, mouths: true), Things.Child("Older", 64)],
            [new("table", "Table", BlockKind.Table, new(9, 30), 20, 1)]
        );
        var input = Things.Week(group, 2);
        var whole = WeekProblem.Build(input).Problem;
        var baby = group.Children.ToList().FindIndex(c => c.Name == "Baby");
        // Only what is out of the baby's reach is left.
        var far = whole
            .Uses.GroupBy(u => u.Idea.Id)
            .Where(g => g.All(u => !u.Reach[baby]))
            .Select(g => g.Key)
            .ToHashSet();
        var problem = WeekProblem.Build(input with { Ideas = [.. input.Ideas.Where(i => far.Contains(i.Id))] }).Problem;
        problem.UsesOfBlock[0].ShouldNotBeEmpty();
        using var columns = new WeekColumns(problem, Goal.FairShares, GreedyPlan.Of(problem));
        columns.Bound(20, 0.001, TestContext.Current.CancellationToken).ShouldBeNull();
    }

    /// <summary>What may stay is free of the limit of three a week, in the price of a column as in its row.</summary>
    [Theory]
    [InlineData(Approach.PreparedShelf, BlockKind.Shelf)]
    [InlineData(Approach.OpenProvision, BlockKind.Table)]
    public void With_an_offer_that_stays_four_days_no_plan_is_below_the_bound(Approach approach, BlockKind kind)
    {
        var group = Things.Group(
            [Things.Child("Young", 26), Things.Child("Older", 60)],
            [new("work", "Work", kind, new(9, 0), 30, 2)]
        );
        var settings = group.Settings with
        {
            Approaches = new Dictionary<Approach, int> { [approach] = 1, [Approach.GuidedMake] = 3 },
        };
        string[] techniques =
        [
            "pour-and-measure",
            "dough-shapes",
            "stack-and-build",
            "tear-and-crumple",
            "fold-letters",
            "letter-match",
            "picture-pairs",
        ];
        var problem = Weeks.Build(Things.Week(group with { Settings = settings }, 4, t => techniques.Contains(t.Id)));
        problem.Staying.ShouldHaveSingleItem();
        var (least, most) = (long.MaxValue, 0L);
        EveryPlan.Each(
            problem,
            plan => (least, most) = (Math.Min(least, plan.FairPrice()), Math.Max(most, plan.Shares.Smallest()))
        );
        Between(Goal.FairShares, least + 0.01);
        Between(Goal.SmallestShare, 1 - most);

        // The bound of each choice of what stays by itself is nearer than that of a mix of them, and one still.
        void Between(Goal goal, double best)
        {
            var stop = TestContext.Current.CancellationToken;
            using var columns = new WeekColumns(problem, goal, new PlanState(problem));
            var mixed = columns.Bound(60, 1e-6, stop)!.Value;
            mixed.ShouldBeLessThanOrEqualTo(best);
            var each = columns.BoundByWhatStays(mixed, double.PositiveInfinity, 60, 1e-6, stop);
            each.ShouldBeInRange(mixed, best);
            // Nor is it further than is asked for.
            columns.BoundByWhatStays(mixed, mixed, 60, 1e-6, stop).ShouldBe(mixed);
        }
    }

    [Fact]
    public void A_dive_is_a_whole_plan_near_its_bound()
    {
        var (usual, whole) = Usual.Value;
        usual.Empty(whole).ShouldBe(0);
        // Where little is there to choose from, as it stands in lean rooms: among hundreds of ideas a greedy hand finds
        // nearly as good ones.
        var (problem, plan) = Dived(Weeks.Build(Things.Week(Weeks.Six, only: Data.Demo.LeanCatalogue.Has)));
        problem.Empty(plan).ShouldBe(0);
        plan.FairPrice().ShouldBeLessThan(GreedyPlan.Of(problem).FairPrice());
    }

    [Fact]
    public void The_same_way_of_working_lies_out_once_a_day_and_an_idea_three_times_a_week()
    {
        var (problem, plan) = Usual.Value;
        for (var s = 0; s < plan.Uses.Count; s++)
        {
            (plan.Uses[s] < 0 || plan.MayPut(s, plan.Uses[s])).ShouldBeTrue($"{problem.Slots[s]}");
        }
    }

    [Fact]
    public void What_needs_a_dry_day_waits_for_one()
    {
        var input = Things.Week(Weeks.Six);
        var (problem, plan) = Dived(
            Weeks.Build(input with { Days = [.. input.Days.Select((d, i) => d with { Dry = i == 0 })] })
        );
        Enumerable
            .Range(0, plan.Uses.Count)
            .Where(s => plan.Uses[s] >= 0 && problem.Uses[plan.Uses[s]].Idea.Technique.DryWeather)
            .ShouldAllBe(s => problem.Slots[s].Day == 0);
    }

    [Fact]
    public void Offers_do_not_ask_for_more_adults_than_are_there()
    {
        var one = Things.Group(
            Weeks.Six.Children,
            Data.Demo.DemoScenario.Blocks,
            adults: 1,
            SmallPartsRule.WatchedTable
        );
        var (problem, plan) = Dived(Weeks.Build(Things.Week(one)));
        foreach (var cell in problem.Cells)
        {
            Enumerable
                .Range(cell.FirstSlot, cell.Offers)
                .Sum(s => plan.Uses[s] < 0 ? 0 : problem.Uses[plan.Uses[s]].Adults)
                .ShouldBeLessThanOrEqualTo(1);
        }
    }

    [Fact]
    public void A_lock_is_kept()
    {
        var free = Weeks.Build(Things.Week(Weeks.Six));
        var use = free.UsesOfBlock[0][^1];
        var (problem, plan) = Dived(
            Weeks.Build(Things.Week(Weeks.Six) with { Locked = [new(2, "welcome", 1, use.Idea.Id, true)] })
        );
        problem.Uses[plan.Uses[problem.SlotAt(2, 0, 1)]].Idea.Id.ShouldBe(use.Idea.Id);
    }

    [Fact]
    public void What_stays_lies_there_on_every_day()
    {
        var (problem, plan) = Usual.Value;
        problem.Staying.ShouldNotBeEmpty();
        problem.Staying.ShouldAllBe(offer => offer.All.Select(s => plan.Uses[s]).Distinct().Count() == 1);
    }

    [Fact]
    public void The_same_week_has_the_same_bound_and_the_same_dive()
    {
        var problem = Weeks.Build(Things.Week(Weeks.Six));
        Dived(problem).Plan.Uses.ShouldBe(Usual.Value.Plan.Uses);
        Bound(problem, Goal.SmallestShare).ShouldBe(Bound(problem, Goal.SmallestShare));
    }

    [Fact]
    public void The_worst_off_is_raised_as_far_as_trying_everything_could()
    {
        var tiny = Weeks.Tiny(
            2,
            2,
            "fill-to-number",
            "sort-by-kind",
            "tear-and-crumple",
            "story-with-things",
            "position-words"
        );
        var problem = Weeks.Build(tiny.Input with { Sliders = Sliders.Middle with { FairShares = 10 } });
        var result = Weeks.Compose(problem);
        var limit = problem.MayBecomeForTheWorstOff(result.Reached);
        var missing = problem.StrandOpen.Length * (long)PlanState.StrandCost;
        EveryPlan.Each(
            problem,
            plan => missing = plan.FairPrice() <= result.Reached ? Math.Min(missing, plan.Shares.Missing) : missing
        );
        var most = 0L;
        EveryPlan.Each(
            problem,
            plan =>
                most =
                    plan.FairPrice() <= limit && plan.Shares.Missing <= missing
                        ? Math.Max(most, plan.Shares.Smallest())
                        : most
        );
        result.SmallestShare.ShouldBe(most);
        result.AtMostShare!.Value.ShouldBeGreaterThanOrEqualTo(most);
    }

    [Fact]
    public void Money_stays_within_the_budget_where_a_week_can()
    {
        // Paper and card are out, and the packs dear: a search that only wished to save would still buy for a fairer
        // week.
        var bought = Things.Plenty.ToDictionary(
            m => m.Key,
            m => m.Key is "paper-a4" or "card-a4" or "stickers" or "wool" or "straws" or "dough" ? 0 : m.Value
        );
        WeekProblem With(int budget) =>
            Weeks.Build(
                Things.Week(
                    Weeks.Six with
                    {
                        Settings = Weeks.Six.Settings with { BudgetCents = budget },
                    },
                    onHand: bought
                )
            );
        foreach (var budget in new[] { 0, 300, 2_000 })
        {
            Weeks.Compose(With(budget)).Score.Cents.ShouldBeLessThanOrEqualTo(budget);
        }
    }

    /// <summary>A tool bought for one day serves all five: only leaving it out everywhere saves its price.</summary>
    [Fact]
    public void A_tool_that_is_out_and_dear_is_left_out_of_the_whole_week()
    {
        // None of any tool with a point or a blade, of pegs, droppers or sponges; all are sold.
        var few = Things.Plenty.ToDictionary(m => m.Key, m => m.Value);
        foreach (var tool in Published.Content.Materials.Where(m => !m.Consumable && m.IsSold && m.PackCents > 200))
        {
            few[tool.Id] = 1;
        }

        var group = Weeks.Six with { Settings = Weeks.Six.Settings with { BudgetCents = 100 } };
        var problem = Weeks.Build(Things.Week(group, onHand: few));
        var greedy = GreedyPlan.Of(problem);
        greedy.OverBudget().ShouldBeGreaterThan(0);
        var before = greedy.FairAndPaid();
        WithinBudget.Bring(problem, greedy, TestContext.Current.CancellationToken);
        greedy.FairAndPaid().ShouldBeLessThan(before);
        greedy.Score().Broken.ShouldBe(0);
        Weeks.Compose(problem).Score.Cents.ShouldBeLessThanOrEqualTo(100);
    }

    [Fact]
    public void Bounds_belong_to_the_week_they_are_of()
    {
        var input = Things.Week(Weeks.Six);
        var mark = WeekMark.Of(Weeks.Build(input), []);
        WeekMark.Of(Weeks.Build(input), []).ShouldBe(mark);
        WeekMark.Of(Weeks.Build(input with { Sliders = Sliders.Middle with { Theme = 9 } }), []).ShouldBe(mark);
        WeekMark
            .Of(Weeks.Build(input with { CameUp = [new(CameUpKind.ChildAway, "Fay", 1, 1)] }), [])
            .ShouldNotBe(mark);
        WeekMark.Of(Weeks.Build(input with { Ideas = [.. input.Ideas.Skip(1)] }), []).ShouldNotBe(mark);
        WeekMark.Of(Weeks.Build(input), [new(0, "circle", 0, input.Ideas[0].Id, true)]).ShouldNotBe(mark);
    }

    /// <summary>Begun from an empty plan the smallest share is that of any plan; else of plans that miss no strand more.</summary>
    private static double Bound(WeekProblem problem, Goal goal, PlanState? begin = null)
    {
        using var columns = new WeekColumns(problem, goal, begin ?? new PlanState(problem));
        return columns.Bound(60, 1e-6, TestContext.Current.CancellationToken)!.Value;
    }

    private static (WeekProblem Problem, PlanState Plan) Dived(WeekProblem problem)
    {
        using var columns = new WeekColumns(problem, Goal.FairShares, GreedyPlan.Of(problem));
        columns.Bound(10, 0.01, TestContext.Current.CancellationToken);
        return (problem, columns.Dive(TestContext.Current.CancellationToken)!);
    }
}
