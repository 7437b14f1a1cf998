using Nido.Core.Ideas;
using Nido.Core.Week.Sharing;

namespace Nido.Core.Tests.Week.Sharing;

/// <summary>Sharing out against trying every choice, every number of packs and every number of batches.</summary>
public class SharingTests
{
    [Fact]
    public void It_equals_trying_everything()
    {
        for (var seed = 1; seed <= 40; seed++)
        {
            var problem = Random(new SeededChance((ulong)seed));
            var best = Best(problem);
            var found = SharingModel.Solve(problem, 1, TestContext.Current.CancellationToken);
            found.Proven.ShouldBeTrue($"seed {seed}");
            found.Cost.Price.ShouldBe(best.Price, $"seed {seed}");
            ((double)found.Cost.WasteCents).ShouldBe(best.WasteCents, 1.5, $"seed {seed}");
        }
    }

    [Fact]
    public void With_everything_there_the_best_stand_ins_win()
    {
        var problem = new SharingProblem(
            [Kept("good", 10), Kept("better", 10)],
            [],
            [
                new([
                    new Variant(
                        "i",
                        100,
                        [],
                        [new([new(null, 70, [new(0, 0, 5)]), new(Swap("i"), 90, [new(1, 0, 5)])])]
                    ),
                ]),
            ]
        );
        var found = SharingModel.Solve(problem, 1, TestContext.Current.CancellationToken);
        found.Swaps.ShouldBe([Swap("i")]);
        found.Cost.ShouldBe(new SharingCost(0, 0, 0, 10));
    }

    [Fact]
    public void Two_at_once_need_two_sets_and_one_after_the_other_one()
    {
        TakerGroup At(int moment) => new([new Variant("i", 100, [new(0, moment, 5)], [])]);
        SharingModel
            .Solve(new([Kept("block", 5)], [], [At(0), At(1)]), 1, TestContext.Current.CancellationToken)
            .Cost.Asked.ShouldBe(0);
        SharingModel
            .Solve(new([Kept("block", 5)], [], [At(0), At(0)]), 1, TestContext.Current.CancellationToken)
            .Cost.ShouldBe(new SharingCost(1, 0, 5, 0));
    }

    [Fact]
    public void What_must_dry_is_not_there_for_the_next_block()
    {
        var wet = new Supply("sponge", 5, 0, 0, [new(new HashSet<int> { 0 }, 0), new(new HashSet<int> { 0, 1 }, 0)]);
        TakerGroup At(int moment) => new([new Variant("i", 100, [new(0, moment, 4)], [])]);
        SharingModel
            .Solve(new([wet], [], [At(0), At(1)]), 1, TestContext.Current.CancellationToken)
            .Cost.ShouldBe(new SharingCost(1, 0, 3, 0));
    }

    [Fact]
    public void A_chain_of_making_is_cheaper_than_a_pack()
    {
        var problem = new SharingProblem(
            [Used("squares", 0, 50, 400), Used("strips", 0), Used("card", 3)],
            [new(0, 7, [(1, 1)], 2), new(1, 9, [(2, 1)], 1)],
            [new([new Variant("i", 100, [new(0, 0, 20)], [])])]
        );
        SharingModel
            .Solve(problem, 1, TestContext.Current.CancellationToken)
            .Cost.ShouldBe(new SharingCost(0, 0, (3 * 2) + 1, 0));
    }

    [Fact]
    public void Of_two_ways_that_cost_the_same_the_one_with_less_left_over_is_taken()
    {
        var problem = new SharingProblem(
            [Used("hundred", 0, 100, 200), Used("twenty", 0, 20, 200)],
            [],
            [
                new([
                    new Variant(
                        "i",
                        100,
                        [],
                        [new([new(null, 99, [new(0, 0, 18)]), new(Swap("i"), 50, [new(1, 0, 18)])])]
                    ),
                ]),
            ]
        );
        SharingModel.Solve(problem, 1, TestContext.Current.CancellationToken).Swaps.Count.ShouldBe(1);
    }

