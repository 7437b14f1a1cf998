using Nido.Core.Week.Change;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Core.Week.Search;

namespace Nido.Core.Tests.Week;

/// <summary>What comes up in the middle of a week is worked in with as little change as can be.</summary>
public class ReplanTests
{
    private static readonly WeekProblem Problem = Weeks.Build(Things.Week(Weeks.Six));
    private static readonly IReadOnlyList<Placement> Plan =
    [
        .. Weeks
            .Compose(Problem)
            .Plan.Select(p => p is { Day: 3, BlockId: "table", Offer: 1 } ? p with { Locked = true } : p),
    ];

    public static TheoryData<CameUp> CameUp { get; } =
    [
        new CameUp(CameUpKind.ChildAway, "Fay", 2, 3),
        new CameUp(CameUpKind.AdultAway, "a0", 1, 1),
        new CameUp(CameUpKind.Rain, "", 2, 4),
        new CameUp(CameUpKind.MaterialGone, Gone(), 2, 4),
    ];

    [Theory]
    [MemberData(nameof(CameUp))]
    public void Past_days_and_locks_stay_every_place_is_filled_and_no_rule_is_broken(CameUp happening)
    {
        var problem = After(happening);
        var state = Replan.From(problem, Plan, happening.FromDay, TestContext.Current.CancellationToken);
        var after = Ideas(problem, state);
        foreach (
            var placed in Plan.Where(p => p.Day < happening.FromDay || (p.Locked && problem.LockedUse[Slot(p)] >= 0))
        )
        {
            after[Slot(placed)].ShouldBe(placed.IdeaId, $"{placed.Day} {placed.BlockId}");
        }

        state.Uses.ShouldAllBe(u => u >= 0);
        state.Score().Broken.ShouldBe(0);
    }

    [Theory]
    [MemberData(nameof(CameUp))]
    public void Little_changes_and_the_same_every_time(CameUp happening)
    {
        var problem = After(happening);
        var first = Replan.From(problem, Plan, happening.FromDay, TestContext.Current.CancellationToken);
        var again = Replan.From(problem, Plan, happening.FromDay, TestContext.Current.CancellationToken);
        again.Uses.ShouldBe(first.Uses);
        var had = Plan.ToDictionary(Slot, p => p.IdeaId);
        var changed = Ideas(problem, first).Select((idea, slot) => (idea, slot)).Count(x => had[x.slot] != x.idea);
        // What can lie no longer must change; anything else only where it saves half an hour.
        var must = new WeekPlan(problem, Plan).Lost.Count;
        changed.ShouldBeLessThanOrEqualTo(must + 3);
    }

    [Theory]
    [InlineData("fill-to-number")]
    [InlineData("sort-by-kind")]
    [InlineData("letter-match")]
    public void As_little_changes_as_trying_everything_would(string gone)
    {
        var free = Weeks.Tiny(
            1,
            2,
            "fill-to-number",
            "sort-by-kind",
            "letter-match",
            "feel-bag",
            "counting-rhyme",
            "hand-warm-up",
            "clap-the-word"
        );
        var plan = Weeks.Compose(free).Plan;
        // Whatever that way of working takes is gone.
        var problem = Weeks.Build(free.Input with { Ideas = [.. free.Input.Ideas.Where(i => i.Technique.Id != gone)] });
        int Changed(PlanState state) =>
            plan.Count(p =>
                problem.SlotAt(p.Day, problem.Blocks[0].Id == p.BlockId ? 0 : 1, p.Offer) is var s
                && (
                    state.Uses[s] < 0
                    || problem.Uses[state.Uses[s]].Idea.Technique.Id
                        != free.Input.Ideas.First(i => i.Id == p.IdeaId).Technique.Id
                )
            );
        var least = (Price: long.MaxValue, Changed: 0);
        EveryPlan.Each(
            problem,
            state =>
            {
                var price = state.FairPrice() + (Replan.StripCost * (long)Changed(state));
                least = price < least.Price ? (price, Changed(state)) : least;
            }
        );
        var found = Replan.From(problem, plan, 0, TestContext.Current.CancellationToken);
        Changed(found).ShouldBeLessThanOrEqualTo(least.Changed);
    }

