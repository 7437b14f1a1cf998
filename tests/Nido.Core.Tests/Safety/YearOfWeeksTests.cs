using System.Text.Json;
using Nido.Core.Group;
using Nido.Core.Group.Steps;
using Nido.Core.Tests.Week;
using Nido.Core.Week.Change;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Core.Week.Search;
using Nido.Data;
using Nido.Data.Demo;
using Nido.Data.Formats;
using Nido.Data.Rows;

namespace Nido.Core.Tests.Safety;

/// <summary>
/// A year of composed weeks for three made-up groups, and twenty replans of each, judged again by one who reads only
/// the content and
/// the exported week. Cupboards differ from week to week, so that stand-ins, ways of making and recipes are all walked.
/// </summary>
public abstract class YearOfWeeks
{
    private const int Replans = 20;

    protected const string Toddlers = "toddlers who mouth",
        DropIn = "drop-in";

    private protected static readonly IndependentJudge Judge = new();

    private static Child Of(
        string name,
        int months,
        bool mouths = false,
        Hand hand = Hand.Right,
        WeekDays days = WeekDays.MondayToFriday,
        params string[] allergies
    ) => Things.Child(name, months, days, mouths, allergies) with { Hand = hand };

    /// <summary>Weeks of the year that are walked.</summary>
    protected static int HowMany => 36;

    /// <summary>Which group: a class a group, so that they are walked side by side.</summary>
    protected abstract string Which { get; }

    [Fact]
    public void Nothing_harmful_lies_out_in_a_year_of_weeks_nor_after_twenty_replans()
    {
        var group = Made(Which);
        var missed = new List<string>();
        var (looked, replanned, made) = (0, 0, 0);
        for (var k = 0; k < HowMany; k++)
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
            new LocalSearch(problem, new SeededChance(7)).Improve(
                state,
                p => p.FairPrice(),
                2,
                TestContext.Current.CancellationToken
            );
            var placements = new WeekComposer(problem, Weeks.Quick, TimeProvider.System).Placements(state);
            made++;
            Look(group, problem, placements, [], monday);
            // Something comes up in every week, so that well over twenty plans a group are changed in the middle.
            var happenings = Happened(group, problem, chance);
            var changed = Input(group, monday, k, new SeededChance((ulong)(100 + k))) with { CameUp = happenings };
            var (again, stuck) = WeekProblem.Build(changed);
            if (stuck.Count == 0)
            {
                replanned++;
                var after = Replan.From(again, placements, 0, TestContext.Current.CancellationToken);
                Look(
                    group,
                    again,
                    new WeekComposer(again, Weeks.Quick, TimeProvider.System).Placements(after),
                    happenings,
                    monday
                );
            }
        }

        missed.ShouldBeEmpty($"{missed.Count} of {looked} things");
        made.ShouldBeGreaterThan(HowMany * 2 / 3);
        replanned.ShouldBeGreaterThanOrEqualTo(Replans);
        looked.ShouldBeGreaterThan(made * 8);

