using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Core.Week.Search;

namespace Nido.Core.Tests.Week;

public class WeekComposerTests
{
    private static readonly WeekInput Input = Things.Week(Weeks.Six);

    /// <summary>So few ideas that something is always missing and the solver has to work.</summary>
    private static readonly WeekInput Lean = Things.Week(
        Weeks.Six,
        only: t =>
            "carry-dry pegs-on-line thread-string snip-and-cut stack-and-build tear-and-crumple fill-to-number post-in-slots print-stamps twist-lids hand-warm-up position-words quick-number lift-and-carry throw-to-target chalk-route"
                .Split(' ')
                .Contains(t.Id)
    );

    [Fact]
    public void The_same_input_gives_the_same_plan()
    {
        var first = Weeks.Compose(Weeks.Build(Lean));
        var second = Weeks.Compose(Weeks.Build(Lean));
        second.Plan.ShouldBe(first.Plan);
        second.Bound.ShouldBe(first.Bound);
    }

    [Fact]
    public void A_plan_keeps_every_hard_rule_and_is_better_than_the_first_one()
    {
        var problem = Weeks.Build(Lean);
        var result = Weeks.Compose(problem);
        result.End.ShouldBe(ComposeEnd.Finished);
        result.Score.Broken.ShouldBe(0);
        result.Plan.Count.ShouldBe(problem.Slots.Count);
        result.Score.Fair.ShouldBeLessThanOrEqualTo(result.Greedy.Fair);
        result.Bound.ShouldBeGreaterThan(0);
        result.Bound.ShouldBeLessThanOrEqualTo(result.Score.Fair);
        var plan = new WeekPlan(problem, result.Plan);
        plan.Lost.ShouldBeEmpty();
        for (var c = 0; c < problem.ChildCount; c++)
        {
            for (var d = 0; d < problem.Days.Count; d++)
            {
                for (var b = 0; b < problem.Blocks.Count; b++)
                {
                    (plan.State.InReach(d, b, c) > 0 || !problem.Attendance.Is(c, d, b)).ShouldBeTrue();
                }
            }
        }
    }

    [Fact]
    public void The_bound_holds_for_any_plan_at_all()
    {
        var problem = Weeks.Build(Lean);
        var bound = Weeks.Compose(problem).Bound;
        var chance = new SeededChance(5);
        for (var trial = 0; trial < 20; trial++)
        {
            var plan = GreedyPlan.Of(problem);
            new LocalSearch(problem, chance).Improve(
                plan,
                p => p.FairPrice(),
                1,
                TestContext.Current.CancellationToken
            );
            plan.FairPrice().ShouldBeGreaterThanOrEqualTo(bound);
        }
    }

    [Fact]
    public void A_lock_is_never_moved()
    {
        var free = Weeks.Compose(Weeks.Build(Input));
        Placement[] locked = [.. free.Plan.Where((_, i) => i % 9 == 4).Select(p => p with { Locked = true })];
        // Everything else is turned round by other wishes, the locks stand.
        var again = Weeks.Compose(Weeks.Build(Input with { Locked = locked, Sliders = new Sliders(0, 0, 10, 10, 0) }));
        locked.ShouldBeSubsetOf(again.Plan);
        again.Plan.Count(p => p.Locked).ShouldBe(locked.Length);
    }

    [Fact]
    public void Good_enough_keeps_the_best_so_far_and_comes_at_once()
    {
        var problem = Weeks.Build(Lean);
        using var stop = new CancellationTokenSource();
        var news = new List<ComposeProgress>();
        var result = new WeekComposer(problem, ComposeLimits.Usual, TimeProvider.System).Compose(
            new Listener(n =>
            {
                news.Add(n);
                if (n.Stage == ComposeStage.Choose)
                {
                    stop.Cancel();
                }
            }),
            stop.Token
        );
        result.End.ShouldBe(ComposeEnd.StoppedByYou);
        result.Plan.Count.ShouldBe(problem.Slots.Count);
        result.Score.Broken.ShouldBe(0);
        news[0].Stage.ShouldBe(ComposeStage.First);
        news[0].Plan!.Count.ShouldBe(problem.Slots.Count);
        news[^1].Stage.ShouldBe(ComposeStage.Done);
    }

    [Fact]
    public void News_never_gets_worse_until_the_wishes_take_their_part()
    {
        var news = new List<ComposeProgress>();
        new WeekComposer(Weeks.Build(Lean), Weeks.Quick, TimeProvider.System).Compose(
            new Listener(news.Add),
            TestContext.Current.CancellationToken
        );
        double[] best = [.. news.TakeWhile(n => n.Stage < ComposeStage.Wishes).Select(n => n.BestMinutes)];
        best.ShouldBeInOrder(SortDirection.Descending);
        news.Select(n => n.BoundMinutes).ShouldBeInOrder();
    }

    [Fact]
    public void The_cupboard_slider_makes_a_week_that_is_better_by_its_own_measure()
    {
        var poor = Input with
        {
            OnHand = Input.OnHand.Where((_, i) => i % 3 != 0).ToDictionary(),
            Sliders = Sliders.Middle with { UseTheCupboard = 0 },
        };
        var careful = poor with { Sliders = Sliders.Middle with { UseTheCupboard = 10 } };
        var problem = Weeks.Build(careful);
        Price(careful).ShouldBeLessThan(Price(poor));

        // Each plan by the measure of the careful one: money, things to ask for, and all other wishes.
        long Price(WeekInput input)
        {
            var composed = new WeekComposer(
                Weeks.Build(input),
                Weeks.Quick with
                {
                    AnnealSteps = 300_000,
                },
                TimeProvider.System
            ).Compose(null, TestContext.Current.CancellationToken);
            return new WeekPlan(problem, composed.Plan).State.WishPrice();
        }
    }

    [Fact]
    public void Ways_stand_for_uses_that_count_the_same()
    {
        var problem = Weeks.Build(Input);
        var ways = Way.Of(problem);
        ways.SelectMany(w => w.Uses).Select(u => u.Index).Order().ShouldBe(Enumerable.Range(0, problem.Uses.Count));
        ways.ShouldAllBe(w =>
            w.Uses.All(u => u.TechniqueIndex == w.Any.TechniqueIndex && u.Dose[0].SequenceEqual(w.Any.Dose[0]))
        );
        ways.Count.ShouldBeLessThan(problem.Uses.Count / 2);
    }

    private sealed class Listener(Action<ComposeProgress> heard) : IProgress<ComposeProgress>
    {
        public void Report(ComposeProgress value) => heard(value);
    }
}
