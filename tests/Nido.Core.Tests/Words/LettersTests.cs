using Nido.Core.Words;

namespace Nido.Core.Tests.Words;

/// <summary>Letters as Unicode puts them together (UAX #15, composition of Latin letters).</summary>
public class LettersTests
{
    [Theory]
    [InlineData("Zoë", "Z o ë")]
    [InlineData("Zoe\u0308", "Z o ë")]
    [InlineData("Ana-María O'Neil 3", "A n a M a r í a O N e i l")]
    [InlineData("Łukasz", "Ł u k a s z")]
    [InlineData("A\u030Asa", "Å s a")]
    [InlineData("Éc\u030Ca", "É č a")]
    [InlineData("Михаил", "М и х а и л")]
    [InlineData("さくら", "さ く ら")]
    [InlineData("123 -'", "")]
    public void One_for_each_letter_that_is_written(string name, string letters) =>
        string.Join(' ', Letters.Of(name)).ShouldBe(letters);

    [Theory]
    [InlineData("é", "e")]
    [InlineData("Ü", "U")]
    [InlineData("ç", "c")]
    [InlineData("ő", "o")]
    [InlineData("ñ", null)]
    [InlineData("Ñ", null)]
    [InlineData("a", null)]
    [InlineData("ø", null)]
    public void The_plain_letter_beneath_a_mark(string letter, string? plain) => Letters.Base(letter).ShouldBe(plain);

    [Fact]
    public void A_letter_typed_in_two_ways_is_the_same_letter()
    {
        foreach (
            var (apart, one) in new[]
            {
                ("e\u0301", "é"),
                ("n\u0303", "ñ"),
                ("s\u030C", "š"),
                ("Z\u0307", "Ż"),
                ("c\u0327", "ç"),
                ("u\u030B", "ű"),
                ("a\u0328", "ą"),
            }
        )
        {
            Letters.Of(apart).ShouldBe([one]);
            Letters.Of(one).ShouldBe([one]);
        }
    }

    [Fact]
    public void A_new_word_begins_after_a_break()
    {
        Letters.WithBreaks("Li Po").ShouldBe(["L", "i", null, "P", "o"]);
        Nido.Core.Making.NameSets.Of(new(["li-po"])).Sets["li-po"].ShouldBe(["L", "i", "P", "o"]);
    }
}
