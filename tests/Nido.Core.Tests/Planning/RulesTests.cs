using Google.OrTools.Sat;
using Nido.Core.Group;
using Nido.Core.Planning;

namespace Nido.Core.Tests.Planning;

/// <summary>The rules of the choose stage, each on a week where it has to bite.</summary>
public class RulesTests
{
    // What several rules are read from is solved once.
    private static readonly Lazy<(ChooseModel Model, long[] Times, CpSolver Solver)> Usual = new(() => SolveWhole(Weeks.Build(Things.Week(Weeks.Six))));

    [Fact]
    public void Every_offer_is_filled()
    {
        var (model, times, _) = Usual.Value;
        foreach (var block in model.Ways.GroupBy(w => w.Any.BlockIndex))
        {
            block.Sum(w => times[w.Index]).ShouldBe(5 * model.Problem.Blocks[block.Key].Offers);
        }
    }

    [Fact]
    public void The_same_way_of_working_comes_at_most_once_a_day()
    {
        var (model, times, _) = Usual.Value;
        model.Ways.GroupBy(w => w.Any.TechniqueIndex).Max(t => t.Sum(w => times[w.Index])).ShouldBeLessThanOrEqualTo(5);
    }

    [Fact]
    public void What_needs_a_dry_day_comes_no_oftener_than_there_are_dry_days()
    {
        var input = Things.Week(Weeks.Six, only: t => t.Blocks.Any(b => b != BlockKind.Outdoors) || t.DryWeather);
        var outdoors = Things.Week(Weeks.Six, only: t => t.Blocks.Contains(BlockKind.Outdoors) || t.Blocks.Count > 1 || t.WarmUp);
        var problem = Weeks.Build(outdoors with { Days = [.. input.Days.Select((d, i) => d with { Dry = i == 0 })] });
        var (model, times) = Solve(problem);
        model.Ways.Where(w => w.Any.Idea.Technique.DryWeather).Sum(w => times[w.Index]).ShouldBeLessThanOrEqualTo(2);
        model.Ways.Where(w => w.Any.Idea.Technique.DryWeather).ShouldAllBe(w => times[w.Index] <= 1);
    }

    [Fact]
    public void Offers_do_not_ask_for_more_adults_than_are_there()
    {
        var one = Things.Group(Weeks.Six.Children, Data.Demo.DemoScenario.Blocks, adults: 1, SmallPartsRule.WatchedTable);
        var (model, times) = Solve(Weeks.Build(Things.Week(one)));
        foreach (var block in model.Ways.GroupBy(w => w.Any.BlockIndex))
        {
            block.Sum(w => times[w.Index] * w.Any.Adults).ShouldBeLessThanOrEqualTo(5);
        }
    }

    [Fact]
    public void A_lock_is_among_what_is_chosen()
    {
        var free = Weeks.Build(Things.Week(Weeks.Six));
        var use = free.UsesOfBlock[0][^1];
        var problem = Weeks.Build(Things.Week(Weeks.Six) with { Locked = [new(2, "welcome", 1, use.Idea.Id, true)] });
        var (model, times) = Solve(problem);
        model.Ways.Where(w => w.Uses.Any(u => u.Idea.Id == use.Idea.Id && u.BlockIndex == 0)).Sum(w => times[w.Index]).ShouldBeGreaterThanOrEqualTo(1);
    }

    [Fact]
    public void A_child_who_comes_on_two_days_receives_two_days()
    {
        var (model, _, solver) = Usual.Value;
        var problem = model.Problem;
        var eli = problem.Group.Children.ToList().FindIndex(c => c.Name == "Eli");
        for (var b = 0; b < problem.Blocks.Count; b++)
        {
            model.Ways.Where(w => w.Any.BlockIndex == b).Sum(w => solver.Value(model.Received[eli][w.Index])).ShouldBe(2 * problem.Blocks[b].Offers);
        }
    }

    [Fact]
    public void Placing_keeps_locks_and_fills_what_could_not_be_placed()
    {
        var free = Weeks.Build(Things.Week(Weeks.Six));
        var locked = new Placement(3, "table", 0, free.UsesOfBlock[4][2].Idea.Id, true);
        var problem = Weeks.Build(Things.Week(Weeks.Six) with { Locked = [locked] });
        var (model, times) = Solve(problem);
        var plan = PlaceModel.Place(problem, model.Ways, times, 2, TestContext.Current.CancellationToken);
        plan.Uses.ShouldAllBe(u => u >= 0);
        problem.Uses[plan.Uses[problem.SlotAt(3, 4, 0)]].Idea.Id.ShouldBe(locked.IdeaId);
        plan.Score().Broken.ShouldBe(0);
    }

    private static (ChooseModel Model, long[] Times) Solve(WeekProblem problem)
    {
        var (model, times, _) = SolveWhole(problem);
        return (model, times);
    }

    private static (ChooseModel Model, long[] Times, CpSolver Solver) SolveWhole(WeekProblem problem)
    {
        var model = new ChooseModel(problem);
        model.HintFrom(GreedyPlan.Of(problem));
        var solver = Solving.Solver(1.2, TimeSpan.FromSeconds(30));
        solver.Solve(model.Model).ShouldBeOneOf(CpSolverStatus.Optimal, CpSolverStatus.Feasible);
        return (model, [.. model.Times.Select(t => solver.Value(t))], solver);
    }
}
