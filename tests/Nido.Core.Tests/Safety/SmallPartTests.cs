using FsCheck.Xunit;
using Nido.Core.Cupboard;
using Nido.Core.Safety;

namespace Nido.Core.Tests.Safety;

/// <summary>The test cylinder is that of 16 CFR 1501.4; the limits of rods and cubes come from a numeric search of its
/// geometry (from memory).</summary>
public class SmallPartTests
{
    [Theory]
    [InlineData(2, 62.0, true)]
    [InlineData(2, 62.3, false)]
    [InlineData(6, 55.6, true)]
    [InlineData(6, 55.9, false)]
    [InlineData(31.7, 20, true)]
    [InlineData(31.9, 1, false)]
    public void Rods_and_discs(double diameter, double length, bool fits) =>
        SmallPart.RodFits(diameter, length).ShouldBe(fits);

    [Theory]
    [InlineData(22.4, 22.4, 22.4, true)]
    [InlineData(22.7, 22.7, 22.7, false)]
    [InlineData(31.7, 31.7, 0.1, true)]
    [InlineData(32, 32, 0.1, false)]
    [InlineData(18, 18, 0.2, true)]
    [InlineData(90, 60, 35, false)]
    [InlineData(72, 12, 10, false)]
    public void Boxes(double a, double b, double c, bool fits) => SmallPart.BoxFits(a, b, c).ShouldBe(fits);

    [Theory]
    [InlineData(31.7, true)]
    [InlineData(31.8, false)]
    public void Balls_in_the_cylinder(double diameter, bool fits) => SmallPart.SphereFits(diameter).ShouldBe(fits);

    // 16 CFR 1500.18(a)(17): balls up to 44.4 mm for under 36 months (from memory).
    [Theory]
    [InlineData(44.4, true)]
    [InlineData(44.5, false)]
    public void Small_balls(double diameter, bool small) => SmallPart.Is(Things.Ball(diameter).Body).ShouldBe(small);

    [Fact]
    public void What_is_poured_has_no_body() => SmallPart.Is(Published.Content.Material("rice")!.Body).ShouldBeFalse();

    [Fact]
    public void A_thin_stick_is_judged_alike_however_it_lies() => (
            (double[][])
                [
                    [10, 47, 10],
                    [47, 10, 10],
                    [10, 10, 47],
                ]
        ).Select(s => SmallPart.BoxFits(s[0], s[1], s[2])).Distinct().Count().ShouldBe(1);

    [Property(MaxTest = 40)]
    public bool The_order_of_the_sides_does_not_matter(byte a, byte b, byte c)
    {
        double[] s = [1 + (a % 60), 1 + (b % 60), 1 + (c % 60)];
        var first = SmallPart.BoxFits(s[0], s[1], s[2]);
        return SmallPart.BoxFits(s[2], s[0], s[1]) == first && SmallPart.BoxFits(s[1], s[2], s[0]) == first;
    }

    [Property(MaxTest = 25)]
    public bool What_a_brute_force_search_gets_in_the_rule_calls_a_small_part(byte a, byte b, byte c)
    {
        var (x, y, z) = (5 + (a % 35), 3 + (b % 25), 1 + (c % 20));
        return !BruteForceFits(x, y, z) || SmallPart.BoxFits(x, y, z);
    }

    [Property(MaxTest = 25)]
    public bool A_smaller_box_fits_where_a_larger_one_does(byte a, byte b, byte c)
    {
        var (x, y, z) = (5 + (a % 50), 3 + (b % 28), 1 + (c % 25));
        return !SmallPart.BoxFits(x, y, z) || SmallPart.BoxFits(x - 1, y - 1, Math.Max(0.5, z - 1));
    }

    [Property(MaxTest = 15)]
    public bool A_rod_or_disc_that_a_brute_force_search_gets_in_is_a_small_part(byte diameter, byte length)
    {
        var (d, l) = (1 + (diameter % 32), 1 + (length % 60));
        return !BruteForceRodFits(d, l) || SmallPart.RodFits(d, l);
    }

