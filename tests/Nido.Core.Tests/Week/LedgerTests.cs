using Nido.Core.Group.Steps;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Search;

namespace Nido.Core.Tests.Week;

/// <summary>What each wish pays: by increments as counted anew, with a name, a unit and what it is for.</summary>
public class LedgerTests
{
    private static readonly WeekProblem Problem = Weeks.Build(
        Things.Week(
            Weeks.Six with
            {
                Children = [.. Weeks.Six.Children, Things.Child("Del", 34) with { AvoidsTouch = true }],
            },
            onHand: Published.Content.Materials.ToDictionary(m => m.Id, m => m.IsCounted ? 9.0 : 60)
        ) with
        {
            Evidence = new Evidence([], [], Things.Monday)
            {
                Objectives =
                [
                    new("Fay", "scissors", 5, Things.Monday.AddDays(20)),
                    new("Eli", "counting", 3, Things.Monday.AddDays(20)),
                ],
            },
        }
    );

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    [InlineData(4)]
    public void Every_wish_kept_by_changes_pays_what_it_pays_counted_anew(int seed)
    {
        var chance = new SeededChance((ulong)seed);
        var plan = GreedyPlan.Of(Problem);
        for (var k = 0; k < 300; k++)
        {
            var slot = chance.Next(Problem.Slots.Count);
            var choices = Problem.UsesOfBlock[Problem.Slots[slot].Block];
            plan.Put(slot, chance.Next(5) == 0 ? -1 : choices[chance.Next(choices.Length)].Index);
            if (k % 11 == 0)
            {
                var anew = new PlanState(Problem, plan.Uses);
                foreach (var (kept, fresh) in plan.Wishes.All.Zip(anew.Wishes.All))
                {
                    kept.Points().ShouldBe(fresh.Points(), kept.GetType().Name);
                    kept.Points().ShouldBeGreaterThanOrEqualTo(0);
                }

                plan.Wishes.Points().ShouldBe(plan.Wishes.All.Sum(w => w.Points()));
            }
        }
    }

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    public void What_a_wish_pays_is_the_sum_of_what_it_is_paid_for(int seed)
    {
        var chance = new SeededChance((ulong)seed);
        var plan = new PlanState(Problem);
        for (var k = 0; k < 120; k++)
        {
            var slot = chance.Next(Problem.Slots.Count);
            var choices = Problem.UsesOfBlock[Problem.Slots[slot].Block];
            plan.Put(slot, choices[chance.Next(choices.Length)].Index);
        }

        foreach (var wish in plan.Wishes.All)
        {
            var lines = wish.Lines().ToArray();
            // Each line is rounded by itself.
            Math.Abs(lines.Sum(l => l.Points) - wish.Points())
                .ShouldBeLessThanOrEqualTo(lines.Length, wish.GetType().Name);
            lines.ShouldAllBe(l => !l.About.IsNone && l.Amount > 0);
            (wish.Name.Length > 0 && wish.Unit.Length > 0).ShouldBeTrue();
        }
    }

    [Fact]
    public void Names_tell_wishes_apart_and_every_wish_can_pay()
    {
        var plan = new PlanState(Problem);
        plan.Wishes.All.Select(w => $"{w.Name}").ShouldBeUnique();
        var paid = new HashSet<Type>();
        var chance = new SeededChance(5);
        for (var k = 0; k < 4_000; k++)
        {
            var slot = chance.Next(Problem.Slots.Count);
            var choices = Problem.UsesOfBlock[Problem.Slots[slot].Block];
            plan.Put(slot, choices[chance.Next(choices.Length)].Index);
            paid.UnionWith(plan.Wishes.All.Where(w => w.Points() > 0).Select(w => w.GetType()));
        }

        plan.Wishes.All.Select(w => w.GetType()).Where(t => !paid.Contains(t)).Select(t => t.Name).ShouldBeEmpty();
    }

    [Fact]
    public void A_slider_at_nothing_takes_the_price_of_its_wishes_away()
    {
        var free = Weeks.Build(Problem.Input with { Sliders = new(5, 0, 0, 0, 0) });
        var plan = GreedyPlan.Of(free);
        foreach (
            var wish in plan.Wishes.All.Where(w =>
                w.WeighedBy is not null && w.GetType().Name is not ("NothingHardToGet" or "LittleIsMade")
            )
        )
        {
            wish.Points().ShouldBe(0, wish.GetType().Name);
        }
    }
}
