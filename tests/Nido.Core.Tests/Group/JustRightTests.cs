using FsCheck.Xunit;
using Nido.Core.Group.Steps;

namespace Nido.Core.Tests.Group;

public class JustRightTests
{
    private static readonly LadderStep[] Steps =
    [
        .. new[] { 20, 30, 40, 50, 60 }.Select(
            (b, i) =>
                new LadderStep(
                    i + 1,
                    InBoth.Same($"step {i + 1}"),
                    b,
                    InBoth.Same(""),
                    InBoth.Same(""),
                    InBoth.Same(""),
                    "common practice"
                )
        ),
    ];

    [Theory]
    [InlineData(0.55, 1.0)]
    [InlineData(0.90, 1.0)]
    [InlineData(0.945, 0.675)]
    [InlineData(0.99, 0.35)]
    [InlineData(0.999, 0.35)]
    public void Fit_is_one_where_it_is_just_right_and_falls_where_it_is_too_easy(double alone, double fit) =>
        JustRight.Fit(alone, alone, 1).ShouldBe(fit, 1e-9);

    [Fact]
    public void With_help_a_step_counts_four_fifths_of_the_chance()
    {
        JustRight.Fit(0.4, 0.6, 0.8).ShouldBe(0.48, 1e-9);
        JustRight.Fit(0.1, 0.29, 0.29).ShouldBe(0);
        JustRight.Fit(0.1, 0.31, 0.31).ShouldBe(0.248, 1e-9);
    }

    [Fact]
    public void The_highest_step_that_goes_alone_is_offered()
    {
        var offer = JustRight.Offer(AbilityBelief.FromAge(), 45, Steps)!;
        offer.Step.ShouldBe(3);
        offer.Help.ShouldBe(HelpLevel.Alone);
        offer.Fit.ShouldBe(1);
        offer.Trace.ShouldNotBeEmpty();
        (offer with { ChosenStep = offer.Step }).Trace[0].ShouldContain("was chosen by an adult");
        (offer with { ChosenStep = offer.Step + 1 })
            .Trace[0]
            .ShouldContain($"An adult chose step {offer.Step + 1}, which may not lie out here");
    }

    [Fact]
    public void Where_no_step_goes_alone_the_lowest_is_offered_with_the_least_help_that_does()
    {
        var offer = JustRight.Offer(AbilityBelief.FromAge(), 19, Steps)!;
        offer.Step.ShouldBe(1);
        offer.Help.ShouldBe(HelpLevel.Shown);
        offer.WithHelp.ShouldBeGreaterThanOrEqualTo(0.55);
    }

    [Fact]
    public void A_step_that_is_not_allowed_does_not_exist()
    {
        JustRight.Offer(AbilityBelief.FromAge(), 45, [])?.ShouldBeNull();
        JustRight.Offer(AbilityBelief.FromAge(), 45, Steps.Take(2))!.Step.ShouldBe(2);
        JustRight.Offer(AbilityBelief.FromAge(), 20, Steps.Skip(4))!.Fit.ShouldBe(0);
    }

    [Property]
    public bool An_older_child_is_never_offered_a_lower_step(byte age)
    {
        var months = 12 + (age % 60);
        var prior = AbilityBelief.FromAge();
        return JustRight.Offer(prior, months + 1, Steps)!.Step >= JustRight.Offer(prior, months, Steps)!.Step;
    }

    [Property]
    public bool Fit_is_between_zero_and_one(byte a, byte b, byte c)
    {
        var sorted = new[] { a / 255.0, b / 255.0, c / 255.0 }.Order().ToArray();
        return JustRight.Fit(sorted[0], sorted[1], sorted[2]) is >= 0 and <= 1;
    }
}
