using Nido.Core.Ideas;

namespace Nido.Core.Tests.Ideas;

/// <summary>Words of a theme in the forms texts ask for. The grammar of articles is that of any school book.</summary>
public class SlotWordTests
{
    [Theory]
    [InlineData("parcel", "a parcel")]
    [InlineData("egg", "an egg")]
    [InlineData("order slip", "an order slip")]
    public void English_takes_the_article_its_first_letter_asks_for(string word, string with) =>
        SlotWord.Same(word).InEnglish("a-").ShouldBe(with);

    [Theory]
    [InlineData("el paquete", "paquete", "un paquete", "del paquete", "al paquete", "o")]
    [InlineData("la carta", "carta", "una carta", "de la carta", "a la carta", "a")]
    [InlineData("los sellos", "sellos", "unos sellos", "de los sellos", "a los sellos", "os")]
    [InlineData("las hojas", "hojas", "unas hojas", "de las hojas", "a las hojas", "as")]
    [InlineData("parcel", "parcel", "un parcel", "del parcel", "al parcel", "o")]
    public void Spanish_agrees_with_its_word(string es, string bare, string one, string of, string to, string end)
    {
        var word = new SlotWord("thing", es);
        word.InSpanish("").ShouldBe(bare);
        word.InSpanish("un-").ShouldBe(one);
        word.InSpanish("del-").ShouldBe(of);
        word.InSpanish("al-").ShouldBe(to);
        word.InSpanish("o-").ShouldBe(end);
    }

    [Fact]
    public void A_form_that_is_none_is_no_word()
    {
        SlotWord.Same("egg").InEnglish("el-").ShouldBeNull();
        SlotWord.Same("egg").InSpanish("a-").ShouldBeNull();
    }

    [Fact]
    public void A_text_is_filled_in_both_languages_and_keeps_its_capital()
    {
        var theme = Published.Content.Theme("little-post-office")!;
        theme
            .Fill(new("{A-small} to the {holder}", "{Un-small} {al-holder}, pequeñ{o-small}"))
            .ShouldBe(new InBoth("A parcel to the letter box", "Un paquete al buzón, pequeño"));
    }

    [Fact]
    public void No_text_of_the_catalogue_keeps_a_brace_with_any_theme()
    {
        foreach (var theme in Published.Content.Themes)
        {
            foreach (var technique in Published.Content.Techniques)
            {
                InBoth[] texts =
                [
                    technique.Title,
                    .. technique.Instructions,
                    .. technique.Prep.Select(p => p.What),
                    .. technique.Steps.SelectMany(s => (InBoth[])[s.Do, s.Say, s.Easier, s.Harder, s.Seen]),
                    .. technique.Home is { } home ? (InBoth[])[home.Do] : [],
                ];
                foreach (var text in texts.Select(theme.Fill))
                {
                    $"{text.En}{text.Es}".ShouldNotContain("{", Case.Sensitive, $"{theme.Id} {technique.Id}");
                }
            }
        }
    }

    /// <summary>A Spanish sentence that is an English one was forgotten; a few names and signs are alike.</summary>
    [Fact]
    public void Every_step_is_written_in_both_languages() =>
        Published
            .Content.Techniques.SelectMany(t => t.Steps)
            .SelectMany(s => (InBoth[])[s.Do, s.Say, s.Easier, s.Harder, s.Seen])
            .ShouldAllBe(t => t.En.Length > 0 && t.Es.Length > 0 && (t.En != t.Es || t.En.Length < 8));
}
