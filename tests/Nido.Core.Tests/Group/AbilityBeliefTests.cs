using FsCheck.Xunit;
using Nido.Core.Group.Steps;
using Nido.Core.Making;

namespace Nido.Core.Tests.Group;

public class AbilityBeliefTests
{
    [Fact]
    public void The_prior_is_centred_on_the_age()
    {
        var prior = AbilityBelief.FromAge();
        prior.Weights.Count.ShouldBe(97);
        prior.Weights.Sum().ShouldBe(1, 1e-12);
        prior.Mean.ShouldBe(0, 1e-9);
    }

    [Fact]
    public void A_published_milestone_is_met_by_its_share_of_children()
    {
        // A step keeps the age of half of children: for a share of 0.75 that is an eighth of it earlier, for "when
        // shown" five on the scale later.
        foreach (var (what, months, share, shown) in Published.Milestones)
        {
            var typical = AgeScale.Months(AgeScale.Of((int)Math.Round(months * 7 / 8.0)) + (shown ? 5 : 0));
            var help = shown ? HelpLevel.Shown : HelpLevel.Alone;
            AbilityBelief.FromAge().Chance(help, (int)Math.Round(typical), months).ShouldBe(share, 0.06, what);
        }
    }

    [Theory]
    [InlineData(16)]
    [InlineData(24)]
    [InlineData(32)]
    [InlineData(40)]
    [InlineData(48)]
    [InlineData(56)]
    [InlineData(64)]
    public void Three_quarters_manage_a_step_an_eighth_after_half_do_at_every_age(int months) =>
        AbilityBelief.FromAge().Chance(HelpLevel.Alone, months * 7 / 8, months).ShouldBe(0.75, 0.03);

    [Property]
    public bool The_scale_rises_and_is_taken_back(byte months)
    {
        var m = 1 + (months % 120);
        return AgeScale.Of(m + 1) > AgeScale.Of(m) && Math.Abs(AgeScale.Months(AgeScale.Of(m)) - m) < 1e-9;
    }

    [Property]
    public bool Alone_never_lowers_the_mean_and_not_yet_never_raises_it(byte typical, byte age)
    {
        var prior = AbilityBelief.FromAge();
        return prior.After(HelpLevel.Alone, typical % 97, age % 80).Mean >= prior.Mean - 1e-12
            && prior.After(HelpLevel.NotYet, typical % 97, age % 80).Mean <= prior.Mean + 1e-12;
    }

    [Property]
    public bool The_order_of_observations_does_not_matter(byte first, byte second, byte age)
    {
        var a = AbilityBelief
            .FromAge()
            .After(HelpLevel.Alone, first % 97, age % 80)
            .After(HelpLevel.Shown, second % 97, age % 80);
        var b = AbilityBelief
            .FromAge()
            .After(HelpLevel.Shown, second % 97, age % 80)
            .After(HelpLevel.Alone, first % 97, age % 80);
        return Math.Abs(a.Mean - b.Mean) < 1e-9;
    }

    [Fact]
    public void Three_hundred_simulated_children_are_found_without_bias()
    {
        var chance = new SeededChance(11);
        var errors = new List<double>();
        var covered = 0;
        for (var child = 0; child < 300; child++)
        {
            const int Age = 48;
            var theta = AgeScale.Of(Age) + (8 * Gauss(chance));
            var belief = AbilityBelief.FromAge();
            for (var seen = 0; seen < 12; seen++)
            {
                var step = (int)Math.Round(belief.MonthsLike(Age));
                belief = belief.After(Draw(chance, theta, step), step, Age);
            }

            errors.Add(AgeScale.Of(Age) + belief.Mean - theta);
            covered += Inside(belief, theta - AgeScale.Of(Age)) ? 1 : 0;
        }

        Math.Abs(errors.Average()).ShouldBeLessThan(0.7);
        Math.Sqrt(errors.Average(e => e * e)).ShouldBeLessThan(3.3);
        (covered / 300.0).ShouldBeInRange(0.85, 0.95);
    }

    private static HelpLevel Draw(SeededChance chance, double theta, int step)
    {
        var u = chance.NextDouble();
        foreach (var help in Enum.GetValues<HelpLevel>())
        {
            var atMost =
                help == HelpLevel.NotYet
                    ? 1
                    : 1
                        / (
                            1
                            + Math.Exp(
                                -(theta - AgeScale.Of(step) + GradedResponse.CutBelow(help)) / GradedResponse.Slope
                            )
                        );
            if (u < atMost)
            {
                return help;
            }
        }

        return HelpLevel.NotYet;
    }

    private static bool Inside(AbilityBelief belief, double delta) =>
        delta >= Quantile(belief, 0.05) && delta <= Quantile(belief, 0.95);

    /// <summary>A quantile of the belief, each bin spread evenly over its month.</summary>
    private static double Quantile(AbilityBelief belief, double share)
    {
        var sum = 0.0;
        for (var i = 0; i < belief.Weights.Count; i++)
        {
            if (sum + belief.Weights[i] >= share)
            {
                return i - AbilityBelief.Reach - 0.5 + ((share - sum) / belief.Weights[i]);
            }

            sum += belief.Weights[i];
        }

        return AbilityBelief.Reach;
    }

    private static double Gauss(SeededChance chance) =>
        Math.Sqrt(-2 * Math.Log(1 - chance.NextDouble())) * Math.Cos(2 * Math.PI * chance.NextDouble());
}
