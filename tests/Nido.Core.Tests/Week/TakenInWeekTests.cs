using Nido.Core.Cupboard;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Search;

namespace Nido.Core.Tests.Week;

/// <summary>What must be there for a plan: at one block, with what still dries, and with what has gone off.</summary>
public class TakenInWeekTests
{
    private static readonly string[] Techniques =
    [
        "carry-wet",
        "real-cleaning",
        "tear-and-crumple",
        "sort-by-kind",
        "hand-warm-up",
        "clap-the-word",
        "fill-to-number",
        "letter-match",
    ];

    [Fact]
    public void What_dries_until_the_next_block_is_needed_twice()
    {
        var problem = Build([]);
        var wet = problem.Uses.First(u =>
            u.Idea.Technique.Id == "carry-wet" && u.Block.Kind == Core.Group.BlockKind.Table
        );
        var sponges = Index(problem, "sponges");
        var cloths = problem.Uses.First(u =>
            u.Idea.Technique.Id == "real-cleaning"
            && u.Idea.Lead!.Id == "sponges"
            && u.Block.Kind == Core.Group.BlockKind.Shelf
        );
        double Amount(Use use) => use.Fullest.Takes.First(t => t.Material == sponges).Amount;
        // Welcome at 9:00, table at 14:00: two hours of drying are over; both on one day need only the larger.
        Taken(problem, (0, cloths), (0, wet))[sponges].ShouldBe(Math.Max(Amount(cloths), Amount(wet)));
        // With six hours of drying they are not.
        var slow = Build([], m => m.Id == "sponges" ? m with { Keeping = new(false, 360) } : m);
        Taken(slow, (0, slow.Uses[cloths.Index]), (0, slow.Uses[wet.Index]))[sponges]
            .ShouldBe(Amount(cloths) + Amount(wet));
        Taken(slow, (0, slow.Uses[cloths.Index]), (1, slow.Uses[wet.Index]))[sponges]
            .ShouldBe(Math.Max(Amount(cloths), Amount(wet)));
    }

    [Fact]
    public void What_goes_off_is_asked_for_with_what_is_lost_by_then()
    {
        var problem = Build(new() { ["newspaper"] = [0, 0, 900, 900, 900] });
        var torn = problem.Uses.First(u =>
            u.Idea.Technique.Id == "tear-and-crumple"
            && u.Fullest.Takes.Any(t => t.Material == Index(problem, "newspaper"))
        );
        var paper = Index(problem, "newspaper");
        var amount = torn.Fullest.Takes.First(t => t.Material == paper).Amount;
        Taken(problem, (1, torn))[paper].ShouldBe(amount);
        Taken(problem, (3, torn))[paper].ShouldBe(amount + 900);
        Taken(problem, (1, torn), (3, torn))[paper].ShouldBe(Math.Max(2 * amount, amount + 900));
    }

    private static WeekProblem Build(Dictionary<string, double[]> goneOff, Func<Material, Material>? change = null)
    {
        var input = Things.Week(Weeks.Six, only: t => Techniques.Contains(t.Id));
        var ideas = change is null
            ? input.Ideas
            :
            [
                .. input.Ideas.Select(i =>
                    i with
                    {
                        Lead = i.Lead is null ? null : change(i.Lead),
                        Steps =
                        [
                            .. i.Steps.Select(s =>
                                s with
                                {
                                    Bindings = s.Bindings.ToDictionary(
                                        b => b.Key,
                                        b => b.Value with { Material = change(b.Value.Material) }
                                    ),
                                }
                            ),
                        ],
                    }
                ),
            ];
        return WeekProblem.Build(input with { Ideas = ideas, GoneOff = goneOff }).Problem;
    }

    private static int Index(WeekProblem problem, string id) =>
        problem.Materials.Select((m, i) => (m, i)).First(x => x.m.Id == id).i;

    private static double[] Taken(WeekProblem problem, params (int Day, Use Use)[] placed)
    {
        var state = new PlanState(problem);
        foreach (var (day, use) in placed)
        {
            state.Put(problem.SlotAt(day, use.BlockIndex, 0), use.Index);
        }

        return state.Spends.Taken();
    }
}
