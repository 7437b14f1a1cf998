using FsCheck.Xunit;
using Nido.Core.Group.Steps;

namespace Nido.Core.Tests.Group;

public class HelpMannerTests
{
    private static readonly LadderStep[] Steps =
    [
        .. new[] { 20, 28, 36, 44, 52 }.Select(
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

    [Fact]
    public void Each_manner_changes_what_is_offered_or_how_it_is_helped()
    {
        // A child of 19 months at a first step of 20: alone under 55%, shown over it.
        At(19, HelpManner.LeastThatWorks).Help.ShouldBe(HelpLevel.Shown);
        At(19, HelpManner.HandsAtOnce).Help.ShouldBe(HelpLevel.Hands);
        At(16, HelpManner.LeastThatWorks).Help.ShouldBe(HelpLevel.Hands);
        At(16, HelpManner.NoHands).Help.ShouldBe(HelpLevel.Shown);
        At(16, HelpManner.NoHands).Fit.ShouldBeLessThan(At(16, HelpManner.LeastThatWorks).Fit);
        At(40, HelpManner.EasierStep).Step.ShouldBeLessThan(At(40, HelpManner.LeastThatWorks).Step);
        At(40, HelpManner.EasierStep).Trace[0].ShouldContain("70%");
    }

    [Property]
    public bool An_easier_step_is_never_a_higher_one_and_always_likelier(byte months)
    {
        var age = 12 + (months % 60);
        var (usual, easier) = (At(age, HelpManner.LeastThatWorks), At(age, HelpManner.EasierStep));
        return easier.Step <= usual.Step && easier.Alone >= usual.Alone - 1e-12;
    }

    [Property]
    public bool No_hands_never_plans_hands(byte months) =>
        At(6 + (months % 70), HelpManner.NoHands).Help != HelpLevel.Hands;

    private static StepOffer At(int months, HelpManner manner) =>
        JustRight.Offer(AbilityBelief.FromAge(), months, Steps, manner)!;
}
