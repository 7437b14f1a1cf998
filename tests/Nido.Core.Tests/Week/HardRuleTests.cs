using Nido.Core.Group;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Core.Week.Rules;
using Nido.Core.Week.Rules.Hard;
using Nido.Core.Week.Search;

namespace Nido.Core.Tests.Week;

/// <summary>
/// A hard rule says the same three times: by a move that it allows or not, by its rows, and by what it finds broken.
/// </summary>
public class HardRuleTests
{
    private static readonly WeekInput Six = Things.Week(Weeks.Six);

    /// <summary>Weeks in which each rule has something to say.</summary>
    private static readonly WeekProblem[] Problems =
    [
        Weeks.Build(Six),
        Weeks.Build(Six with { Days = [.. Six.Days.Select((d, i) => d with { Dry = i % 2 == 0 })] }),
        Weeks.Build(Six with { CameUp = [new(CameUpKind.MaterialGone, "paper-a4", 2, 4)] }),
        Weeks.Build(
            Six with
            {
                Group = Six.Group with
                {
                    Settings = Six.Group.Settings with
                    {
                        Approaches = new Dictionary<Approach, int>
                        {
                            [Approach.PreparedShelf] = 3,
                            [Approach.OpenProvision] = 2,
                            [Approach.Games] = 1,
                        },
                    },
                },
            }
        ),
        Weeks.Build(
            Things.Week(
                Things.Group(
                    [Things.Child("Ada", 19, WeekDays.Monday, mouths: true), Things.Child("Fay", 66)],
                    Data.Demo.DemoScenario.Blocks
                )
            )
        ),
        Weeks.Tiny(2, 2, "fill-to-number", "sort-by-kind", "counting-rhyme", "hand-warm-up"),
    ];

    public static TheoryData<int, int> Seeds =>
        [.. from week in Enumerable.Range(0, 6) from seed in Enumerable.Range(1, 4) select (week, seed)];

    /// <summary>Plans laid at random, good and bad ones: a rule's rows are broken where the rule finds itself
    /// broken.</summary>
    [Theory]
    [MemberData(nameof(Seeds))]
    public void Rows_and_moves_agree_on_every_plan(int week, int seed)
    {
        var problem = Problems[week];
        var ways = new WeekWays(problem);
        var rules = HardRule
            .All.Where(r => r is not LocksStay)
            .Select(r => (Rule: r, Rows: r.Rows(ways).ToArray()))
            .ToArray();
        var sums = new Rows(ways);
        var chance = new SeededChance((ulong)seed);
        var state = GreedyPlan.Of(problem);
        for (var k = 0; k < 60; k++)
        {
            var slot = chance.Next(problem.Slots.Count);
            var choices = problem.UsesOfBlock[problem.Slots[slot].Block];
            var use = choices[chance.Next(choices.Length)];
            if (problem.IsOpen(slot) && use.OnDay[problem.Slots[slot].Day])
            {
                state.Put(slot, chance.Next(9) == 0 ? -1 : use.Index);
            }

            var plan = Read(problem, state);
            var holds = sums.Of(state);
            foreach (var (rule, rows) in rules)
            {
                var broken = rows.Any(r => !holds(r));
                var says = rule.Broken(plan).ToArray();
                // Where nothing lies at all nobody has something in reach, and the rule of the offers says it.
                if (rule is SomethingInReach && problem.Empty(state) > 0)
                {
                    continue;
                }

                // Of several ideas of one way none alone need be too often; a row counts them together.
                if (rule is ThreeTimesAWeek)
                {
                    (broken && says.Length == 0).ShouldBeFalse($"{rule.GetType().Name} by rows only");
                }
                else
                {
                    (says.Length > 0).ShouldBe(broken, rule.GetType().Name);
                }

                says.ShouldAllBe(s => !s.WayOut.IsNone && !s.What.IsNone);
            }
        }
    }

