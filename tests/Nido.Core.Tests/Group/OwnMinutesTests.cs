using FsCheck;
using FsCheck.Xunit;
using MathNet.Numerics.Distributions;
using Nido.Core.Group.Steps;

namespace Nido.Core.Tests.Group;

public class OwnMinutesTests
{
    [Fact]
    public void Before_anything_was_seen_half_stay_twelve_minutes()
    {
        var own = OwnMinutes.Of([]);
        own.Median.ShouldBe(12, 1e-9);
        own.CutOffBy(12).ShouldBe(0.5, 1e-6);
        own.SeldomLonger.ShouldBeGreaterThan(24);
    }

    [Fact]
    public void One_long_piece_of_work_is_drawn_towards_the_usual_and_many_are_believed()
    {
        OwnMinutes.Of([40]).Median.ShouldBeInRange(12, 40);
        OwnMinutes.Of([40]).Median.ShouldBeLessThan(OwnMinutes.Of([40, 40, 40]).Median);
        OwnMinutes.Of([.. Enumerable.Repeat(40, 60)]).Median.ShouldBe(40, 1.5);
    }

    [Property]
    public bool A_longer_block_cuts_off_less(PositiveInt a, PositiveInt more, NonEmptyArray<byte> seen)
    {
        var own = OwnMinutes.Of([.. seen.Get.Select(m => 1 + (m % 90))]);
        return own.CutOffBy(a.Get) >= own.CutOffBy(a.Get + more.Get) - 1e-9 && own.CutOffBy(a.Get) is >= 0 and <= 1;
    }

    /// <summary>Against a reference library: the normal distribution of MathNet.Numerics.</summary>
    [Theory]
    [InlineData(3)]
    [InlineData(12)]
    [InlineData(20)]
    [InlineData(45)]
    public void The_chance_of_being_cut_off_is_that_of_a_log_normal(double block)
    {
        var own = OwnMinutes.Of([15, 22, 18]);
        own.CutOffBy(block).ShouldBe(1 - LogNormal.CDF(own.Centre, own.Spread, block), 1e-6);
    }

    [Fact]
    public void What_is_foretold_comes_true_as_often_as_it_says()
    {
        // Children drawn from the prior, four times seen; the fifth is longer than the median in half of them.
        var chance = new SeededChance(11);
        double Normal() =>
            Math.Sqrt(-2 * Math.Log(1 - chance.NextDouble())) * Math.Cos(2 * Math.PI * chance.NextDouble());
        var (longer, seldom) = (0, 0);
        const int Children = 2000;
        for (var k = 0; k < Children; k++)
        {
            var centre = Math.Log(OwnMinutes.PriorMedian) + (0.6 * Normal());
            double Time() => Math.Exp(centre + (0.7 * Normal()));
            var own = OwnMinutes.Of([.. Enumerable.Range(0, 4).Select(_ => Math.Max(1, (int)Math.Round(Time())))]);
            var next = Time();
            longer += next > own.Median ? 1 : 0;
            seldom += next > own.SeldomLonger ? 1 : 0;
        }

        (longer / (double)Children).ShouldBe(0.5, 0.04);
        (seldom / (double)Children).ShouldBe(0.1, 0.025);
    }
}
