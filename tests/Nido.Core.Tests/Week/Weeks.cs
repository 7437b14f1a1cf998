using Nido.Core.Group;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Search;
using Nido.Core.Week.Search.Columns;

namespace Nido.Core.Tests.Week;

/// <summary>Weeks small enough to search through and to compose in a moment.</summary>
internal static class Weeks
{
    /// <summary>Little work, so that a composition takes a second or two.</summary>
    public static ComposeLimits Quick { get; } = new(0.3, 4, 5_000, TimeSpan.FromSeconds(60));

    /// <summary>Two children, two days, a table with one or two offers and a circle, a handful of techniques.</summary>
    public static WeekProblem Tiny(int tableOffers, int days = 2, params string[] techniques)
    {
        var group = Things.Group(
            [Things.Child("Young", 26), Things.Child("Older", 60, WeekDays.Monday | WeekDays.Wednesday)],
            [
                new("circle", "Circle", BlockKind.Circle, new(9, 0), 15, 1),
                new("table", "Table", BlockKind.Table, new(9, 30), 20, tableOffers),
            ]
        );
        return Build(Things.Week(group, days, t => techniques.Contains(t.Id)));
    }

    /// <summary>A small week in a house that has little of what a shop sells.</summary>
    public static WeekProblem Poor(int budgetCents)
    {
        var rich = Tiny(2, 2, "fill-to-number", "sort-by-kind", "counting-rhyme", "hand-warm-up", "letter-match");
        var input = rich.Input;
        return WeekProblem
            .Build(
                input with
                {
                    Group = input.Group with { Settings = input.Group.Settings with { BudgetCents = budgetCents } },
                    OnHand = input.OnHand.ToDictionary(
                        m => m.Key,
                        m => rich.Materials.Any(x => x.Id == m.Key && x.IsSold) ? 0.0 : m.Value
                    ),
                    Chains = new Core.Cupboard.MakeChains([]),
                    Recipes = [],
                }
            )
            .Problem;
    }

    /// <summary>Materials by index that could run short and are sold.</summary>
    public static IReadOnlySet<int> Scarce(WeekProblem problem) => new MoneyRows(problem).Scarce.ToHashSet();

    /// <summary>Six children of all ages with the demo's day.</summary>
    public static ChildrenGroup Six { get; } =
        Things.Group(
            [
                Things.Child("Ada", 19, mouths: true),
                Things.Child("Ben", 27),
                Things.Child("Cleo", 34),
                Things.Child("Dara", 43, allergies: ["wheat"]),
                Things.Child("Eli", 55, WeekDays.Tuesday | WeekDays.Thursday),
                Things.Child("Fay", 66),
            ],
            Data.Demo.DemoScenario.Blocks,
            smallParts: SmallPartsRule.WatchedTable
        );

    public static WeekProblem Build(WeekInput input)
    {
        var (problem, impossible) = WeekProblem.Build(input);
        impossible.ShouldBeEmpty();
        return problem;
    }

    public static ComposeResult Compose(WeekProblem problem) =>
        new WeekComposer(problem, Quick, TimeProvider.System).Compose(null, TestContext.Current.CancellationToken);
}
