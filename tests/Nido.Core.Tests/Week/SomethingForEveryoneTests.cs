using Nido.Core.Week.Problem;
using Nido.Core.Week.Search;

namespace Nido.Core.Tests.Week;

/// <summary>A child with nothing in reach gets something, if need be at the price of another place.</summary>
public class SomethingForEveryoneTests
{
    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    [InlineData(4)]
    public void Fewer_are_left_with_nothing_and_no_rule_is_broken_for_it(int seed)
    {
        var problem = Weeks.Build(Things.Week(Weeks.Six));
        var chance = new SeededChance((ulong)seed);
        var plan = new PlanState(problem);
        foreach (var slot in Enumerable.Range(0, problem.Slots.Count))
        {
            // What is out of the youngest one's reach, where there is such a thing.
            Use[] may = [.. problem.Choices(slot).Where(u => plan.MayPut(slot, u.Index))];
            Use[] hard = [.. may.Where(u => !u.Reach[0])];
            var among = hard.Length > 0 ? hard : may;
            if (among.Length > 0 && problem.StayingAt[slot] is null)
            {
                plan.Put(slot, among[chance.Next(among.Length)].Index);
            }
        }

        var (without, price, empty) = (plan.Shares.WithNothing, plan.FairAndPaid(), problem.Empty(plan));
        without.ShouldBeGreaterThan(0);
        SomethingForEveryone.Bring(problem, plan, TestContext.Current.CancellationToken);
        plan.Shares.WithNothing.ShouldBeLessThan(without);
        plan.FairAndPaid().ShouldBeLessThan(price);
        problem.Empty(plan).ShouldBeLessThanOrEqualTo(empty);
        for (var s = 0; s < plan.Uses.Count; s++)
        {
            (plan.Uses[s] < 0 || plan.MayPut(s, plan.Uses[s])).ShouldBeTrue($"{problem.Slots[s]}");
        }
    }

    [Fact]
    public void The_one_idea_that_a_child_can_do_takes_the_place_of_another()
    {
        var problem = Weeks.Tiny(1, 1, "counting-rhyme", "hand-warm-up", "sort-by-kind", "fill-to-number");
        var (circle, young) = (0, 0);
        foreach (var use in problem.UsesOfBlock[circle])
        {
            use.Reach[young] = use.Idea.Technique.Id == "hand-warm-up";
        }

        var plan = new PlanState(problem);
        plan.Put(
            problem.SlotAt(0, circle, 0),
            problem.UsesOfBlock[circle].First(u => u.Idea.Technique.Id == "counting-rhyme").Index
        );
        plan.Shares.InReach(problem.CellAt(0, circle), young).ShouldBe(0);
        SomethingForEveryone.Bring(problem, plan, TestContext.Current.CancellationToken);
        plan.At(problem.SlotAt(0, circle, 0))!.Idea.Technique.Id.ShouldBe("hand-warm-up");
    }
}
