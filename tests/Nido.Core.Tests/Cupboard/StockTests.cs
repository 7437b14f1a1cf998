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
        return movement is null
            ? before == counted
            : Math.Abs(Stock.OnHand([.. ledger, movement])["string"] - counted) < 1e-9;
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

    [Theory]
    [InlineData(0, 30)]
    [InlineData(3, 30)]
    [InlineData(4, 20)]
    [InlineData(6, 0)]
    public void What_came_longest_ago_is_used_first_and_goes_off_first(int day, double good)
    {
        var first = new DateOnly(2026, 10, 5);
        Movement[] ledger =
        [
            new("leaves", first, MovementKind.Found, 30, ""),
            new("leaves", first.AddDays(1), MovementKind.Used, -20, ""),
            new("leaves", first.AddDays(2), MovementKind.Found, 20, ""),
        ];
        Stock.GoodOn(ledger, 3, first.AddDays(day)).ShouldBe(good);
    }

    [FsCheck.Xunit.Property(MaxTest = 60)]
    public void What_is_good_never_exceeds_what_is_there_and_only_shrinks(int seed)
    {
        var chance = new SeededChance((ulong)seed);
        var first = new DateOnly(2026, 10, 5);
        var there = 0;
        Movement[] ledger =
        [
            .. Enumerable
                .Range(0, 8)
                .Select(k =>
                {
                    var amount = chance.Next(2) == 0 ? 1 + chance.Next(9) : -Math.Min(there, chance.Next(9));
                    there += amount;
                    return new Movement("leaves", first.AddDays(k), MovementKind.Counted, amount, "");
                }),
        ];
        double[] good = [.. Enumerable.Range(7, 12).Select(d => Stock.GoodOn(ledger, 4, first.AddDays(d)))];
        good.ShouldAllBe(g => g >= 0 && g <= there + 1e-9);
        good.ShouldBe(good.OrderDescending());
    }

    [Theory]
    [InlineData(-3, 5, 5)] // Came before the week and keeps through it: seven days from Friday.
    [InlineData(4, 5, 5)] // Came on its Friday: a newcomer who counts then has it.
    [InlineData(-6, 5, 0)] // Came the Tuesday before: gone off from Wednesday on.
    public void What_was_counted_in_the_middle_of_a_week_is_there(int came, double onMonday, double onFriday)
    {
        var paint = Published.Content.Materials.First(m => m.KeepsDays == 7);
        Movement[] ledger = [new(paint.Id, Things.Monday.AddDays(came), MovementKind.Counted, 5, "")];
        var (good, goneOff) = Nido.Data.WeekInputs.StillGood(
            Published.Content,
            new Dictionary<string, double> { [paint.Id] = 5 },
            ledger.ToLookup(m => m.MaterialId),
            Nido.Data.WeekInputs.Days(Things.Group([Things.Child("Ana", 40)]), Things.Monday)
        );
        good[paint.Id].ShouldBe(onMonday);
        (good[paint.Id] - (goneOff.TryGetValue(paint.Id, out var gone) ? gone[^1] : 0)).ShouldBe(onFriday);
    }
}
