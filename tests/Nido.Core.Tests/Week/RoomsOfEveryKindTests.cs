using Nido.Core.Group;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Core.Week.Search;
using Nido.Data;
using Nido.Data.Demo;

namespace Nido.Core.Tests.Week;

/// <summary>A week for rooms that are not like the demo's: the catalogue serves them, the rules let enough through, and no
/// place stays empty.</summary>
public class RoomsOfEveryKindTests
{
    private static readonly Block[] OnlyOutdoors =
    [
        new("morning", "Morning", BlockKind.Outdoors, new(9, 0), 40, 1),
        new("late", "Late morning", BlockKind.Outdoors, new(10, 30), 40, 1),
    ];

    private static Dictionary<string, double> Of(string set, int children, int most = int.MaxValue) =>
        Published
            .Content.Sets.Single(s => s.Id == set)
            .For(children)
            .Take(most)
            .ToDictionary(x => x.MaterialId, x => x.Amount);

    private static Child[] Aged(int from, int to, int children) =>
        [
            .. Enumerable
                .Range(0, children)
                .Select(k => Things.Child($"Child {k + 1}", from + ((to - from) * k / Math.Max(1, children - 1)))),
        ];

    /// <summary>Children, ages in months, set, things of it, blocks, ways of working at least in a week.</summary>
    public static TheoryData<string, int, int, int, string, int, bool, int> Rooms =>
        new()
        {
            { "under twos", 8, 10, 23, "room", 200, false, 8 },
            { "five and six", 16, 60, 80, "room", 200, false, 15 },
            { "outdoors only", 10, 30, 66, "room", 200, true, 6 },
            { "twenty-five things", 6, 26, 62, "home", 25, false, 12 },
            { "one child", 1, 40, 40, "home", 200, false, 15 },
            { "forty children", 40, 26, 66, "room", 200, false, 15 },
        };

    [Theory]
    [MemberData(nameof(Rooms))]
    public void A_room_of_any_kind_has_a_week(
        string which,
        int children,
        int from,
        int to,
        string set,
        int things,
        bool outdoors,
        int ways
    )
    {
        var group = Things.Group(
            Aged(from, to, children),
            outdoors ? OnlyOutdoors : DemoScenario.Blocks,
            adults: Math.Max(3, children / 3),
            smallParts: SmallPartsRule.WatchedTable
        );
        var (problem, impossible) = WeekProblem.Build(
            WeekInputs.Of(
                Published.Content,
                group,
                Published.Content.Themes[0],
                Things.Monday,
                Of(set, children, things)
            )
        );
        impossible.ShouldBeEmpty(which);
        var state = GreedyPlan.Of(problem);
        var plan = new WeekPlan(problem, new WeekComposer(problem, Weeks.Quick, TimeProvider.System).Placements(state));
        plan.Filled.Count().ShouldBe(problem.Slots.Count, which);
        plan.Filled.Select(f => f.Use.Idea.Technique.Id).Distinct().Count().ShouldBeGreaterThanOrEqualTo(ways, which);
        // Nobody sits beside it: every child is reached on every day it comes.
        for (var child = 0; child < children; child++)
        {
            for (var day = 0; day < problem.Days.Count; day++)
            {
                plan.MinutesOn(day, child).ShouldBeGreaterThan(0, $"{which}: {child} on {day}");
            }
        }
    }
}
