using FsCheck.Xunit;
using MathNet.Numerics.Distributions;
using Nido.Core.Cupboard;

namespace Nido.Core.Tests.Cupboard;

/// <summary>How many may come, against the distributions of a reference library (MathNet.Numerics), and what kits cost.</summary>
public class ComingTests
{
    [Theory]
    [InlineData(0.4, 2.0)]
    [InlineData(7, 1.3)]
    [InlineData(24, 8)]
    [InlineData(24, 64)]
    [InlineData(180, 3)]
    public void Chances_and_quantiles_are_those_of_the_negative_binomial(double mean, double size)
    {
        var coming = new Coming(mean, size);
        var library = new NegativeBinomial(size, size / (size + mean));
        foreach (var (p, n) in coming.Chances().Take(400).Select((p, n) => (p, n)))
        {
            p.ShouldBe(library.Probability(n), 1e-9, $"{n}");
        }

        foreach (var chance in (double[])[0.05, 0.5, 0.8, 0.95, 0.999])
        {
            var n = coming.Least(chance);
            coming.Chances().Take(n + 1).Sum().ShouldBeGreaterThanOrEqualTo(chance - 1e-9);
            (n == 0 ? 0 : coming.Chances().Take(n).Sum()).ShouldBeLessThan(chance);
            coming.MoreThan(n).ShouldBe(1 - coming.Chances().Take(n + 1).Sum(), 1e-12);
        }

        coming.Variance.ShouldBe(library.Variance, 1e-6 * library.Variance);
    }

    /// <summary>A law: of many sessions that do not differ the headcount is Poisson.</summary>
    [Fact]
    public void Where_sessions_hardly_differ_it_is_poisson()
    {
        foreach (var (p, n) in new Coming(9, 1e7).Chances().Take(40).Select((p, n) => (p, n)))
        {
            p.ShouldBe(Poisson.PMF(9, n), 1e-6);
        }

        new Coming(0).Least(0.95).ShouldBe(0);
        new Coming(0).MoreThan(0).ShouldBe(0);
    }

    /// <summary>A law: what is left over less who stays without is what was there less who was expected.</summary>
    [Property(MaxTest = 60)]
    public void Left_over_and_without_balance(byte mean, byte size, byte there)
    {
        var coming = new Coming(1 + (mean % 60), size % 4 == 0 ? null : 1 + (size % 30));
        (coming.LeftOver(there) - coming.Without(there)).ShouldBe(there - coming.Expected, 1e-6);
        coming.Without(there).ShouldBeGreaterThanOrEqualTo(0);
    }

    /// <summary>A law: those of a part of the children differ from session to session as all do; two that come by themselves
    /// add up in mean and variance.</summary>
    [Fact]
    public void A_part_keeps_its_size_and_a_sum_its_moments()
    {
        var (a, b) = (new Coming(12, 4), new Coming(5, 9));
        a.Times(0.25).ShouldBe(new Coming(3, 4));
        var both = a.With(b);
        both.Expected.ShouldBe(17);
        both.Variance.ShouldBe(a.Variance + b.Variance, 1e-9);
        new Coming(3).With(new Coming(4)).ShouldBe(new Coming(7));
    }

    /// <summary>By brute force: no other number of kits costs less on the mean.</summary>
    [Theory]
    [InlineData(24, null, 40, 200)]
    [InlineData(24, 5.0, 40, 200)]
    [InlineData(7, 3.0, 100, 100)]
    [InlineData(60, 12.0, 300, 20)]
    public void The_best_number_of_kits_costs_least(double mean, double? size, int tooMany, int tooFew)
    {
        var coming = new Coming(mean, size);
        var choice = KitsByPrice.Of(coming, tooMany, tooFew);
        double Cost(int kits) =>
            coming
                .Chances()
                .Take(2000)
                .Select((p, n) => p * (n < kits ? (kits - n) * tooMany : (n - kits) * tooFew))
                .Sum();
        Enumerable.Range(0, 300).MinBy(Cost).ShouldBe(choice.Best);
        foreach (var row in choice.Rows)
        {
            row.CostCents.ShouldBe(Cost(row.Kits), 0.01 * Math.Max(1, Cost(row.Kits)));
        }

        choice.RunOut.ShouldBe((double)tooMany / (tooMany + tooFew), 1e-12);
        coming.MoreThan(choice.Best).ShouldBeLessThanOrEqualTo(choice.RunOut + 1e-9);
    }

    [Fact]
    public void Dearer_children_without_one_ask_for_more_kits()
    {
        int[] best = [.. ((int[])[20, 60, 200, 900]).Select(few => KitsByPrice.Of(new Coming(24, 6), 40, few).Best)];
        best.ShouldBe(best.Order());
        best.ShouldBeUnique();
    }
}