    [Fact]
    public void Rain_keeps_what_needs_dry_weather_in_and_only_then()
    {
        var problem = After(new CameUp(CameUpKind.Rain, "", 1, 1));
        problem.Days.Select(d => d.Dry).ShouldBe([true, false, true, true, true]);
        var state = Replan.From(problem, Plan, 1, TestContext.Current.CancellationToken);
        Enumerable
            .Range(0, problem.Slots.Count)
            .Where(s => problem.Slots[s].Day == 1)
            .ShouldAllBe(s => !problem.Uses[state.Uses[s]].Idea.Technique.DryWeather);
    }

    [Fact]
    public void What_is_gone_is_used_until_then_and_not_after()
    {
        var gone = Gone();
        var problem = After(new CameUp(CameUpKind.MaterialGone, gone, 2, 4));
        var state = Replan.From(problem, Plan, 2, TestContext.Current.CancellationToken);
        Enumerable
            .Range(0, problem.Slots.Count)
            .Where(s => problem.Slots[s].Day >= 2)
            .ShouldAllBe(s =>
                problem.Uses[state.Uses[s]].Idea.Steps.All(step => step.Bindings.Values.All(b => b.Material.Id != gone))
            );
        new WeekPlan(problem, Plan).Lost.ShouldContain(l => l.Reason.EndsWith("is gone"));
    }

    [Fact]
    public void A_child_away_receives_and_is_owed_nothing_on_those_days()
    {
        var problem = After(new CameUp(CameUpKind.ChildAway, "Fay", 0, 4));
        var fay = problem.Group.Children.ToList().FindIndex(c => c.Name == "Fay");
        problem.Attendance.DaysOf(fay).ShouldBe(0);
        problem.Target.Skip(fay * 4).Take(4).Sum().ShouldBe(0);
        // Adding a child back never lowers the adults that are needed.
        var with = new WeekPlan(Problem, Plan).AdultsShort().Sum(a => a.Needed);
        new WeekPlan(problem, Plan).AdultsShort().Sum(a => a.Needed).ShouldBeLessThanOrEqualTo(with);
    }

    [Fact]
    public void Nothing_changes_where_nothing_came_up()
    {
        var problem = Weeks.Build(Problem.Input with { Locked = [.. Plan.Where(p => p.Locked)] });
        var state = Replan.From(problem, Plan, 0, TestContext.Current.CancellationToken, stripPoints: 100_000);
        Ideas(problem, state).ShouldBe(Plan.OrderBy(Slot).Select(p => p.IdeaId));
    }

    [Fact]
    public void Moving_a_slider_moves_the_plan_that_way()
    {
        var problem = Weeks.Build(
            Problem.Input with
            {
                Sliders = Sliders.Middle with { LightPrep = 10, Theme = 0, FreshIdeas = 0 },
            }
        );
        var state = Replan.From(problem, Plan, 0, TestContext.Current.CancellationToken, Replan.StripPointsWhenWeighed);
        state
            .Score()
            .PrepMinutes.ShouldBeLessThan(
                new PlanState(problem, new WeekPlan(problem, Plan).State.Uses).Score().PrepMinutes
            );
    }

    private static string Gone() =>
        Problem.Uses[new WeekPlan(Problem, Plan).State.Uses[Problem.SlotAt(3, 0, 0)]] is var use
        && use.Idea.Lead is { } lead
            ? lead.Id
            : "paper-a4";

    private static WeekProblem After(CameUp happening) =>
        Weeks.Build(
            Problem.Input with
            {
                CameUp = [happening],
                Locked = [.. Plan.Where(p => p.Locked || p.Day < happening.FromDay)],
            }
        );

    private static int Slot(Placement p) =>
        Problem.SlotAt(p.Day, Problem.Blocks.ToList().FindIndex(b => b.Id == p.BlockId), p.Offer);

    private static string[] Ideas(WeekProblem problem, PlanState state) =>
        [.. state.Uses.Select(u => problem.Uses[u].Idea.Id)];
}