    private static Swap Swap(string idea) => new(idea, "piece", "good", "better");

    private static readonly HashSet<int> All = [0, 1, 2];

    private static Supply Used(string id, double onHand, double pack = 0, int cents = 0) =>
        new(id, onHand, pack, cents, [new(All, 0)]);

    private static Supply Kept(string id, double onHand, double pack = 0, int cents = 0) =>
        new(id, onHand, pack, cents, [.. All.Select(t => new SupplyRow(new HashSet<int> { t }, 0))]);

    private static SharingProblem Random(SeededChance chance)
    {
        Supply[] supplies =
        [
            .. Enumerable
                .Range(0, 4)
                .Select(m =>
                    chance.Next(2) == 0
                        ? Used($"m{m}", chance.Next(9), m == 3 ? 0 : 5, 100 + (37 * m))
                        : Kept($"m{m}", chance.Next(9), m == 3 ? 0 : 4, 150 + (23 * m))
                ),
        ];
        Take Taken() => new(chance.Next(4), chance.Next(3), 1 + chance.Next(7));
        RoleOption Opt(int k) =>
            new(k == 0 ? null : new Swap("x", "r", $"{k}", $"{chance.Next(99)}"), 50 + chance.Next(50), [Taken()]);
        TakerGroup[] groups =
        [
            .. Enumerable
                .Range(0, 3)
                .Select(g => new TakerGroup([
                    .. Enumerable
                        .Range(0, 1 + chance.Next(2))
                        .Select(v => new Variant($"{g}.{v}", 50 + chance.Next(50), [Taken()], [new([Opt(0), Opt(1)])])),
                ])),
        ];
        return new(supplies, [new(0, 2, [(3, 1)], 3)], groups);
    }

    /// <summary>Every choice × batches; packs follow from what is missing.</summary>
    private static SharingCost Best(SharingProblem problem)
    {
        SharingCost? best = null;
        void Choose(int group, List<Take> takes, int points)
        {
            if (group == problem.Groups.Count)
            {
                for (var batches = 0; batches <= 12; batches++)
                {
                    var cost = CostOf(problem, takes, batches, points);
                    best =
                        best is null || (cost.Price, cost.WasteCents).CompareTo((best.Price, best.WasteCents)) < 0
                            ? cost
                            : best;
                }

                return;
            }

            foreach (var v in problem.Groups[group].Variants)
            {
                foreach (var o in v.Roles[0].Options)
                {
                    Choose(group + 1, [.. takes, .. v.Takes, .. o.Takes], points + 200 - v.Score - o.Score);
                }
            }
        }

        Choose(0, [], 0);
        return best!;
    }

    private static SharingCost CostOf(SharingProblem problem, List<Take> takes, int batches, int points)
    {
        var recipe = problem.Recipes[0];
        double cents = 0,
            waste = 0;
        var asked = 0;
        for (var m = 0; m < problem.Supplies.Count; m++)
        {
            var s = problem.Supplies[m];
            var need = s.Rows.Max(r =>
                takes.Where(t => t.Supply == m && r.Moments.Contains(t.Moment)).Sum(t => t.Amount)
            );
            need += recipe.From.Where(f => f.Supply == m).Sum(f => f.Each * batches);
            var missing = Math.Max(0, need - s.OnHand - (recipe.Makes == m ? recipe.Amount * batches : 0));
            if (s.PackSize == 0)
            {
                asked += missing > 0 ? 1 : 0;
                waste += missing;
                continue;
            }

            var packs = Math.Ceiling(missing / s.PackSize);
            cents += packs * s.PackCents;
            waste += s.Rows.Count == 1 ? ((packs * s.PackSize) - missing) * s.PackCents / s.PackSize : 0;
        }

        return new(asked, (long)cents, (long)(waste + (batches * 3)), points);
    }
}
