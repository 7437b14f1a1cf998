using FsCheck.Xunit;
using Nido.Core.Cupboard;
using Nido.Core.Group.Steps;
using Nido.Core.Ideas;
using Nido.Core.Ideas.Ways;
using Nido.Core.Tests.Week;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Search;

namespace Nido.Core.Tests.Group;

public class ReadinessTests
{
    private static readonly IReadOnlyDictionary<string, Ladder> Ladders = Published.Content.Ladders;
    private static readonly Prerequisite[] ArmFirst = [new(3, "arm", 3, InBoth.Same("Fingers need an arm."))];

    [Fact]
    public void A_step_waits_while_the_earlier_one_is_under_forty_percent()
    {
        var young = Things.Child("Young", 20);
        Readiness.Of(young, 2, ArmFirst, Things.Monday, Evidence.None, Ladders).ShouldBeNull("only from step 3 on");
        var waits = Readiness.Of(young, 3, ArmFirst, Things.Monday, Evidence.None, Ladders)!;
        waits.Earlier.ShouldBe("arm");
        waits.Reason.ShouldContain("Fingers need an arm.");
        waits.Reason.ShouldContain("40% is asked");
        Readiness.Of(Things.Child("Older", 40), 3, ArmFirst, Things.Monday, Evidence.None, Ladders).ShouldBeNull();
    }

    [Fact]
    public void What_was_seen_of_the_earlier_strand_opens_the_later()
    {
        var young = Things.Child("Young", 24);
        var seen = Enumerable
            .Range(0, 4)
            .Select(k => new Observation(k, "Young", "arm", 3, HelpLevel.Alone, Things.Monday.AddDays(k - 10), "", ""))
            .ToArray();
        Readiness.Of(young, 3, ArmFirst, Things.Monday, Evidence.None, Ladders).ShouldNotBeNull();
        Readiness.Of(young, 3, ArmFirst, Things.Monday, new Evidence(seen, [], Things.Monday), Ladders).ShouldBeNull();
    }

    [Property(MaxTest = 60)]
    public bool An_older_child_is_never_less_ready(byte months, byte more)
    {
        bool IsReady(int age) =>
            Readiness.Of(Things.Child("C", age), 4, ArmFirst, Things.Monday, Evidence.None, Ladders) is null;
        var age = 12 + (months % 60);
        return !IsReady(age) || IsReady(age + (more % 24));
    }

    [Fact]
    public void Who_avoids_touch_waits_with_sticky_things_until_they_were_borne()
    {
        var touch = Ladders["touch"];
        var avoids = Things.Child("Del", 40) with { AvoidsTouch = true };
        Readiness.ForTouch(Things.Child("Any", 40), 3, "sticky", touch, Things.Monday, Evidence.None).ShouldBeNull();
        Readiness.ForTouch(avoids, 3, null, touch, Things.Monday, Evidence.None).ShouldBeNull();
        Readiness
            .ForTouch(avoids, 3, "sticky", touch, Things.Monday, Evidence.None)!
            .Reason.ShouldContain("A step with a tool comes first");
        var seen = Enumerable
            .Range(0, 3)
            .Select(k => new Observation(k, "Del", "touch", 4, HelpLevel.Alone, Things.Monday.AddDays(k - 9), "", ""))
            .ToArray();
        Readiness
            .ForTouch(avoids, 3, "sticky", touch, Things.Monday, new Evidence(seen, [], Things.Monday))
            .ShouldBeNull();
    }

    [Fact]
    public void In_a_week_the_child_gets_a_lower_step_or_none_and_the_reason()
    {
        var group = Things.Group(
            [Things.Child("Ada", 20), Things.Child("Fay", 66), Things.Child("Del", 34) with { AvoidsTouch = true }],
            Data.Demo.DemoScenario.Blocks
        );
        var problem = Weeks.Build(Things.Week(group));
        var waiting = problem
            .Uses.SelectMany(u => u.Children.Select(c => (Use: u, At: c)))
            .Where(x => x.At.Waits is not null)
            .ToArray();
        waiting.ShouldContain(x => x.At.Child.Name == "Del" && x.At.Waits!.Earlier == "touch");
        waiting.ShouldAllBe(x => x.At.Offer == null || x.At.Offer.Step < x.At.Waits!.Step);
        waiting.ShouldAllBe(x => x.Use.Fullest.Earlier.Length > 0);
        problem.Uses.Where(u => u.Children.All(c => c.Waits is null)).ShouldAllBe(u => u.Fullest.Earlier.Length == 0);
    }

