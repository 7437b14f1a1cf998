using FsCheck.Xunit;
using Nido.Core.Group.Steps;

namespace Nido.Core.Tests.Group;

public class GradedResponseTests
{
    private static readonly HelpLevel[] Levels = Enum.GetValues<HelpLevel>();

    [Property]
    public bool The_four_levels_sum_to_one(short theta, byte typical) =>
        Math.Abs(Levels.Sum(h => GradedResponse.Exactly(h, theta % 150, typical % 97)) - 1) < 1e-12;

    [Property]
    public bool More_help_is_never_less_likely_to_be_enough(short theta, byte typical) =>
        Levels
            .Zip(Levels.Skip(1))
            .All(p =>
                GradedResponse.AtMost(p.First, theta % 150, typical % 97)
                <= GradedResponse.AtMost(p.Second, theta % 150, typical % 97)
            );

    // Rasch (1960): at b the chance is one half; one slope above it 1/(1+e⁻¹) = 0.731.
    [Theory]
    [InlineData(40, 40, 0.5)]
    [InlineData(45, 40, 0.731059)]
    [InlineData(35, 40, 0.268941)]
    public void Alone_follows_the_logistic(int theta, int typical, double chance) =>
        GradedResponse.AtMost(HelpLevel.Alone, theta, typical).ShouldBe(chance, 1e-6);

    [Fact]
    public void Shown_is_alone_five_months_easier_and_hands_ten()
    {
        GradedResponse.AtMost(HelpLevel.Shown, 40, 45).ShouldBe(GradedResponse.AtMost(HelpLevel.Alone, 40, 40), 1e-12);
        GradedResponse.AtMost(HelpLevel.Hands, 40, 50).ShouldBe(GradedResponse.AtMost(HelpLevel.Alone, 40, 40), 1e-12);
    }
}
