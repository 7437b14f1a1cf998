using Nido.Core.Week.MayGoWrong;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;

namespace Nido.Core.Tests.Week;

/// <summary>A week played many times.</summary>
public class SimulationTests
{
    private static readonly WeekProblem Problem = Weeks.Build(Things.Week(Weeks.Six));
    private static readonly WeekPlan Plan = new(Problem, Weeks.Compose(Problem).Plan);

    [Fact]
    public void The_same_seed_gives_the_same_figures_and_another_seed_nearly_the_same()
    {
        var first = Simulation.Of(Plan);
        Text(Simulation.Of(Plan)).ShouldBe(Text(first));
        first.Runs.ShouldBe(2000);
        var other = Simulation.Of(Plan, seed: 7);
        foreach (var f in other.FallsShort.Where(f => f.Share > 0.1))
        {
            // Two thousand weeks: three standard errors of a share are at most 3.4 points on each side.
            first.FallsShort.First(x => x.Child == f.Child && x.Aim == f.Aim).Share.ShouldBe(f.Share, 0.068);
        }
    }

    [Fact]
    public void With_plenty_nothing_runs_out_and_with_little_it_does_and_says_how_many_more()
    {
        Simulation.Of(Plan).RunsOut.ShouldBeEmpty();
        // Of everything just what is planned: a spoiled piece too many and it is gone.
        var taken = Plan.State.Spends.Taken();
        var onHand = Things.Plenty.ToDictionary();
        for (var m = 0; m < taken.Length; m++)
        {
            onHand[Problem.Materials[m].Id] =
                Problem.Materials[m].Consumable && taken[m] > 0 ? taken[m] : onHand[Problem.Materials[m].Id];
        }

        var tight = Simulation.Of(
            new WeekPlan(
                Weeks.Build(Problem.Input with { OnHand = onHand }),
                [.. Plan.Filled.Select(f => f.Placement)]
            ),
            runs: 500
        );
        tight.RunsOut.ShouldNotBeEmpty();
        tight.RunsOut.ShouldAllBe(r => r.Share >= 0.01 && r.Share < 1 && r.More >= 1 && r.Material.Consumable);
        tight.RunsOut.Select(r => r.Share).ShouldBeInOrder(SortDirection.Descending);
    }

    [Fact]
    public void The_mean_of_the_weeks_is_the_plan_so_a_full_share_seldom_falls_short()
    {
        var played = Simulation.Of(Plan, runs: 800);
        foreach (var f in played.FallsShort)
        {
            f.Share.ShouldBeInRange(0.05, 1);
            if (f.Share > 0.9)
            {
                Plan.Share(f.Child, f.Aim).ShouldBeLessThan(90, Problem.Group.Children[f.Child].Name);
            }
        }
    }

    [Fact]
    public void A_fix_gives_the_child_more_and_costs_the_others_nothing()
    {
        foreach (var f in Simulation.Of(Plan, runs: 400).FallsShort.Where(f => f.Fix is not null))
        {
            var use = Problem
                .UsesOfBlock[Problem.Slots[f.Fix!.Slot].Block]
                .First(u => u.Idea.Title == f.Fix.Now && Plan.State.MayPut(f.Fix.Slot, u.Index));
            use.Reach[f.Child].ShouldBeTrue();
            f.Fix.Minutes.ShouldBeGreaterThan(1);
        }
    }

    [Fact]
    public void Blocks_of_free_choice_do_not_overrun_and_the_others_by_whole_minutes_at_most_a_few()
    {
        foreach (var o in Simulation.Of(Plan, runs: 600).Overruns)
        {
            Problem.Blocks[o.Block].IsFreeChoice.ShouldBeFalse();
            o.Share.ShouldBeInRange(0.2, 0.6);
            o.Minutes.ShouldBeInRange(0, Problem.Blocks[o.Block].Minutes / 2.0);
            o.Longest.En.ShouldNotBeEmpty();
        }
    }

    private static string Text(SimulatedWeek week) =>
        string.Join(
            ';',
            week.RunsOut.Select(r => $"{r.Material.Id} {r.Share} {r.More}")
                .Concat(week.Overruns.Select(o => $"{o}"))
                .Concat(week.FallsShort.Select(f => $"{f}"))
        );
}
