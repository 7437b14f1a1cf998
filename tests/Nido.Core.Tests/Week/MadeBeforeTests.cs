using Nido.Core.Prep;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Core.Week.Search;

namespace Nido.Core.Tests.Week;

/// <summary>What is made on one day is used on a later one, and who was away has a spare.</summary>
public class MadeBeforeTests
{
    private static readonly WeekProblem Problem = Weeks.Build(
        Things.Week(Weeks.Six, only: t => t.Id is not "lace-the-punched")
    );
    private static readonly int Table = Problem.Blocks.ToList().FindIndex(b => b.Id == "table");

    private static Use UseOf(string technique, int block) =>
        Problem.UsesOfBlock[block].First(u => u.Idea.Technique.Id == technique);

    [Fact]
    public void It_may_lie_out_on_the_days_after_it_was_made_only()
    {
        var state = new PlanState(Problem);
        state.MayPut(Problem.SlotAt(3, Table, 0), UseOf("deliver-letters", Table).Index).ShouldBeFalse();
        state.Put(Problem.SlotAt(2, Table, 0), UseOf("fold-letters", Table).Index);
        for (var day = 0; day < 5; day++)
        {
            state
                .MayPut(Problem.SlotAt(day, Table, 1), UseOf("deliver-letters", Table).Index)
                .ShouldBe(day > 2, $"day {day}");
        }
    }

    [Fact]
    public void Taking_out_what_makes_it_breaks_a_rule()
    {
        var state = new PlanState(Problem);
        state.Put(Problem.SlotAt(0, Table, 0), UseOf("fold-letters", Table).Index);
        state.Put(Problem.SlotAt(1, Table, 0), UseOf("deliver-letters", Table).Index);
        var (whole, broken) = (state.FairPrice(), state.Score().Broken);
        state.Put(Problem.SlotAt(0, Table, 0), -1);
        state.FairPrice().ShouldBeGreaterThan(whole + 900_000);
        state.Score().Broken.ShouldBeGreaterThan(broken);
        WhatIf
            .RuleAgainst(new WeekPlan(Problem, []), Problem.SlotAt(1, Table, 0), UseOf("deliver-letters", Table))!
            .ShouldContain("made on a day before");
    }

    [Fact]
    public void Who_was_away_when_it_was_made_needs_a_spare_and_prep_says_for_whom()
    {
        Placement[] placements =
        [
            new(0, "table", 0, UseOf("fold-letters", Table).Idea.Id, false),
            new(1, "table", 0, UseOf("deliver-letters", Table).Idea.Id, false),
        ];
        var plan = new WeekPlan(Problem, placements);
        var made = ComesBack.Made(plan, 1, UseOf("deliver-letters", Table))!.Value;
        made.MadeOn.ShouldBe(0);
        made.NeedSpare.Select(c => c.Name).ShouldBe(["Eli"], "comes on Tuesday and Thursday");
        PrepTasks
            .Of(plan)
            .ShouldContain(t =>
                t.What.Contains("A spare") && t.What.Contains("Eli") && t.NeededOn == Problem.Days[1].Date
            );
        ComesBack.Made(plan, 1, UseOf("fold-letters", Table)).ShouldBeNull();
    }

    [Fact]
    public void Without_an_idea_that_makes_it_it_cannot_be()
    {
        var problem = WeekProblem.Build(Things.Week(Weeks.Six, only: t => t.Id != "fold-letters")).Problem;
        problem.MadeBefore.ShouldContain(m => m.Maker < 0);
        Weeks.Compose(problem).Plan.ShouldNotContain(p => p.IdeaId.StartsWith("deliver-letters"));
    }

    [Fact]
    public void Letter_and_numbers_are_wished_for_every_day()
    {
        var state = new PlanState(Problem);
        var letters = Problem.UsesOfBlock[Table].First(u => u.HasLetters && !u.HasNumbers);
        var before = state.WishPrice();
        state.Put(Problem.SlotAt(4, Table, 0), letters.Index);
        // The price falls by the letter of that day, and rises by what the idea itself costs.
        var rest = new PlanState(
            Weeks.Build(Problem.Input with { Sliders = Problem.Input.Sliders with { Theme = 0 } })
        );
        var none = rest.WishPrice();
        before.ShouldBe(none + (5 * 2 * 3 * Problem.Input.Sliders.Theme));
    }
}
