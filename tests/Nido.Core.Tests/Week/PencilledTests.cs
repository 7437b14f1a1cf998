using Nido.Core.Week.Change;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Core.Week.Search;

namespace Nido.Core.Tests.Week;

/// <summary>A block in words of one's own takes its time and gives nobody a dose; it is asked for in one place.</summary>
public class PencilledTests
{
    private static readonly string[] Techniques =
    [
        "fill-to-number",
        "sort-by-kind",
        "tear-and-crumple",
        "story-with-things",
        "counting-rhyme",
        "hand-warm-up",
    ];

    private static readonly WeekProblem Whole = Weeks.Tiny(2, 2, Techniques);

    private static WeekProblem With(params Pencilled[] own) => Weeks.Build(Whole.Input with { Pencilled = own });

    [Fact]
    public void Nothing_lies_where_it_stands_and_nobody_is_owed_anything_there()
    {
        foreach (var cell in Whole.Cells)
        {
            var problem = With(new Pencilled(cell.Day, Whole.Blocks[cell.Block].Id, "Fire drill"));
            problem.Attendance.TakesPlace(cell.Day, cell.Block).ShouldBeFalse();
            problem.Uses.Where(u => u.BlockIndex == cell.Block).ShouldAllBe(u => !u.OnDay[cell.Day]);
            problem.EvenShare.Zip(Whole.EvenShare).ShouldAllBe(x => x.First <= x.Second);
            problem.EvenShare.Sum().ShouldBeLessThan(Whole.EvenShare.Sum());
            var plan = Weeks.Compose(problem).Plan;
            plan.ShouldNotContain(p => p.Day == cell.Day && p.BlockId == Whole.Blocks[cell.Block].Id);
            plan.Count.ShouldBe(Whole.Slots.Count - cell.Offers);
        }
    }

    [Fact]
    public void Its_children_are_looked_after_by_as_many_adults_as_at_any_other_time()
    {
        var group = Things.Group([.. Enumerable.Range(0, 9).Select(i => Things.Child($"C{i}", 30))], adults: 2);
        var problem = Weeks.Build(Things.Week(group));
        var own = new WeekPlan(
            Weeks.Build(problem.Input with { Pencilled = [new Pencilled(1, problem.Blocks[0].Id, "Birthday")] }),
            Pencilled.Into([], 1, problem.Blocks[0].Id, "Birthday")
        );
        own.AdultsShort().ShouldBe(new WeekPlan(problem, []).AdultsShort());
        own.AdultsShort().ShouldContain(s => s.Day == 1 && s.Block.Id == problem.Blocks[0].Id && s.ByRatio == 3);
    }

    [Fact]
    public void What_is_left_is_planned_as_well_as_trying_everything()
    {
        var problem = With(new Pencilled(1, "table", "Birthday"));
        var best = long.MaxValue;
        EveryPlan.Each(problem, state => best = Math.Min(best, state.FairPrice()));
        Weeks.Compose(problem).Reached.ShouldBe(best);
    }

    [Fact]
    public void Written_over_a_block_it_takes_all_of_it_and_stays_when_the_week_is_found_anew()
    {
        var composed = Weeks.Compose(Whole).Plan;
        var plan = Pencilled.Into(composed, 0, "table", "Our song");
        plan.Where(p => p.Day == 0 && p.BlockId == "table").ShouldHaveSingleItem().IsPencilled.ShouldBeTrue();
        plan.Count.ShouldBe(composed.Count - 1);
        // Written anew it is one strip still.
        Pencilled.Into(plan, 0, "table", "Two songs").Count.ShouldBe(plan.Count);
        var problem = With([.. Pencilled.In(plan)]);
        var kept = Pencilled.Kept(plan, Weeks.Compose(problem).Plan);
        Pencilled.In(kept).ShouldBe([new(0, "table", "Our song")]);
        var read = new WeekPlan(problem, kept);
        read.Lost.ShouldBeEmpty();
        read.OwnWords(0, "table").ShouldBe("Our song");
        read.OwnWords(1, "table").ShouldBeNull();
        read.Problem.Empty(read.State).ShouldBe(0);
    }

    [Fact]
    public void A_title_of_ones_own_stays_with_its_idea_and_goes_with_it()
    {
        var plan = Weeks.Compose(Whole).Plan.ToArray();
        plan[0] = plan[0] with { Words = "Good morning" };
        Pencilled.Kept(plan, plan.Select(p => p with { Words = null })).ShouldBe(plan);
        Pencilled
            .Kept(plan, [plan[0] with { IdeaId = "another.idea", Words = null }])
            .ShouldHaveSingleItem()
            .Words.ShouldBeNull();
        var read = new WeekPlan(Whole, plan);
        var slot = Whole.SlotAt(
            plan[0].Day,
            Whole.Blocks.ToList().FindIndex(b => b.Id == plan[0].BlockId),
            plan[0].Offer
        );
        read.TitleAt(slot).En.ShouldBe("Good morning");
        read.Filled.Where(f => f.Slot != slot).ShouldAllBe(f => read.TitleAt(f.Slot) == f.Use.Idea.Title);
    }

    [Fact]
    public void A_week_with_nothing_but_ones_own_words_is_replanned_without_anything_to_choose_from()
    {
        var plan = Pencilled.Into([], 0, "table", "Moving in");
        var (problem, _) = WeekProblem.Build(Whole.Input with { Ideas = [], Pencilled = Pencilled.In(plan) });
        Replan.From(problem, plan, 0, TestContext.Current.CancellationToken).Uses.ShouldAllBe(u => u < 0);
    }

    [Fact]
    public void The_one_thing_that_helps_most_opens_as_many_ways_as_it_says()
    {
        // Everything of the catalogue but what fills no shelf here: the thing named is put there, and the ways are counted.
        var all = Things.Week(Weeks.Six);
        var lean = Weeks.Build(
            all with
            {
                OnHand = all.OnHand.Where((_, i) => i % 4 != 0).ToDictionary(),
                Chains = new([]),
            }
        );
        var thing = OneThing.Of(lean).ShouldNotBeNull();
        var with = Weeks.Build(
            lean.Input with
            {
                OnHand = lean.Input.OnHand.Append(new(thing.Material.Id, 1e6)).ToDictionary(),
            }
        );
        (Laid(with) - Laid(lean)).ShouldBe(thing.Ways);
        thing.Ways.ShouldBeGreaterThan(0);
        foreach (var other in lean.Materials.Where((_, m) => lean.OnHand[m] <= 0).Take(12))
        {
            var tried = Weeks.Build(
                lean.Input with
                {
                    OnHand = lean.Input.OnHand.Append(new(other.Id, 1e6)).ToDictionary(),
                }
            );
            (Laid(tried) - Laid(lean)).ShouldBeLessThanOrEqualTo(thing.Ways);
        }
    }

    /// <summary>Ways of working that lack nothing on the day most children are there for them.</summary>
    private static int Laid(WeekProblem problem) =>
        problem
            .Uses.Where(u => u.OnDay.Contains(true))
            .Where(u =>
                u.Fullest.Takes.All(t =>
                    t.Amount <= problem.OnHand[t.Material] || problem.Makes[t.Material] is not null
                )
            )
            .Select(u => u.Idea.Technique.Id)
            .Distinct()
            .Count();
}