    /// <summary>What may be put keeps every row of the rules of a move that held before.</summary>
    [Theory]
    [MemberData(nameof(Seeds))]
    public void A_move_that_is_allowed_breaks_no_row(int week, int seed)
    {
        var problem = Problems[week];
        var ways = new WeekWays(problem);
        RuleRow[] rows =
        [
            .. HardRule
                .All.Where(r => r is not (OffersFilled or SomethingInReach or LocksStay))
                .SelectMany(r => r.Rows(ways)),
        ];
        var chance = new SeededChance((ulong)seed);
        var state = new PlanState(problem);
        for (var k = 0; k < 300; k++)
        {
            var slot = chance.Next(problem.Slots.Count);
            var choices = problem.UsesOfBlock[problem.Slots[slot].Block];
            var use = choices[chance.Next(choices.Length)];
            // What others are done with stays: a rule looks at what is put, not at what is taken away.
            if (problem.StayingAt[slot] is null && state.Uses[slot] < 0 && state.MayPut(slot, use.Index))
            {
                state.Put(slot, use.Index);
            }
        }

        var holds = new Rows(ways).Of(state);
        rows.Where(r => !holds(r)).ShouldBeEmpty();
    }

    /// <summary>Every plan of a small week that keeps the rules keeps every row, and no other plan does.</summary>
    [Fact]
    public void Of_all_plans_of_a_small_week_those_that_keep_the_rows_keep_the_rules()
    {
        var problem = Weeks.Tiny(2, 2, "fill-to-number", "sort-by-kind", "counting-rhyme", "hand-warm-up");
        var ways = new WeekWays(problem);
        RuleRow[] rows = [.. HardRule.RowsOf(ways)];
        var sums = new Rows(ways);
        var kept = 0;
        EveryPlan.Each(
            problem,
            plan =>
            {
                kept++;
                var holds = sums.Of(plan);
                rows.Where(r => !holds(r)).ShouldBeEmpty();
            }
        );
        kept.ShouldBeGreaterThan(10);
    }

    [Fact]
    public void Every_rule_of_a_move_can_be_broken_and_then_says_why()
    {
        var seen = new HashSet<Type>();
        foreach (var problem in Problems)
        {
            var state = GreedyPlan.Of(problem);
            for (var slot = 0; slot < problem.Slots.Count; slot++)
            {
                foreach (var use in problem.UsesOfBlock[problem.Slots[slot].Block])
                {
                    if (HardRule.Against(state, slot, use) is { } rule)
                    {
                        seen.Add(rule.GetType());
                        rule.Why(state, slot, use).Length.ShouldBeGreaterThan(0);
                    }
                }
            }
        }

        seen.ShouldBeSubsetOf([.. HardRule.All.Select(r => r.GetType())]);
        foreach (
            var rule in HardRule.All.Where(r =>
                // A session is barred on every day it has, so that no use is left to ask about: SessionTests asks it.
                r
                    is not (
                        OffersFilled
                        or SomethingInReach
                        or LocksStay
                        or TakesPlace
                        or AdultsBeside
                        or StoryInASession
                    )
            )
        )
        {
            seen.ShouldContain(rule.GetType());
        }
    }

    private static WeekPlan Read(WeekProblem problem, PlanState state) =>
        new(
            problem,
            [
                .. Enumerable
                    .Range(0, problem.Slots.Count)
                    .Where(s => state.Uses[s] >= 0)
                    .Select(s => new Placement(
                        problem.Slots[s].Day,
                        problem.Blocks[problem.Slots[s].Block].Id,
                        problem.Slots[s].Offer,
                        problem.Uses[state.Uses[s]].Idea.Id,
                        Locked: false
                    )),
            ]
        );

    /// <summary>What a row comes to in a plan.</summary>
    private sealed class Rows(WeekWays ways)
    {
        private readonly Dictionary<int, int> wayOf = ways
            .All.SelectMany(w => w.Uses.Select(u => (u.Index, Way: w.Index)))
            .ToDictionary(x => x.Index, x => x.Way);

        public Func<RuleRow, bool> Of(PlanState state)
        {
            var problem = ways.Problem;
            var there = Enumerable
                .Range(0, problem.Slots.Count)
                .Where(s => state.Uses[s] >= 0)
                .CountBy(s => (problem.CellAt(problem.Slots[s].Day, problem.Slots[s].Block), wayOf[state.Uses[s]]))
                .ToDictionary();
            bool IsHeavy(int cell) =>
                HandsRest.CannotBut(
                    problem.Blocks[problem.Cells[cell].Block],
                    there.Where(x => x.Key.Item1 == cell && ways.All[x.Key.Item2].Any.IsHeavy).Sum(x => x.Value)
                );
            return row =>
                row.Holds(
                    row.Terms.Sum(t => t.Times * there.GetValueOrDefault((t.Cell, t.Way)))
                        + row.HeavyCells.Count(IsHeavy)
                );
        }
    }
}
