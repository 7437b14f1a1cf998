using FsCheck.Xunit;
using Nido.Core.Ideas;

namespace Nido.Core.Tests.Ideas;

public class QuantityRuleTests
{
    [Theory]
    [InlineData("6", 4, 6)]
    [InlineData("count", 4, 4)]
    [InlineData("2 x count", 4, 8)]
    [InlineData("sum to count", 5, 15)]
    [InlineData("letters in name", 1, 3)]
    public void Rules(string text, int stepCount, double amount) =>
        QuantityRule.Parse(text)!.For(stepCount, "Zoë").ShouldBe(amount);

    [Theory]
    [InlineData("")]
    [InlineData("many")]
    [InlineData("0")]
    [InlineData("-3")]
    [InlineData("x count")]
    public void What_is_no_rule(string text) => QuantityRule.Parse(text).ShouldBeNull();

    [Theory]
    [InlineData("Zoë", 3)]
    [InlineData("Zoe\u0308", 3)]
    [InlineData("Ann-Lou", 6)]
    [InlineData("N'Dri Iñaki", 9)]
    public void Letters_of_a_name_are_counted_without_signs(string name, int letters) =>
        QuantityRule.LettersIn(name).ShouldBe(letters);

    // Triangular numbers: 1 + … + n = n(n + 1)/2.
    [Property]
    public bool Filling_to_a_number_takes_a_triangular_number(byte n) =>
        QuantityRule.Parse("sum to count")!.For(n, "").Equals(Enumerable.Range(0, n + 1).Sum());
}
