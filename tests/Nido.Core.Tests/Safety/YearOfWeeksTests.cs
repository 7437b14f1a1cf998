using System.Text.Json;
using Nido.Core.Group;
using Nido.Core.Planning;
using Nido.Core.Steps;
using Nido.Data;
using Nido.Data.Demo;
using Nido.Data.Formats;
using Nido.Data.Rows;

namespace Nido.Core.Tests.Safety;

/// <summary>
/// A year of composed weeks for three made-up groups, and twenty replans of each, judged again by one who reads only the content and
/// the exported week. Cupboards differ from week to week, so that stand-ins, ways of making and recipes are all walked.
/// </summary>
public class YearOfWeeksTests
{
    private const int Weeks = 36;
    private const int Replans = 20;

    private static readonly IndependentJudge Judge = new();

    private static Child Of(string name, int months, bool mouths = false, Hand hand = Hand.Right, WeekDays days = WeekDays.MondayToFriday, params string[] allergies) =>
        Things.Child(name, months, days, mouths, allergies) with { Hand = hand };

    public static TheoryData<string> Groups { get; } = ["toddlers who mouth", "mixed ages with four allergies", "drop-in"];

    [Theory]
    [MemberData(nameof(Groups))]
    public void Nothing_harmful_lies_out_in_a_year_of_weeks_nor_after_twenty_replans(string which)
    {
        var group = Made(which);
        var missed = new List<string>();
        var (looked, replanned, made) = (0, 0, 0);
        for (var k = 0; k < Weeks; k++)
        {
            var monday = Things.Monday.AddDays(7 * k);
            var chance = new SeededChance((ulong)(100 + k));
            var input = Input(group, monday, k, chance);
            var (problem, impossible) = WeekProblem.Build(input);
            if (impossible.Count > 0)
            {
                continue;
            }

            var state = GreedyPlan.Of(problem);
            new LocalSearch(problem, new SeededChance(7)).Improve(state, p => p.FairPrice(), 2, TestContext.Current.CancellationToken);
            var placements = new WeekComposer(problem, Planning.Weeks.Quick, TimeProvider.System).Placements(state);
            made++;
            Look(group, problem, placements, [], monday);
            // Something comes up in every week, so that well over twenty plans a group are changed in the middle.
            var happenings = Happened(group, problem, chance);
            var changed = Input(group, monday, k, new SeededChance((ulong)(100 + k))) with { Happenings = happenings };
            var (again, stuck) = WeekProblem.Build(changed);
            if (stuck.Count == 0)
            {
                replanned++;
                var after = Replan.From(again, placements, 0, TestContext.Current.CancellationToken);
                Look(group, again, new WeekComposer(again, Planning.Weeks.Quick, TimeProvider.System).Placements(after), happenings, monday);
            }
        }

        missed.ShouldBeEmpty($"{missed.Count} of {looked} things");
        made.ShouldBeGreaterThan(Weeks * 2 / 3);
        replanned.ShouldBeGreaterThanOrEqualTo(Replans);
        looked.ShouldBeGreaterThan(made * 8);

        void Look(ChildrenGroup room, WeekProblem problem, IReadOnlyList<Placement> placements, IReadOnlyList<Happening> happenings, DateOnly monday)
        {
            var plan = new WeekPlan(problem, placements);
            var row = new WeekRow
            {
                Id = "w",
                GroupId = room.Id,
                ThemeId = problem.Input.Ideas[0].Theme.Id,
                Monday = monday,
                Sliders = Sliders.Middle,
                Plan = [.. placements],
                Happenings = [.. happenings],
            };
            var (wrong, seen) = Judge.Judge(JsonSerializer.Serialize(Units.Of(row, room, [], Evidence.None, [], null, plan), Units.Json));
            missed.AddRange(wrong);
            looked += seen;
        }
    }

    [Fact]
    public void The_judge_sees_what_is_wrong()
    {
        // The same judge over a week laid out with no rules at all finds much, so that finding nothing above says something.
        var group = Made("mixed ages with four allergies");
        var input = Input(group, Things.Monday, 0, new SeededChance(1));
        var without = input with { Safety = new([], Published.Content.Allergens, Nido.Core.Safety.WhatItHolds.OfThemselves), Chains = new(Published.Content.MakeFrom), Recipes = Published.Content.Recipes };
        var (problem, _) = WeekProblem.Build(without);
        var state = GreedyPlan.Of(problem);
        var placements = new WeekComposer(problem, Planning.Weeks.Quick, TimeProvider.System).Placements(state);
        var row = new WeekRow { Id = "w", GroupId = group.Id, ThemeId = "t", Monday = Things.Monday, Sliders = Sliders.Middle, Plan = [.. placements] };
        var (missed, _) = Judge.Judge(JsonSerializer.Serialize(Units.Of(row, group, [], Evidence.None, [], null, new WeekPlan(problem, placements)), Units.Json));
        missed.Count.ShouldBeGreaterThan(5);
    }

    private static ChildrenGroup Made(string which) => Written(which) is var group ? group with { Children = [.. group.Children.Select(c => Units.Read(c, Published.Content.Allergens))] } : group;

    private static ChildrenGroup Written(string which) => which switch
    {
        "toddlers who mouth" => Things.Group(
            [Of("Ana", 14, mouths: true), Of("Bo", 17, mouths: true), Of("Cy", 19, mouths: true), Of("Di", 22), Of("Ed", 25, mouths: true), Of("Flo", 29)],
            DemoScenario.Blocks, adults: 4, smallParts: SmallPartsRule.WatchedTable),
        "drop-in" => DemoScenario.SaturdayNestlings(() => "s"),
        _ => Things.Group(
            [
                Of("Ana", 20, mouths: true), Of("Bo", 33), Of("Cy", 41, allergies: ["coeliac", "latex"]), Of("Di", 52, hand: Hand.Left, allergies: ["nuts"]),
                Of("Ed", 60, days: WeekDays.Tuesday | WeekDays.Thursday, allergies: ["milk", "corn"]), Of("Flo", 66, hand: Hand.Left),
            ],
            DemoScenario.Blocks, adults: 4, smallParts: SmallPartsRule.WatchedTable),
    };

    /// <summary>A week with a cupboard of its own: a quarter of the things are not there, of some there is little.</summary>
    private static WeekInput Input(ChildrenGroup group, DateOnly monday, int week, SeededChance chance)
    {
        var onHand = Published.Content.Materials.ToDictionary(m => m.Id, _ => chance.NextDouble() is var r && r < 0.25 ? 0 : r < 0.5 ? 4 : 600.0);
        var themes = Published.Content.Themes;
        return WeekInputs.Of(Published.Content, group, themes[week % themes.Count], monday, onHand);
    }

    private static Happening[] Happened(ChildrenGroup group, WeekProblem problem, SeededChance chance)
    {
        var day = (int)(chance.NextDouble() * problem.Days.Count);
        Happening One() => (int)(chance.NextDouble() * 4) switch
        {
            0 when group.Children.Count > 0 => new(HappeningKind.ChildAway, group.Children[(int)(chance.NextDouble() * group.Children.Count)].Id, day, day),
            1 => new(HappeningKind.AdultAway, group.Adults[(int)(chance.NextDouble() * group.Adults.Count)].Id, day, day),
            2 => new(HappeningKind.Rain, "", day, day),
            _ => new(HappeningKind.MaterialGone, problem.Materials[(int)(chance.NextDouble() * problem.Materials.Count)].Id, day, day),
        };
        return [One(), One()];
    }
}
