using FsCheck;
using FsCheck.Xunit;
using Nido.Core.Group;
using Nido.Core.Week.Rota;

namespace Nido.Core.Tests.Week.Rota;

public class StationGroupsTests
{
    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    [InlineData(4)]
    [InlineData(5)]
    [InlineData(6)]
    public void Every_group_meets_every_station_once_and_never_two_at_one(int count)
    {
        var rounds = StationGroups.Rounds(count);
        rounds.ShouldAllBe(r => r.Distinct().Count() == count);
        for (var g = 0; g < count; g++)
        {
            rounds.Select(r => r[g]).Order().ShouldBe(Enumerable.Range(0, count));
        }
    }

    [Property(MaxTest = 15)]
    public bool Everyone_is_in_one_group_and_sizes_differ_by_at_most_one(byte children, byte groups, int seed)
    {
        var members = Members(1 + (children % 14), seed);
        var formed = StationGroups.Form(members, 1 + (groups % 4), (Grouping)(seed & 1), [], 10);
        int[] sizes = [.. formed.Select(g => g.Count)];
        return formed.SelectMany(g => g).Order().SequenceEqual(members.Select(m => m.ChildId).Order())
            && sizes.Max() - sizes.Min() <= 1
            && formed.Count == Math.Min(1 + (groups % 4), members.Length);
    }

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    public void Near_groups_are_the_nearest_of_all(int seed)
    {
        var members = Members(7, seed);
        var formed = StationGroups.Form(members, 2, Grouping.NearSteps, [], 10);
        Spread(formed, members).ShouldBe(AllWays(members).Min(w => Spread(w, members)), 0.25);
    }

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    public void Wishes_come_before_nearness_and_what_can_be_kept_is(int seed)
    {
        var members = Members(8, seed);
        string[] byLevel = [.. members.OrderBy(m => m.Level).Select(m => m.ChildId)];
        GroupingWish[] wishes =
        [
            new(byLevel[0], byLevel[7], Together: true),
            new(byLevel[0], byLevel[1], Together: false),
            new(byLevel[0], "away", Together: true),
        ];
        var formed = StationGroups.Form(members, 2, Grouping.NearSteps, wishes, 10);
        GroupCheck.Of(formed, members, wishes, 10, id => id).Problems.ShouldBeEmpty();

        // Together and apart at once cannot be: one of them is broken, and said.
        GroupingWish[] torn = [new("c1", "c2", Together: true), new("c1", "c2", Together: false)];
        GroupCheck
            .Of(StationGroups.Form(members, 2, Grouping.NearSteps, torn, 10), members, torn, 10, id => id)
            .Problems.Count.ShouldBe(1);
    }

    [Fact]
    public void Mixed_groups_have_as_many_young_as_old_and_pairs_across()
    {
        var members = Enumerable.Range(0, 12).Select(i => new Member($"c{i:00}", 20 + (4 * i), 0.1)).ToArray();
        var formed = StationGroups.Form(members, 3, Grouping.Mixed, [], 10);
        foreach (var group in formed)
        {
            group.Count(id => Level(members, id) < 44).ShouldBe(2);
        }

        var sums = formed.Select(g => g.Sum(id => Level(members, id))).ToArray();
        (sums.Max() - sums.Min()).ShouldBeLessThanOrEqualTo(4);
        var check = GroupCheck.Of(formed, members, [], 10, id => id);
        check.Pairs.SelectMany(p => p).ShouldAllBe(p => Level(members, p.Younger) < Level(members, p.Older));
        check.Pairs.Sum(p => p.Count).ShouldBe(6);
    }

    [Fact]
    public void Where_adults_are_few_groups_are_formed_so_that_they_do()
    {
        // Two need a whole adult each, six a quarter: apart they would ask for four adults, together for three.
        Member[] members =
        [
            .. Enumerable.Range(0, 2).Select(i => new Member($"y{i}", 12 + (30 * i), 0.75)),
            .. Enumerable.Range(0, 6).Select(i => new Member($"o{i}", 14 + (5 * i), 0.25)),
        ];
        var check = GroupCheck.Of(StationGroups.Form(members, 2, Grouping.NearSteps, [], 3), members, [], 3, id => id);
        check.AdultsNeeded.Sum().ShouldBeLessThanOrEqualTo(4);
        GroupCheck
            .Of(StationGroups.Form(members, 2, Grouping.NearSteps, [], 1), members, [], 1, id => id)
            .Problems.ShouldContain(p => p.Contains("your licence decides"));
    }

    [Fact]
    public void By_hand_the_consequences_are_said()
    {
        Member[] members = [new("a", 20, 0.25), new("b", 30, 0.25), new("c", 40, 0.25), new("d", 60, 0.25)];
        var check = GroupCheck.Of(
            [
                ["a", "b", "c"],
                ["d"],
            ],
            members,
            [new("c", "d", Together: true)],
            1,
            id => id.ToUpperInvariant()
        );
        check.Problems.ShouldContain(p => p.Contains("sizes differ by 2"));
        check.Problems.Select(p => $"{p}").ShouldContain("C and D were to be together");
        check.Problems.ShouldContain(p => p.Contains("1 + 1 = 2, and 1 are there"));
        check.Spread.ShouldBe([20, 0]);
    }

    [Fact]
    public void The_same_children_make_the_same_groups_whatever_their_order()
    {
        var members = Members(11, 5);
        Text(StationGroups.Form(members, 3, Grouping.NearSteps, [], 10))
            .ShouldBe(Text(StationGroups.Form([.. members.Reverse()], 3, Grouping.NearSteps, [], 10)));
        StationGroups.Form([], 3, Grouping.Mixed, [], 2).ShouldBeEmpty();

        static string Text(IReadOnlyList<IReadOnlyList<string>> groups) =>
            string.Join(';', groups.Select(g => string.Join(',', g)));
    }

    private static Member[] Members(int count, int seed)
    {
        var chance = new SeededChance((ulong)Math.Abs((long)seed));
        return
        [
            .. Enumerable.Range(0, count).Select(i => new Member($"c{i}", 18 + chance.Next(50) + (i / 100.0), 0.1)),
        ];
    }

    private static double Level(Member[] members, string id) => members.First(m => m.ChildId == id).Level;

    private static double Spread(IReadOnlyList<IReadOnlyList<string>> groups, Member[] members) =>
        groups.Sum(g => g.Max(id => Level(members, id)) - g.Min(id => Level(members, id)));

    /// <summary>All ways to make two groups whose sizes differ by at most one.</summary>
    private static IEnumerable<IReadOnlyList<IReadOnlyList<string>>> AllWays(Member[] members) =>
        from bits in Enumerable.Range(0, 1 << members.Length)
        let one = members.Where((_, i) => (bits >> i & 1) == 1).Select(m => m.ChildId).ToArray()
        where Math.Abs(members.Length - (2 * one.Length)) <= 1
        select (IReadOnlyList<IReadOnlyList<string>>)[one, [.. members.Select(m => m.ChildId).Except(one)]];
}
