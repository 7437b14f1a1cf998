using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Core.Week.Search;

namespace Nido.Core.Tests.Week;

public class WhyNotTests
{
    private static readonly WeekProblem Problem = Weeks.Build(Things.Week(Weeks.Six));
    private static readonly WeekPlan Plan = new(Problem, Weeks.Compose(Problem).Plan);

    [Fact]
    public void The_best_place_is_the_best_of_all_places_tried_by_hand()
    {
        string[] open =
        [
            .. Problem
                .Uses.Select(u => u.Idea.Id)
                .Distinct()
                .Where(i => Plan.Filled.All(f => f.Use.Idea.Id != i))
                .Where((_, k) => k % 9 == 0),
        ];
        foreach (var idea in open)
        {
            var why = WhyNot.Of(Plan, idea);
            var all = Problem
                .Uses.Where(u => u.Idea.Id == idea)
                .SelectMany(u =>
                    Enumerable
                        .Range(0, Problem.Slots.Count)
                        .Where(s => Problem.Slots[s].Block == u.BlockIndex)
                        .Select(s => (Slot: s, Use: u))
                )
                .Where(x => !Plan.Stays(x.Slot) && Plan.State.MayPut(x.Slot, x.Use.Index))
                .Select(x => Tried(x.Slot, x.Use))
                .Order()
                .ToArray();
            if (all.Length == 0)
            {
                why.Slot.ShouldBeNull();
                why.Rules.ShouldNotBeEmpty(idea);
                continue;
            }

            Tried(
                    why.Slot!.Value,
                    Problem
                        .UsesOfBlock[Problem.Slots[why.Slot.Value].Block]
                        .First(u => u.Idea.Id == idea && u.OnDay[Problem.Slots[why.Slot.Value].Day])
                )
                .ShouldBe(all[0], idea);
            why.Instead!.Index.ShouldBe(Plan.State.Uses[why.Slot.Value]);
        }
    }

    private static (long Fair, long Wish) Tried(int slot, Use use)
    {
        var uses = Plan.State.Uses.ToArray();
        var (fair, wish) = (Plan.State.FairPrice(), Plan.State.WishPrice());
        uses[slot] = use.Index;
        var then = new PlanState(Problem, uses);
        return (Math.Max(0, then.FairPrice() - fair), then.WishPrice() - wish);
    }

    [Fact]
    public void Every_idea_has_an_answer_also_one_that_lies_out()
    {
        var problem = Weeks.Build(Things.Week(Weeks.Six));
        var plan = new WeekPlan(problem, Weeks.Compose(problem).Plan);
        foreach (var idea in problem.Uses.Select(u => u.Idea.Id).Distinct())
        {
            var why = WhyNot.Of(plan, idea);
            (why.Slot is not null || why.Rules.Count > 0 || plan.Filled.Any(f => f.Use.Idea.Id == idea)).ShouldBeTrue(
                idea
            );
        }
    }
}
