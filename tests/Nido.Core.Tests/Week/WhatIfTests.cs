using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;

namespace Nido.Core.Tests.Week;

public class WhatIfTests
{
    private static readonly WeekProblem Problem = Weeks.Build(Things.Week(Weeks.Six));
    private static readonly IReadOnlyList<Placement> Placements = Weeks.Compose(Problem).Plan;

    [Theory]
    [InlineData(0)]
    [InlineData(3)]
    [InlineData(27)]
    public void An_alternative_changes_what_it_says(int slot)
    {
        var plan = new WeekPlan(Problem, Placements);
        var before = plan.State.Dose.ToArray();
        var score = plan.State.Score();
        foreach (var alternative in WhatIf.Alternatives(plan, slot).Where(a => a.KeptFromSlot is null).Take(5))
        {
            var (day, block, offer) = (
                Problem.Slots[slot].Day,
                Problem.Blocks[Problem.Slots[slot].Block].Id,
                Problem.Slots[slot].Offer
            );
            var swapped = new WeekPlan(
                Problem,
                [
                    .. Placements.Where(p => !(p.Day == day && p.BlockId == block && p.Offer == offer)),
                    new(day, block, offer, alternative.Use.Idea.Id, false),
                ]
            );
            for (var aim = 0; aim < 4; aim++)
            {
                var change = Enumerable
                    .Range(0, Problem.ChildCount)
                    .Sum(c => swapped.State.Dose[(c * 4) + aim] - before[(c * 4) + aim]);
                alternative.MinutesByAim[aim].ShouldBe(change / 100.0, 1e-9);
            }

            alternative.Cents.ShouldBe(swapped.State.Score().Cents - score.Cents);
            alternative.PrepMinutes.ShouldBe(swapped.State.Score().PrepMinutes - score.PrepMinutes);
        }
    }

    [Fact]
    public void Asking_changes_nothing()
    {
        var plan = new WeekPlan(Problem, Placements);
        var before = plan.State.Uses.ToArray();
        WhatIf.Alternatives(plan, 5);
        WhatIf.WhyHere(plan, 5);
        plan.State.Uses.ShouldBe(before);
        plan.State.Score().ShouldBe(new WeekPlan(Problem, Placements).State.Score());
    }

    [Fact]
    public void What_may_not_lie_there_comes_last_with_its_rule()
    {
        var plan = new WeekPlan(Problem, Placements);
        var alternatives = WhatIf.Alternatives(plan, 0);
        alternatives.Select(a => a.KeptFromSlot is not null).ShouldBeInOrder();
        alternatives.ShouldContain(a => a.KeptFromSlot != null && a.KeptFromSlot.Contains("already there that day"));
    }

    [Fact]
    public void The_best_of_each_way_of_working_comes_first_then_its_other_materials()
    {
        var open = WhatIf
            .Alternatives(new WeekPlan(Problem, Placements), 2)
            .Where(a => a.KeptFromSlot is null)
            .ToArray();
        var techniques = open.Select(a => a.Use.TechniqueIndex).Distinct().Count();
        open.Take(techniques).Select(a => a.Use.TechniqueIndex).ShouldBeUnique();
        open.Take(techniques).Select(a => Math.Max(0, a.ShortfallMinutes)).ShouldBeInOrder();
        open.Skip(techniques).Select(a => Math.Max(0, a.ShortfallMinutes)).ShouldBeInOrder();
        foreach (var best in open.Take(techniques))
        {
            open.Where(a => a.Use.TechniqueIndex == best.Use.TechniqueIndex)
                .ShouldAllBe(a => Math.Max(0, a.ShortfallMinutes) >= Math.Max(0, best.ShortfallMinutes));
        }
    }

    [Fact]
    public void Why_here_says_whose_share_would_fall()
    {
        var plan = new WeekPlan(Problem, Placements);
        var why = WhatIf.WhyHere(plan, 3)!;
        why.Falls.ShouldNotBeEmpty();
        why.Falls.ShouldAllBe(f => f.Without < f.With);
        var fall = why.Falls[0];
        var child = Problem.Group.Children.ToList().FindIndex(c => c.Name == fall.Child);
        plan.Share(child, fall.Aim).ShouldBe(fall.With);
        plan.State.Put(3, -1);
        plan.Share(child, fall.Aim).ShouldBe(fall.Without);
    }

    [Fact]
    public void A_lost_idea_is_named_and_the_rest_stays()
    {
        var plan = new WeekPlan(Problem, [.. Placements.Skip(1), new(0, "welcome", 0, "gone.idea", false)]);
        plan.Lost.Single().Placement.IdeaId.ShouldBe("gone.idea");
        plan.Filled.Count().ShouldBe(Placements.Count - 1);
    }
}
