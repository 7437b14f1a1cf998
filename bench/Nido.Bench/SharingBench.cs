using System.Diagnostics;
using Nido.Catalog;
using Nido.Core;
using Nido.Core.Ideas;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Core.Week.Search;
using Nido.Core.Week.Sharing;
using Nido.Data;
using Nido.Data.Demo;

namespace Nido.Bench;

/// <summary>Shares out a cupboard with a little of everything over a week of many offers.</summary>
internal static class SharingBench
{
    private const double Work = 0.3;

    /// <summary>What was shared out, how long it took, and how it ended.</summary>
    public static string Measure(Content content)
    {
        var demo = DemoWeek.Input(content);
        var blocks = demo.Group.Blocks.Select(b => b.Offers > 1 ? b with { Offers = 6 } : b).ToArray();
        var group = demo.Group with
        {
            Blocks = blocks,
            Adults = [.. demo.Group.Adults, .. demo.Group.Adults, .. demo.Group.Adults],
        };
        // Some of each, of few enough: nothing is out of the question, much is short.
        var onHand = content
            .Materials.Select((m, i) => (m.Id, Amount: m.IsCounted ? 8.0 + (i % 5 * 6) : 1500))
            .ToDictionary(x => x.Id, x => x.Amount);
        var input = WeekInputs.Of(content, group, content.Theme(DemoScenario.ThemeId)!, DemoScenario.Monday, onHand);
        var (problem, _) = WeekProblem.Build(input);
        var state = GreedyPlan.Of(problem);
        var plan = new WeekPlan(
            problem,
            [
                .. problem
                    .Slots.Select((s, k) => (s, Use: state.Uses[k]))
                    .Where(x => x.Use >= 0)
                    .Select(x => new Placement(
                        x.s.Day,
                        problem.Blocks[x.s.Block].Id,
                        x.s.Offer,
                        problem.Uses[x.Use].Idea.Id,
                        Locked: false
                    )),
            ]
        );
        var watch = Stopwatch.StartNew();
        var shared = new WeekSharing(plan).Problem();
        var built = watch.Elapsed.TotalSeconds;
        var result = SharingModel.Solve(shared, Work, default);
        var inAll = watch.Elapsed.TotalSeconds;
        var made = Made();
        watch.Restart();
        var large = SharingModel.Solve(made, Work, default);
        Console.WriteLine(
            $"made up, {made.Groups.Count} ideas × {made.Supplies.Count} materials: "
                + $"{watch.Elapsed.TotalSeconds:0.00} s, "
                + $"{(large.Proven ? "proven" : $"gap {100 * large.Gap:0.0}%")}, {large.Cost}"
        );
        return $"{shared.Groups.Count} ideas × {shared.Supplies.Count} of {content.Materials.Count} "
            + $"materials, {shared.Recipes.Count} recipes: "
            + $"{built:0.00} s to look at, {inAll:0.00} s in all, "
            + $"{(result.Proven ? "proven" : $"gap {100 * result.Gap:0.0}%")}, {result.Cost}";
    }

    /// <summary>Sixty ideas in three variants, with three roles of four materials each, over 160 shelves of which most
    /// are short.</summary>
    private static SharingProblem Made()
    {
        var chance = new SeededChance(5);
        const int Shelves = 160;
        var week = Enumerable.Range(0, 25).ToHashSet();
        Take Taken(int moment) => new(chance.Next(Shelves), moment, 1 + chance.Next(14));
        RoleOption Option(string idea, int k, int moment) =>
            new(k == 0 ? null : new Swap(idea, "role", "a", $"b{k}"), 40 + chance.Next(60), [Taken(moment)]);
        Variant OfIdea(int g, int v, int moment) =>
            new(
                $"{g}.{v}",
                40 + chance.Next(60),
                [Taken(moment), Taken(moment)],
                [
                    .. Enumerable
                        .Range(0, 3)
                        .Select(_ => new RoleChoice([
                            .. Enumerable.Range(0, 4).Select(k => Option($"{g}.{v}", k, moment)),
                        ])),
                ]
            );
        return new(
            [
                .. Enumerable
                    .Range(0, Shelves)
                    .Select(m => new Supply(
                        $"m{m}",
                        chance.Next(20),
                        m % 4 == 0 ? 0 : 10 + chance.Next(90),
                        100 + chance.Next(400),
                        m % 2 == 0
                            ? [new SupplyRow(week, 0)]
                            : [.. week.Select(t => new SupplyRow(new HashSet<int> { t }, 0))]
                    )),
            ],
            [
                .. Enumerable
                    .Range(0, 30)
                    .Select(r => new MakeLine(
                        r,
                        1 + chance.Next(6),
                        [(40 + chance.Next(Shelves - 40), 1)],
                        1 + chance.Next(5)
                    )),
            ],
            [
                .. Enumerable
                    .Range(0, 60)
                    .Select(g => new TakerGroup([.. Enumerable.Range(0, 3).Select(v => OfIdea(g, v, g % 25))])),
            ]
        );
    }
}