        void Look(
            ChildrenGroup room,
            WeekProblem problem,
            IReadOnlyList<Placement> placements,
            IReadOnlyList<CameUp> happenings,
            DateOnly monday
        )
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
                CameUp = [.. happenings],
            };
            var (wrong, seen) = Judge.Judge(
                JsonSerializer.Serialize(Units.Of(row, room, [], Evidence.None, [], null, plan), Units.Json)
            );
            missed.AddRange(wrong);
            looked += seen;
        }
    }

    private protected static ChildrenGroup Made(string which) =>
        Written(which) is var group
            ? group with
            {
                Children = [.. group.Children.Select(c => Units.Read(c, Published.Content.Allergens))],
            }
            : group;

    private static ChildrenGroup Written(string which) =>
        which switch
        {
            Toddlers => Things.Group(
                [
                    Of("Ana", 14, mouths: true),
                    Of("Bo", 17, mouths: true),
                    Of("Cy", 19, mouths: true),
                    Of("Di", 22),
                    Of("Ed", 25, mouths: true),
                    Of("Flo", 29),
                ],
                DemoScenario.Blocks,
                adults: 4,
                smallParts: SmallPartsRule.WatchedTable
            ),
            DropIn => DemoScenario.SaturdayNestlings(() => "s"),
            _ => Things.Group(
                [
                    Of("Ana", 20, mouths: true),
                    Of("Bo", 33),
                    Of("Cy", 41, allergies: ["coeliac", "latex"]),
                    Of("Di", 52, hand: Hand.Left, allergies: ["nuts"]),
                    Of("Ed", 60, days: WeekDays.Tuesday | WeekDays.Thursday, allergies: ["milk", "corn"]),
                    Of("Flo", 66, hand: Hand.Left),
                ],
                DemoScenario.Blocks,
                adults: 4,
                smallParts: SmallPartsRule.WatchedTable
            ),
        };

    /// <summary>A week with a cupboard of its own: a quarter of the things are not there, of some there is
    /// little.</summary>
    private protected static WeekInput Input(ChildrenGroup group, DateOnly monday, int week, SeededChance chance)
    {
        var onHand = Published.Content.Materials.ToDictionary(
            m => m.Id,
            _ =>
                chance.NextDouble() is var r && r < 0.25 ? 0
                : r < 0.5 ? 4
                : 600.0
        );
        var themes = Published.Content.Themes;
        return WeekInputs.Of(Published.Content, group, themes[week % themes.Count], monday, onHand);
    }

    private static CameUp[] Happened(ChildrenGroup group, WeekProblem problem, SeededChance chance)
    {
        var day = (int)(chance.NextDouble() * problem.Days.Count);
        CameUp One() =>
            (int)(chance.NextDouble() * 4) switch
            {
                0 when group.Children.Count > 0 => new(
                    CameUpKind.ChildAway,
                    group.Children[(int)(chance.NextDouble() * group.Children.Count)].Id,
                    day,
                    day
                ),
                1 => new(
                    CameUpKind.AdultAway,
                    group.Adults[(int)(chance.NextDouble() * group.Adults.Count)].Id,
                    day,
                    day
                ),
                2 => new(CameUpKind.Rain, "", day, day),
                _ => new(
                    CameUpKind.MaterialGone,
                    problem.Materials[(int)(chance.NextDouble() * problem.Materials.Count)].Id,
                    day,
                    day
                ),
            };
        return [One(), One()];
    }
}

/// <summary>The youngest, of whom most put things in the mouth.</summary>
public class YearOfToddlersTests : YearOfWeeks
{
    protected override string Which => Toddlers;
}

/// <summary>From one to five years, with allergies and hands of every kind.</summary>
public class YearOfMixedAgesTests : YearOfWeeks
{
    protected override string Which => "mixed ages";

    [Fact]
    public void The_judge_sees_what_is_wrong()
    {
        // The same judge over a week laid out with no rules at all finds much, so that finding nothing above says
        // something.
        var group = Made(Which);
        var input = Input(group, Things.Monday, 0, new SeededChance(1));
        var without = input with
        {
            Safety = new([], Published.Content.Allergens, Nido.Core.Safety.WhatItHolds.OfThemselves),
            Chains = new(Published.Content.MakeFrom),
            Recipes = Published.Content.Recipes,
        };
        var (problem, _) = WeekProblem.Build(without);
        var state = GreedyPlan.Of(problem);
        var placements = new WeekComposer(problem, Weeks.Quick, TimeProvider.System).Placements(state);
        var row = new WeekRow
        {
            Id = "w",
            GroupId = group.Id,
            ThemeId = "t",
            Monday = Things.Monday,
            Sliders = Sliders.Middle,
            Plan = [.. placements],
        };
        var (missed, _) = Judge.Judge(
            JsonSerializer.Serialize(
                Units.Of(row, group, [], Evidence.None, [], null, new WeekPlan(problem, placements)),
                Units.Json
            )
        );
        missed.Count.ShouldBeGreaterThan(5);
    }
}

/// <summary>Whoever comes.</summary>
public class YearOfDropInTests : YearOfWeeks
{
    protected override string Which => DropIn;
}
