using Nido.Core.Group;
using Nido.Data.Demo;

namespace Nido.Core.Tests.Group;

public class RatioTests
{
    // Source: Caring for Our Children 4th ed. standard 1.1.1.2, centers (from memory).
    [Theory]
    [InlineData(12, 3)]
    [InlineData(13, 4)]
    [InlineData(35, 4)]
    [InlineData(36, 7)]
    [InlineData(47, 7)]
    [InlineData(48, 8)]
    [InlineData(60, 8)]
    public void Caring_for_our_children(int months, int children) =>
        Ratio.ChildrenPerAdult(Of(RatioTable.CaringForOurChildren), months).ShouldBe(children);

    // Source: England EYFS statutory framework, from September 2023 (from memory).
    [Theory]
    [InlineData(23, 3)]
    [InlineData(24, 5)]
    [InlineData(35, 5)]
    [InlineData(36, 8)]
    public void England_eyfs(int months, int children) =>
        Ratio.ChildrenPerAdult(Of(RatioTable.EnglandEyfs), months).ShouldBe(children);

    [Fact]
    public void The_demo_room_needs_three_adults_by_adding_shares()
    {
        var ages = DemoScenario
            .WrenRoom(Guid.NewGuid().ToString)
            .Children.Select(c => c.MonthsOn(DemoScenario.Monday))
            .ToArray();
        Ratio.AdultsNeeded(Of(RatioTable.CaringForOurChildren), ages).ShouldBe(3);
        Ratio.AdultsNeeded(Of(RatioTable.CaringForOurChildren, MixedAges.ByYoungest), ages).ShouldBe(4);
    }

    [Fact]
    public void Eight_children_of_four_need_one_adult_and_nine_need_two()
    {
        Ratio.AdultsNeeded(Of(RatioTable.CaringForOurChildren), [.. Enumerable.Repeat(50, 8)]).ShouldBe(1);
        Ratio.AdultsNeeded(Of(RatioTable.CaringForOurChildren), [.. Enumerable.Repeat(50, 9)]).ShouldBe(2);
        Ratio.AdultsNeeded(Of(RatioTable.CaringForOurChildren), []).ShouldBe(0);
    }

    [FsCheck.Xunit.Property]
    public bool One_child_more_never_needs_fewer_adults(
        FsCheck.NonEmptyArray<byte> ages,
        byte more,
        bool youngest,
        bool england
    )
    {
        var table = england ? RatioTable.EnglandEyfs : RatioTable.CaringForOurChildren;
        var mixed = youngest ? MixedAges.ByYoungest : MixedAges.AddShares;
        int[] before = [.. ages.Get.Select(a => a % 72)];
        return Ratio.AdultsNeeded(Of(table, mixed), [.. before, more % 72])
            >= Ratio.AdultsNeeded(Of(table, mixed), before);
    }

    [Theory]
    [InlineData(0, 3)]
    [InlineData(17, 3)]
    [InlineData(18, 5)]
    [InlineData(70, 5)]
    public void A_groups_own_table_is_read_band_by_band(int months, int children) =>
        Ratio
            .ChildrenPerAdult(Of(RatioTable.Own) with { OwnRatio = [new(0, 3), new(18, 5)] }, months)
            .ShouldBe(children);

    private static GroupSettings Of(RatioTable table, MixedAges mixed = MixedAges.AddShares) =>
        GroupSettings.Default with
        {
            RatioTable = table,
            MixedAges = mixed,
        };
}