    [Property(MaxTest = 25)]
    public bool A_thinner_or_shorter_rod_fits_where_a_larger_one_does(byte diameter, byte length)
    {
        var (d, l) = (2 + (diameter % 30), 2 + (length % 62));
        return !SmallPart.RodFits(d, l) || (SmallPart.RodFits(d - 1, l) && SmallPart.RodFits(d, l - 1));
    }

    [Property(MaxTest = 25)]
    public bool A_box_that_fits_lets_the_rod_inside_it_fit(byte side, byte length)
    {
        var (a, l) = (2 + (side % 24), 2 + (length % 60));
        return !SmallPart.BoxFits(a, a, l) || SmallPart.RodFits(a, l);
    }

    [Theory]
    [InlineData(Shape.Rod, 0, 6, 0)]
    [InlineData(Shape.Box, 40, 0, 10)]
    [InlineData(Shape.Disc, 0, 30, 0)]
    [InlineData(Shape.Sphere, 0, 0, 0)]
    public void A_side_that_is_not_known_makes_it_a_small_part(Shape shape, double length, double width, double height)
    {
        var body = new Body(shape, length, width, height);
        body.IsMeasured.ShouldBeFalse();
        SmallPart.Is(body).ShouldBeTrue();
        body.InWords.ShouldBe("size not known");
    }

    [Fact]
    public void Squeezing_halves_every_side()
    {
        SmallPart.Squeezed(new Body(Shape.Box, 80, 60, 40)).ShouldBe(new Body(Shape.Box, 40, 30, 20));
        SmallPart.Is(new Body(Shape.Sphere, 0, 88, 0)).ShouldBeFalse();
        SmallPart.Is(SmallPart.Squeezed(new Body(Shape.Sphere, 0, 88, 0))).ShouldBeTrue();
    }

    private static bool BruteForceRodFits(double diameter, double length) =>
        BruteForce([
            .. from s in (double[])[-1, 1]
            from i in Enumerable.Range(0, 24)
            let t = 2 * Math.PI * i / 24
            select (diameter / 2 * Math.Cos(t), diameter / 2 * Math.Sin(t), s * length / 2),
        ]);

    private static bool BruteForceFits(double a, double b, double c) =>
        BruteForce([
            .. from sx in (double[])[-1, 1]
            from sy in (double[])[-1, 1]
            from sz in (double[])[-1, 1]
            select (sx * a / 2, sy * b / 2, sz * c / 2),
        ]);

    /// <summary>A thousand random turns, each hung from the rim and pushed as far from the shallow side as it
    /// must.</summary>
    private static bool BruteForce((double X, double Y, double Z)[] body)
    {
        var chance = new SeededChance(3);
        for (var turn = 0; turn < 1000; turn++)
        {
            // A random unit quaternion (Shoemake 1992).
            var (u, v, w) = (chance.NextDouble(), 2 * Math.PI * chance.NextDouble(), 2 * Math.PI * chance.NextDouble());
            double q0 = Math.Sqrt(1 - u) * Math.Sin(v),
                q1 = Math.Sqrt(1 - u) * Math.Cos(v),
                q2 = Math.Sqrt(u) * Math.Sin(w),
                q3 = Math.Sqrt(u) * Math.Cos(w);
            var points = body.Select(p => Rotate(q0, q1, q2, q3, p.X, p.Y, p.Z)).ToArray();
            var top = points.Max(p => p.Z);
            var shift = Math.Max(0, top - points.Min(p => p.Z + p.X) - 41.25);
            if (points.All(p => Math.Sqrt(((p.X + shift) * (p.X + shift)) + (p.Y * p.Y)) <= 15.85))
            {
                return true;
            }
        }

        return false;
    }

    private static (double X, double Y, double Z) Rotate(
        double w,
        double i,
        double j,
        double k,
        double x,
        double y,
        double z
    ) =>
        (
            ((1 - (2 * ((j * j) + (k * k)))) * x) + (2 * ((i * j) - (k * w)) * y) + (2 * ((i * k) + (j * w)) * z),
            (2 * ((i * j) + (k * w)) * x) + ((1 - (2 * ((i * i) + (k * k)))) * y) + (2 * ((j * k) - (i * w)) * z),
            (2 * ((i * k) - (j * w)) * x) + (2 * ((j * k) + (i * w)) * y) + ((1 - (2 * ((i * i) + (j * j)))) * z)
        );
}
