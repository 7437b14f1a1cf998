using Google.OrTools.Sat;
using Nido.Core.Group;
using Nido.Core.Week.Search;

namespace Nido.Core.Week.Rota;

/// <summary>Forms the groups that rotate through stations: sizes within one, wishes kept, adults enough, and near in
/// step or mixed.</summary>
public static class StationGroups
{
    // What one broken wish, one adult too many and one month of spread weigh against each other.
    private const int Wish = 100_000;
    private const int AdultShort = 20_000;

    // Whole parts for every ratio of the published tables: 840 is the least that 1 to 8 all divide.
    private const int Parts = 840;

    /// <summary>
    /// The best groups, by solver and proven. Where not all wishes can be kept together, as many as can are.
    /// </summary>
    /// <param name="members">Children there, in any order.</param>
    /// <param name="groups">1 or more; where there are fewer children, as many as children.</param>
    /// <param name="grouping">Near in step or mixed.</param>
    /// <param name="wishes">Together and apart; those about children who are not there are passed over.</param>
    /// <param name="adults">Adults there.</param>
    /// <returns>Ids of children, a list a group; the youngest by level first in each, and the group with the youngest
    /// first.</returns>
    public static IReadOnlyList<IReadOnlyList<string>> Form(
        IReadOnlyList<Member> members,
        int groups,
        Grouping grouping,
        IReadOnlyList<GroupingWish> wishes,
        int adults
    )
    {
        ArgumentNullException.ThrowIfNull(members);
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(groups);
        Member[] all = [.. members.OrderBy(m => m.Level).ThenBy(m => m.ChildId, StringComparer.Ordinal)];
        var count = Math.Min(groups, all.Length);
        if (count == 0)
        {
            return [];
        }

        var model = new CpModel();
        var costs = new List<LinearExpr>();
        BoolVar[][] isIn =
        [
            .. all.Select((_, c) => Enumerable.Range(0, count).Select(g => model.NewBoolVar($"{c} in {g}")).ToArray()),
        ];
        SizesWithinOne(model, isIn, count);
        KeepWishes(model, isIn, all, wishes, costs);
        KeepRatio(model, isIn, all, adults, costs);
        if (grouping == Grouping.NearSteps)
        {
            NearInStep(model, isIn, all, costs);
        }
        else
        {
            YoungerWithOlder(model, isIn, all, costs);
        }

        // Groups have no names: the youngest is in the first.
        model.Add(isIn[0][0] == 1);
        model.Minimize(LinearExpr.Sum(costs));
        var solver = Solving.Solver(5, TimeSpan.FromSeconds(10));
        solver.Solve(model);
        return
        [
            .. Enumerable
                .Range(0, count)
                .Select(g => all.Where((_, c) => solver.BooleanValue(isIn[c][g])).ToArray())
                .OrderBy(g => g[0].Level)
                .ThenBy(g => g[0].ChildId, StringComparer.Ordinal)
                .Select(g => (IReadOnlyList<string>)[.. g.Select(m => m.ChildId)]),
        ];
    }

    /// <summary>Which group is at which station in which round: a Latin square, each group at each station
    /// once.</summary>
    /// <param name="groups">Groups, and stations, and rounds; 1 or more.</param>
    /// <returns>A row a round, in it the station of each group.</returns>
    public static IReadOnlyList<IReadOnlyList<int>> Rounds(int groups) =>
        [
            .. Enumerable
                .Range(0, groups)
                .Select(r => (IReadOnlyList<int>)[.. Enumerable.Range(0, groups).Select(g => (g + r) % groups)]),
        ];

    private static void SizesWithinOne(CpModel model, BoolVar[][] isIn, int count)
    {
        foreach (var child in isIn)
        {
            model.AddExactlyOne(child);
        }

        for (var g = 0; g < count; g++)
        {
            var size = LinearExpr.Sum(isIn.Select(c => c[g]));
            model.AddLinearConstraint(size, isIn.Length / count, (isIn.Length + count - 1) / count);
        }
    }

