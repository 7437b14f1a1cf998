using MathNet.Numerics.Distributions;
using Nido.Core.Group;
using Nido.Core.Group.Expecting;

namespace Nido.Core.Tests.Group;

/// <summary>What counting at the door teaches: checked against a reference library, and against houses made by chance.</summary>
public class ExpectationTests
{
    private static readonly ChildrenGroup Nestlings = Data.Demo.DemoScenario.SaturdayNestlings(() => "id");

    [Fact]
    public void Before_any_count_a_sure_number_is_itself_and_chance_alone_spreads_it()
    {
        var told = Expectation.Of(24, HowSure.Sure, []);
        told.Coming.ShouldBe(new(24));
        told.Low.ShouldBe(16);
        told.High.ShouldBe(32);
        Expectation.Of(0, HowSure.Guess, []).Coming.Expected.ShouldBe(0);
    }

    [Fact]
    public void The_less_sure_the_wider()
    {
        int[] wide = [.. Enum.GetValues<HowSure>().Select(s => Expectation.Of(24, s, [])).Select(e => e.High - e.Low)];
        wide.ShouldBe(wide.Order());
        wide.ShouldBeUnique();
    }

    /// <summary>Against the same question asked of a reference library's chances on a much finer grid.</summary>
    [Theory]
    [InlineData(HowSure.Roughly, 8.0, new[] { 3, 12, 7, 1, 15 })]
    [InlineData(HowSure.Guess, 24.0, new[] { 11, 13, 9, 16 })]
    [InlineData(HowSure.Sure, 6.0, new[] { 9 })]
    public void Mean_and_variance_are_those_of_a_finer_grid(HowSure sure, double said, int[] counts)
    {
        var cv =
            sure == HowSure.Sure ? 0.15
            : sure == HowSure.Roughly ? 0.25
            : 0.5;
        double Density(double m, double of) => Gamma.PDF(1 / (of * of), 1 / (of * of * said), m);
        (double Size, double Likely)[] sizes =
        [
            (2, 0.04),
            (4, 0.12),
            (8, 0.24),
            (16, 0.26),
            (32, 0.18),
            (64, 0.1),
            (1e8, 0.06),
        ];
        var weighed = (
            from k in Enumerable.Range(0, 4000)
            let m = said * Math.Exp(-4 + (8.0 * k / 4000))
            from s in sizes
            let r = s.Size
            let chance = r > 1e7
                ? counts.Aggregate(1.0, (p, n) => p * Poisson.PMF(m, n))
                : counts.Aggregate(1.0, (p, n) => p * new NegativeBinomial(r, r / (r + m)).Probability(n))
            select (m, r, W: s.Likely * chance * ((0.875 * Density(m, cv)) + (0.125 * Density(m, 0.7))) * m)
        ).ToArray();
        var sum = weighed.Sum(w => w.W);
        var mean = weighed.Sum(w => w.W / sum * w.m);
        var variance = weighed.Sum(w => w.W / sum * (w.m + (w.m * w.m / w.r) + (w.m * w.m))) - (mean * mean);
        var told = Expectation.Of(said, sure, counts).Coming;
        told.Expected.ShouldBe(mean, 0.02 * mean, $"{told} against {mean} and {variance}");
        told.Variance.ShouldBe(variance, 0.05 * variance);
    }

    /// <summary>Of houses made by chance the interval holds the next session about nine times of ten, whether sessions differ
    /// much or little.</summary>
    [Theory]
    [InlineData(3.0)]
    [InlineData(20.0)]
    public void The_interval_holds_what_it_says(double size)
    {
        var chance = new SeededChance(11);
        var (held, houses) = (0, 200);
        for (var h = 0; h < houses; h++)
        {
            var mean = 6 + (18 * chance.Next(1000) / 1000.0);
            int[] sessions = [.. Enumerable.Range(0, 11).Select(_ => Draw(chance, mean, size))];
            // The librarian's word is off by up to a third.
            var said = Math.Round(mean * (0.67 + (0.66 * chance.Next(1000) / 1000.0)));
            var told = Expectation.Of(said, HowSure.Roughly, sessions[..10]);
            held += sessions[10] >= told.Low && sessions[10] <= told.High ? 1 : 0;
        }

        ((double)held / houses).ShouldBeInRange(0.86, 0.97);
    }

    [Fact]
    public void Many_counts_outweigh_what_was_said()
    {
        var told = Expectation.Of(30, HowSure.Guess, [.. Enumerable.Repeat(10, 24)]);
        told.Coming.Expected.ShouldBeInRange(9.5, 11);
        told.Sessions.ShouldBe(24);
        var wild = Expectation.Of(10, HowSure.Roughly, [2, 22, 5, 18, 1, 20, 3, 17]);
        var calm = Expectation.Of(10, HowSure.Roughly, [10, 12, 9, 11, 10, 13, 9, 10]);
        (wild.High - wild.Low).ShouldBeGreaterThan(2 * (calm.High - calm.Low) / 2);
        wild.Coming.Size!.Value.ShouldBeLessThan(calm.Coming.Size ?? 1e9);
    }

    /// <summary>A count changes what is expected of later sessions and never of an earlier one.</summary>
    [Fact]
    public void Past_sessions_are_not_written_anew()
    {
        var band = Nestlings.Expected[0];
        var counted = Nestlings with
        {
            Counts = [.. Enumerable.Range(0, 4).Select(w => Count(Things.Monday.AddDays((7 * w) + 5), band, 20))],
        };
        counted.Expecting(band, Things.Monday).ShouldBe(Nestlings.Expecting(band, Things.Monday));
        counted.On(Things.Monday).Children.Count.ShouldBe(24);
        var later = Things.Monday.AddDays(35);
        counted.Expecting(band, later).Coming.Expected.ShouldBeGreaterThan(8);
        counted.On(later).Children.Count.ShouldBeGreaterThan(26);
        counted
            .On(later)
            .Children.Where(c => ExpectedBand.BandOf(c.Id) == $"age-{band.FromMonths}")
            .Sum(c => c.StandsFor!.Children)
            .ShouldBe(counted.Expecting(band, later).Coming.Expected, 1e-9);
    }

    [Fact]
    public void All_together_counts_only_sessions_counted_in_every_band()
    {
        CountAtDoor[] whole = [.. Nestlings.Expected.Select(b => Count(Things.Monday.AddDays(-2), b, 5))];
        var half = Count(Things.Monday.AddDays(-9), Nestlings.Expected[0], 5);
        var counted = Nestlings with { Counts = [half, .. whole] };
        counted.ExpectingAll(Things.Monday).Sessions.ShouldBe(1);
        counted.Expecting(Nestlings.Expected[0], Things.Monday).Sessions.ShouldBe(2);
    }

    private static CountAtDoor Count(DateOnly on, ExpectedBand band, int children) =>
        new(on, band.FromMonths, children, null, null);

    private static int Draw(SeededChance chance, double mean, double size)
    {
        var u = chance.Next(1_000_000) / 1_000_000.0;
        var (n, sum) = (0, 0.0);
        var library = new NegativeBinomial(size, size / (size + mean));
        while ((sum += library.Probability(n)) < u && n < 500)
        {
            n++;
        }

        return n;
    }
}
