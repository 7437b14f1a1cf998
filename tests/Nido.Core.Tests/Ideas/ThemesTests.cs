using Nido.Core.Ideas;
using Nido.Core.Words;

namespace Nido.Core.Tests.Ideas;

/// <summary>Themes of the catalogue: a year of them, their words true to their sounds, whole in both languages.</summary>
public class ThemesTests
{
    public static TheoryData<string> All => [.. Published.Content.Themes.Select(t => t.Id)];

    [Fact]
    public void A_year_need_not_repeat_one() => Published.Content.Themes.Count.ShouldBeGreaterThanOrEqualTo(24);

    /// <summary>Sounds are those of the CMU Pronouncing Dictionary.</summary>
    [Theory]
    [MemberData(nameof(All))]
    public void Its_words_say_its_letter(string id)
    {
        var theme = Published.Content.Theme(id)!;
        var sorted = WordSort.Of(theme.Words, theme.Letter[0], false, Published.Content.English.Find);
        sorted.First(s => s.Word == theme.LetterWord).Fit.ShouldBe(LetterFit.Clear);
        sorted.Count(s => s.Fit == LetterFit.Clear).ShouldBeGreaterThanOrEqualTo(5);
        sorted
            .Where(s => s.Word.StartsWith(theme.Letter, StringComparison.OrdinalIgnoreCase))
            .Where(s => s.Fit is LetterFit.OtherSound or LetterFit.Hidden or LetterFit.Unknown)
            .Select(s => s.Word)
            .ShouldBeEmpty();
    }

    /// <summary>Sounds are those of Spanish spelling, which tells them.</summary>
    [Theory]
    [MemberData(nameof(All))]
    public void Its_spanish_words_say_their_own_letter(string id)
    {
        var theme = Published.Content.Theme(id)!.ReadIn("es");
        theme.Language.ShouldBe("es");
        theme.Words.Count.ShouldBeGreaterThanOrEqualTo(25);
        theme.Words.ShouldBeUnique();
        var sorted = WordSort.Of(theme.Words, theme.Letter[0], true, SpanishSounds.Find);
        sorted.First(s => s.Word == theme.LetterWord).Fit.ShouldBe(LetterFit.Clear);
        sorted.Count(s => s.Fit == LetterFit.Clear).ShouldBeGreaterThanOrEqualTo(5);
        sorted
            .Where(s => s.Fit is LetterFit.OtherSound or LetterFit.Hidden or LetterFit.Unknown)
            .Select(s => s.Word)
            .ShouldBeEmpty();
        theme.Sound.Trim('/').ToUpperInvariant().ShouldBe(sorted.First(s => s.Word == theme.LetterWord).Said!.First);
        WordSort
            .Of(theme.Words, theme.SecondLetter[0], true, SpanishSounds.Find)
            .Count(s => s.Fit == LetterFit.Clear)
            .ShouldBeGreaterThanOrEqualTo(4);
    }

    [Theory]
    [MemberData(nameof(All))]
    public void Read_back_in_its_first_language_it_is_itself(string id)
    {
        var theme = Published.Content.Theme(id)!;
        (theme.ReadIn("es").ReadIn("en") with { Elsewhere = theme.Elsewhere }).ShouldBe(theme);
        theme.ReadIn("en").ShouldBeSameAs(theme);
        theme.ReadIn("xx").ShouldBeSameAs(theme);
    }

    [Theory]
    [MemberData(nameof(All))]
    public void Its_slots_have_gender_and_number_in_spanish(string id)
    {
        foreach (var (slot, word) in Published.Content.Theme(id)!.Slots.Where(s => s.Key != "call"))
        {
            var article = word.Es.Split(' ')[0];
            article.ShouldBeOneOf("el", "la", "los", "las");
            (article is "los" or "las").ShouldBe(slot is "smalls" or "flats", slot);
        }
    }

    [Theory]
    [MemberData(nameof(All))]
    public void It_is_whole_in_both_languages(string id)
    {
        var theme = Published.Content.Theme(id)!;
        theme.StoryParts.Count.ShouldBe(5);
        theme.Words.Count.ShouldBeGreaterThanOrEqualTo(25);
        theme.Words.ShouldBeUnique();
        theme.Rhyme.Count.ShouldBeGreaterThanOrEqualTo(4);
        InBoth[] texts =
        [
            theme.Name,
            theme.Story,
            theme.Greeting,
            theme.Farewell,
            .. theme.StoryParts,
            .. theme.Rhyme,
            .. theme.Questions,
            .. theme.Books.Select(b => b.Title),
        ];
        texts.ShouldAllBe(t => t.En.Length > 0 && t.Es.Length > 0 && t.En != t.Es);
    }
}