    private static void KeepWishes(
        CpModel model,
        BoolVar[][] isIn,
        Member[] all,
        IReadOnlyList<GroupingWish> wishes,
        List<LinearExpr> costs
    )
    {
        foreach (var wish in wishes)
        {
            var (a, b) = (
                Array.FindIndex(all, m => m.ChildId == wish.ChildId),
                Array.FindIndex(all, m => m.ChildId == wish.OtherId)
            );
            if (a < 0 || b < 0 || a == b)
            {
                continue;
            }

            var broken = model.NewBoolVar($"broken {a} {b}");
            costs.Add(broken * Wish);
            for (var g = 0; g < isIn[a].Length; g++)
            {
                if (wish.Together)
                {
                    model.Add(isIn[a][g] == isIn[b][g]).OnlyEnforceIf(broken.Not());
                }
                else
                {
                    model.Add(isIn[a][g] + isIn[b][g] <= 1).OnlyEnforceIf(broken.Not());
                }
            }
        }
    }

    /// <summary>Every group has whole adults: together no more than are there, where that can be.</summary>
    private static void KeepRatio(CpModel model, BoolVar[][] isIn, Member[] all, int adults, List<LinearExpr> costs)
    {
        var needed = new List<IntVar>();
        for (var g = 0; g < isIn[0].Length; g++)
        {
            var here = model.NewIntVar(0, all.Length, $"adults {g}");
            model.Add(
                here * Parts
                    >= LinearExpr.WeightedSum(
                        isIn.Select(c => c[g]),
                        all.Select(m => (long)Math.Floor((m.AdultShare * Parts) + 1e-9))
                    )
            );
            needed.Add(here);
        }

        var over = model.NewIntVar(0, all.Length * isIn[0].Length, "adults short");
        model.Add(over >= LinearExpr.Sum(needed) - adults);
        costs.Add(over * AdultShort);
    }

    private static void NearInStep(CpModel model, BoolVar[][] isIn, Member[] all, List<LinearExpr> costs)
    {
        long[] levels = [.. all.Select(m => (long)Math.Round(10 * m.Level))];
        for (var g = 0; g < isIn[0].Length; g++)
        {
            var (low, high) = (
                model.NewIntVar(levels[0], levels[^1], $"low {g}"),
                model.NewIntVar(levels[0], levels[^1], $"high {g}")
            );
            for (var c = 0; c < all.Length; c++)
            {
                model.Add(low <= levels[c]).OnlyEnforceIf(isIn[c][g]);
                model.Add(high >= levels[c]).OnlyEnforceIf(isIn[c][g]);
            }

            costs.Add(high - low);
        }
    }

    /// <summary>As many of the younger half as of the older in each group, and the groups alike as wholes.</summary>
    private static void YoungerWithOlder(CpModel model, BoolVar[][] isIn, Member[] all, List<LinearExpr> costs)
    {
        long[] levels = [.. all.Select(m => (long)Math.Round(10 * m.Level))];
        var mean = (long)Math.Round(levels.Average());
        for (var g = 0; g < isIn[0].Length; g++)
        {
            var apart = model.NewIntVar(0, all.Length, $"halves {g}");
            var halves = LinearExpr.WeightedSum(
                isIn.Select(c => c[g]),
                all.Select((_, c) => c < all.Length / 2 ? -1L : 1L)
            );
            model.Add(apart >= halves);
            model.Add(apart >= -halves);
            costs.Add(apart * 500);
            var off = model.NewIntVar(0, 10_000, $"off {g}");
            var sum = LinearExpr.WeightedSum(isIn.Select(c => c[g]), levels.Select(l => l - mean));
            model.Add(off >= sum);
            model.Add(off >= -sum);
            costs.Add(off);
        }
    }
}
