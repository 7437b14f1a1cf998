using FsCheck;
using FsCheck.Xunit;
using Nido.Core.Cupboard;

namespace Nido.Core.Tests.Cupboard;

public class StockTests
{
    private static readonly DateOnly Day = Things.Monday;

    [Property]
    public bool What_is_on_hand_is_the_sum_of_the_movements(NonEmptyArray<short> amounts)
    {
        var ledger = amounts.Get.Select(a => new Movement("string", Day, MovementKind.Found, a, ""));
        return Math.Abs(Stock.OnHand(ledger)["string"] - amounts.Get.Sum(a => (double)a)) < 1e-9;
    }

    [Property]
    public bool After_a_count_the_sum_is_what_was_counted(short before, ushort counted)
    {
        Movement[] ledger = [new("string", Day, MovementKind.Found, before, "")];
        var movement = Stock.Counted("string", before, counted, Day, "");
        return movement is null ? before == counted : Math.Abs(Stock.OnHand([.. ledger, movement])["string"] - counted) < 1e-9;
    }

    [Theory]
    [InlineData(-1)]
    [InlineData(double.NaN)]
    [InlineData(double.PositiveInfinity)]
    public void A_count_that_cannot_be_is_refused(double counted) =>
        Should.Throw<ArgumentOutOfRangeException>(() => Stock.Counted("string", 3, counted, Day, ""));

    [Fact]
    public void The_demo_ledger_gives_the_amounts_of_the_scenario()
    {
        var onHand = Stock.OnHand(Data.Demo.DemoScenario.Cupboard());
        onHand["lidded-boxes"].ShouldBe(5);
        onHand["hole-punch"].ShouldBe(1);
        onHand["stickers-large"].ShouldBe(9);
        onHand["stickers-round"].ShouldBe(126);
        onHand["felt-pens"].ShouldBe(4);
        onHand.Keys.ShouldAllBe(id => Published.Content.Material(id) != null);
    }
}
