using FsCheck.Xunit;
using Nido.Core.Group.Steps;

namespace Nido.Core.Tests.Group;

/// <summary>Sized steps against the published indices: Fitts (MacKenzie 1992), steering (Accot and Zhai 1997), from
/// memory.</summary>
public class DifficultyTests
{
    [Theory]
    [InlineData(300, 100, 2.00)]
    [InlineData(700, 100, 3.00)]
    [InlineData(100, 100, 1.00)]
    public void Reaching_is_the_shannon_form_of_fitts_law(double distance, double width, double bits) =>
        Difficulty.Reaching(distance, width).ShouldBe(bits, 1e-9);

    [Fact]
    public void Carrying_by_hand()
    {
        // Picking up 300 over 100 is 2 bits; placing 300 over 200 − 100 is 2 bits.
        Difficulty.Carrying(300, 100, 200, CarryTool.Fingers, round: false).ShouldBe(4, 1e-9);
        Difficulty.Carrying(300, 100, 200, CarryTool.Tweezers, round: true).ShouldBe(6.5, 1e-9);
        // A soft piece pushed in: tolerance 5.
        Difficulty
            .Carrying(300, 100, 90, CarryTool.Fingers, round: false)
            .ShouldBe(2 + Math.Log2((300 / 5.0) + 1), 1e-9);
    }

    [Theory]
    [InlineData(200, 10, 0, 0, SheetKind.Paper, 20)]
    [InlineData(200, 10, 90, 0, SheetKind.Paper, 22)]
    [InlineData(200, 10, 0, 360, SheetKind.Paper, 24)]
    [InlineData(200, 10, 0, 0, SheetKind.Card, 28)]
    [InlineData(200, 10, 0, 0, SheetKind.Folded, 36)]
    public void Following_a_line_is_its_length_over_its_width(
        double length,
        double width,
        double turns,
        double smooth,
        SheetKind sheet,
        double index
    ) => Difficulty.FollowingLine(length, width, turns, smooth, sheet).ShouldBe(index, 1e-9);

    [Theory]
    [InlineData(5.9, 4, "snug")]
    [InlineData(6, 4, "fair")]
    [InlineData(12, 4, "fair")]
    [InlineData(12.1, 4, "easy")]
    public void A_hole_is_snug_fair_or_easy_for_its_lace(double hole, double lace, string how) =>
        Difficulty.Looseness(hole, lace).ShouldBe(how);

    [Property]
    public bool Farther_smaller_and_tighter_is_never_easier(byte reach, byte piece, byte opening, byte more)
    {
        var (d, w, o) = (50.0 + reach, 5.0 + (piece % 60), 70.0 + opening);
        double Of(double distance, double width, double mouth) =>
            Difficulty.Carrying(distance, width, mouth, CarryTool.Spoon, false);
        var now = Of(d, w, o);
        return Of(d + more, w, o) >= now - 1e-9
            && Of(d, w, o + more) <= now + 1e-9
            // A smaller piece is harder to pick up by more than it is easier to place, as long as the opening is wide.
            && Difficulty.Reaching(d, w) <= Difficulty.Reaching(d, w / 2)
            && Difficulty.FollowingLine(d, w, more, 0, SheetKind.Paper)
                >= Difficulty.FollowingLine(d, w, 0, 0, SheetKind.Paper);
    }

    [Fact]
    public void Sized_steps_of_the_catalogue_stand_in_the_order_of_their_index()
    {
        var sized = Published.Content.Ladders.Values.Where(l => l.Steps.Any(s => s.Size is not null)).ToArray();
        sized.Select(l => l.Id).ShouldBe(["carry", "pencil", "scissors", "thread"], ignoreOrder: true);
        foreach (var ladder in sized)
        {
            var sizes = ladder.Steps.Where(s => s.Size is not null).Select(s => s.Size!).ToArray();
            sizes.Length.ShouldBeGreaterThanOrEqualTo(5, ladder.Id);
            sizes.Select(s => s.GetType()).Distinct().Count().ShouldBe(1, ladder.Id);
            sizes.Select(s => s.Index).ShouldBeInOrder(SortDirection.Ascending, ladder.Id);
            sizes.ShouldAllBe(s => s.InWords.ToString().Length > 10);
        }
    }

    [Fact]
    public void A_size_that_is_none_is_no_index()
    {
        Should.Throw<ArgumentOutOfRangeException>(() => Difficulty.Reaching(100, 0));
        Should.Throw<ArgumentOutOfRangeException>(() => Difficulty.FollowingLine(0, 10, 0, 0, SheetKind.Paper));
        Should.Throw<ArgumentOutOfRangeException>(() => Difficulty.Threading(0, 1, true));
    }
}
