using FsCheck;
using FsCheck.Xunit;
using Nido.Core.Group.Steps;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Search;

namespace Nido.Core.Tests.Week;

public class PlanStateTests
{
    private static readonly WeekProblem Problem = Weeks.Build(Things.Week(Weeks.Six));

    [Property(MaxTest = 30)]
    public bool Any_order_of_changes_comes_to_the_same_figures(NonEmptyArray<int> changes)
    {
        var state = new PlanState(Problem);
        foreach (var change in changes.Get)
        {
            var slot = Math.Abs(change % Problem.Slots.Count);
            var choices = Problem.UsesOfBlock[Problem.Slots[slot].Block];
            state.Put(slot, change % 7 == 0 ? -1 : choices[Math.Abs(change / 13) % choices.Length].Index);
        }

        var afresh = new PlanState(Problem, state.Uses);
        return state.Dose.SequenceEqual(afresh.Dose)
            && state.FairPrice() == afresh.FairPrice()
            && state.Score() == afresh.Score();
    }

    [Fact]
    public void A_dose_by_hand()
    {
        var problem = Weeks.Tiny(2, 2, "fill-to-number", "sort-by-kind", "counting-rhyme", "hand-warm-up");
        var state = new PlanState(problem);
        var fill = problem.Uses.First(u => u.Idea.Technique.Id == "fill-to-number");
        state.Put(problem.SlotAt(0, 1, 0), fill.Index);
        // Twenty minutes at the table with one offer in reach; numerals 35 and counting 35 of 100 are math.
        var fit = fill.Children.Single(c => c.Child.Name == "Young").Fit;
        state.Dose[(0 * 4) + (int)Aim.Math].ShouldBe((int)Math.Round(2000 * 0.70 * fit));

        var sort = problem.Uses.First(u => u.Idea.Technique.Id == "sort-by-kind");
        state.Put(problem.SlotAt(0, 1, 1), sort.Index);
        var sortFit = sort.Children.Single(c => c.Child.Name == "Young").Fit;
        state
            .Dose[(0 * 4) + (int)Aim.Math]
            .ShouldBe((int)Math.Round(1000 * 0.70 * fit) + (int)Math.Round(1000 * 0.55 * sortFit));
    }

    [Fact]
    public void A_child_who_is_away_receives_nothing()
    {
        var problem = Weeks.Tiny(1, 2, "fill-to-number", "sort-by-kind", "counting-rhyme", "hand-warm-up");
        var older = problem.Group.Children.ToList().FindIndex(c => c.Name == "Older");
        var state = new PlanState(problem);
        state.Put(problem.SlotAt(1, 1, 0), problem.UsesOfBlock[1][0].Index);
        state.Dose.Skip(older * 4).Take(4).Sum().ShouldBe(0);
        state.Put(problem.SlotAt(0, 1, 0), problem.UsesOfBlock[1][0].Index);
        state.Dose.Skip(older * 4).Take(4).Sum().ShouldBeGreaterThan(0);
    }

    [Fact]
    public void Beyond_a_quarter_of_the_target_a_minute_missing_counts_twice()
    {
        var state = new PlanState(Problem);
        var targets = Problem.Target.Sum(t => (long)t);
        state.Score().Shortfall.ShouldBe(targets + Problem.Target.Sum(t => (long)(t - (t / 4))));
        state.Score().Broken.ShouldBeGreaterThan(0);
    }

    [Fact]
    public void The_same_way_of_working_does_not_lie_out_twice_on_a_day()
    {
        var state = new PlanState(Problem);
        var table = Problem.Blocks.ToList().FindIndex(b => b.Id == "table");
        var use = Problem.UsesOfBlock[table][0];
        state.Put(Problem.SlotAt(0, table, 0), use.Index);
        state.MayPut(Problem.SlotAt(0, table, 1), use.Index).ShouldBeFalse();
        state.MayPut(Problem.SlotAt(1, table, 1), use.Index).ShouldBeTrue();
        state.MayPut(Problem.SlotAt(0, table, 0), use.Index).ShouldBeTrue();
    }

    [Fact]
    public void What_needs_dry_weather_stays_in_on_a_wet_day()
    {
        var input = Things.Week(Weeks.Six);
        var problem = Weeks.Build(input with { Days = [.. input.Days.Select((d, i) => d with { Dry = i != 1 })] });
        var chalk = problem.Uses.First(u => u.Idea.Technique.DryWeather);
        var state = new PlanState(problem);
        state.MayPut(problem.SlotAt(0, chalk.BlockIndex, 0), chalk.Index).ShouldBeTrue();
        state.MayPut(problem.SlotAt(1, chalk.BlockIndex, 0), chalk.Index).ShouldBeFalse();
    }

    [Theory]
    [InlineData(10, 4, 3, 2)]
    [InlineData(10, 10, 3, 0)]
    [InlineData(10, 9.5, 3, 1)]
    [InlineData(10, 0, null, 0)]
    public void Packs_to_buy(double taken, double have, int? pack, int packs) =>
        Spending.Packs(taken, have, pack).ShouldBe(packs);

    [Fact]
    public void Consumables_add_up_and_reusables_count_at_the_busiest_time()
    {
        var state = GreedyPlan.Of(Problem);
        var taken = state.Spends.Taken();
        for (var m = 0; m < Problem.Materials.Count; m++)
        {
            var cells = Enumerable
                .Range(0, Problem.Slots.Count)
                .GroupBy(s => (Problem.Slots[s].Day, Problem.Slots[s].Block))
                .Select(cell =>
                    cell.Sum(s =>
                        Problem
                            .Uses[state.Uses[s]]
                            .On(Problem.Slots[s].Day)
                            .Takes.Where(t => t.Material == m)
                            .Sum(t => t.Amount)
                    )
                )
                .ToArray();
            taken[m]
                .ShouldBe(Problem.Materials[m].Consumable ? cells.Sum() : cells.Max(), 1e-9, Problem.Materials[m].Id);
        }
    }

    /// <summary>Whatever was put in and taken out before, a plan counts as one that was put together at once.</summary>
    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    public void Kept_up_to_date_by_changes_it_equals_the_same_plan_counted_anew(int seed)
    {
        var problem = Weeks.Build(
            Things.Week(Weeks.Six) with
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
        var chance = new SeededChance((ulong)seed);
        var plan = GreedyPlan.Of(problem);
        for (var k = 0; k < 400; k++)
        {
            var slot = chance.Next(problem.Slots.Count);
            var choices = problem.UsesOfBlock[problem.Slots[slot].Block];
            plan.Put(slot, chance.Next(6) == 0 ? -1 : choices[chance.Next(choices.Length)].Index);
            // Asked for only now and then, so that several changes are behind each answer.
            if (k % 7 == 0)
            {
                var anew = new PlanState(problem, plan.Uses);
                (
                    plan.WishPrice(),
                    plan.FairPrice(),
                    plan.FairAndPaid(),
                    plan.Shares.Smallest(),
                    plan.Shares.WorstOff()
                ).ShouldBe(
                    (
                        anew.WishPrice(),
                        anew.FairPrice(),
                        anew.FairAndPaid(),
                        anew.Shares.Smallest(),
                        anew.Shares.WorstOff()
                    )
                );
                plan.Score().ShouldBe(anew.Score());
            }
        }
    }
}