    [Fact]
    public void A_tool_in_the_hand_keeps_the_fingers_off()
    {
        var problem = Weeks.Build(Things.Week(Weeks.Six));
        var stamped = problem.Input.Ideas.First(i =>
            i.Technique.Id == "print-stamps"
            && i.Steps.Any(s => s.Bindings.Values.Any(b => b.Material.Tags.Contains("stamp")))
        );
        stamped.Steps[0].Feel(stamped.Technique.Actions).ShouldBeNull();
        var bare = new IdeaStep(1, InBoth.Same(""), 1, new Dictionary<string, StandIn>(), []);
        bare.Feel(["paint"]).ShouldBe("sticky");
        bare.Feel(["water"]).ShouldBe("damp");
        bare.Feel([]).ShouldBeNull();
    }

    [Fact]
    public void An_arm_that_will_not_get_stronger_keeps_nobody_from_a_pencil()
    {
        var ada = Things.Child("Ada", 50);
        var seen = Enumerable
            .Range(0, 12)
            .Select(k => new Observation(
                k,
                "Ada",
                "arm",
                1 + (k % 3),
                HelpLevel.NotYet,
                Things.Monday.AddDays(k - 20),
                "",
                ""
            ))
            .ToArray();
        var evidence = new Evidence(seen, [], Things.Monday);
        var needs = Ways("shoulder").Needs("pencil");
        needs.ShouldNotBeEmpty();
        Readiness.Of(ada, 4, needs, Things.Monday, evidence, Published.Content.Ladders).ShouldBeNull();
        // By age the arm still comes first.
        Readiness
            .Of(Things.Child("Young", 20), 4, needs, Things.Monday, Evidence.None, Published.Content.Ladders)!
            .Earlier.ShouldBe("arm");
    }

    [Fact]
    public void Where_children_wait_the_earlier_strand_on_the_same_day_costs_less()
    {
        // Scissors ahead of the squeeze: the grasp was seen far behind.
        var group = Things.Group([Things.Child("Ada", 44), Things.Child("Ben", 24)], Data.Demo.DemoScenario.Blocks);
        var seen = Enumerable
            .Range(0, 6)
            .Select(k => new Observation(
                k,
                "Ada",
                "grasp",
                2 + (k % 2),
                HelpLevel.NotYet,
                Things.Monday.AddDays(k - 10),
                "",
                ""
            ))
            .ToArray();
        var problem = Weeks.Build(
            Things.Week(group) with
            {
                Ways = Ways("shoulder"),
                Evidence = new Evidence(seen, [], Things.Monday),
            }
        );
        var (waiting, earlier) = (
            from w in problem.Uses
            where w.Fullest.Earlier.Length > 0
            from e in problem.Uses
            where e.Ladder == w.Fullest.Earlier[0].Ladder && e.BlockIndex != w.BlockIndex && !e.IsHeavy
            select (w, e)
        ).First();
        // Letters and numbers are met on both days anyway.
        Use[] daily =
        [
            problem.Uses.First(u => u.HasNumbers && u.Block.Id == "circle"),
            problem.Uses.First(u => u.HasLetters && u.Block.Id == "outdoors"),
        ];
        long Price(bool wait, int day)
        {
            var state = new PlanState(problem);
            foreach (var (use, d) in daily.SelectMany(u => new[] { (u, 0), (u, 2) }))
            {
                state.Put(problem.SlotAt(d, use.BlockIndex, 0), use.Index);
            }

            state.Put(problem.SlotAt(day, earlier.BlockIndex, 0), earlier.Index);
            if (wait)
            {
                state.Put(problem.SlotAt(0, waiting.BlockIndex, 0), waiting.Index);
            }

            return state.WishPrice();
        }

        // What waiting adds to the price, with the earlier strand on the same day and on another.
        (Price(true, 0) - Price(false, 0)).ShouldBeLessThan(Price(true, 2) - Price(false, 2));
    }

    private static WaysOfWorking Ways(string startAt) =>
        new(Published.Content.Differences, new Dictionary<string, string> { ["start-at"] = startAt });
}
