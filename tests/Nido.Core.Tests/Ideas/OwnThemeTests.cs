using Nido.Core.Ideas;
using Nido.Core.Tests.Week;
using Nido.Core.Words;
using Nido.Data;

namespace Nido.Core.Tests.Ideas;

/// <summary>A teacher's own theme, and how its words, letters and numbers reach the children's steps.</summary>
public class OwnThemeTests
{
    private static readonly ThemeDraft Lighthouse = new(
        "The little lighthouse",
        "l",
        ["lamp", "ladder", "light", "boat", "knot", "stair", "chair", "fnerb"]
    )
    {
        NumbersTo = 4,
    };

    [Fact]
    public void A_name_a_letter_and_words_are_enough()
    {
        var theme = Made(Lighthouse);
        theme.Letter.ShouldBe("L");
        theme.LetterWord.ShouldBe("lamp");
        theme.SecondLetter.ShouldBe("B");
        theme.Sound.ShouldBe("/l/");
        Theme.RequiredSlots.ShouldAllBe(s => theme.Slots[s].En.Length > 0);
        foreach (var technique in Published.Content.Techniques)
        {
            theme.Fill(technique.Title).En.ShouldNotContain("{", Case.Sensitive, technique.Id);
            technique.Instructions.ShouldAllBe(i => !theme.Fill(i).En.Contains('{'));
        }
    }

    [Fact]
    public void The_rhyme_of_ours_has_the_sum_at_each_verse()
    {
        var rhyme = Made(Lighthouse).Rhyme;
        rhyme.Count.ShouldBe(3);
        for (var n = 1; n <= 3; n++)
        {
            rhyme[n - 1].ShouldContain($"{n} and 1 are {n + 1}");
        }

        Made(Lighthouse with { Rhyme = ["mine"] }).Rhyme.ShouldBe([InBoth.Same("mine")]);
    }

    [Fact]
    public void The_word_of_the_letter_does_not_mislead_where_another_is_there()
    {
        Made(new("K", "k", ["knight", "knot", "kite"])).LetterWord.ShouldBe("kite");
        Made(new("K", "k", ["knight", "knot"])).LetterWord.ShouldBe("knight");
    }

    [Fact]
    public void A_word_no_dictionary_knows_goes_as_an_adult_says()
    {
        Sorted(Lighthouse).Single(w => w.Word == "fnerb").Fit.ShouldBe(LetterFit.Unknown);
        Sorted(Lighthouse with { Fits = new Dictionary<string, LetterFit> { ["fnerb"] = LetterFit.NotThis } })
            .Single(w => w.Word == "fnerb")
            .Fit.ShouldBe(LetterFit.NotThis);
        // What the dictionary knows stays as it is.
        Sorted(Lighthouse with { Fits = new Dictionary<string, LetterFit> { ["knot"] = LetterFit.Clear } })
            .Single(w => w.Word == "knot")
            .Fit.ShouldBe(LetterFit.NotThis);
    }

    [Theory]
    [InlineData("sounds", 5, "1: ")]
    [InlineData("sounds", 6, "lamp, ladder, light")]
    [InlineData("letters", 2, "L: lamp")]
    [InlineData("letters", 6, "L and B: lamp")]
    [InlineData("rhyme", 6, "stair – chair")]
    [InlineData("blending", 2, "ladder")]
    [InlineData("count", 2, "numbers 1 to 3")]
    [InlineData("numerals", 5, "numbers 1 to 4")]
    [InlineData("numerals", 6, "numbers 1 to 10")]
    public void Words_letters_and_numbers_follow_the_step(string ladder, int step, string has) =>
        WordsForStep.Of(ladder, step, Sorted(Lighthouse), Made(Lighthouse))!.ShouldContain(has);

    [Fact]
    public void What_misleads_is_left_out_where_sounds_are_said_for_letters()
    {
        var draft = new ThemeDraft("K", "k", ["kite", "knight", "key"]);
        WordsForStep.Of("sounds", 8, Sorted(draft), Made(draft))!.ShouldBe("kite, key; leave out knight");
        WordsForStep.Of("scissors", 3, Sorted(draft), Made(draft)).ShouldBeNull();
    }

    [Fact]
    public void Spanish_words_are_sorted_by_rule()
    {
        var draft = new ThemeDraft("La cueva", "c", ["cueva", "cebolla", "chico", "casa"]) { Language = "es" };
        Sorted(draft)
            .Select(w => w.Fit)
            .ShouldBe([LetterFit.Clear, LetterFit.OtherSound, LetterFit.BlendOrDigraph, LetterFit.Clear]);
    }

    [Fact]
    public void It_composes_with_the_cupboard_like_any_other()
    {
        var input = WeekInputs.Of(Published.Content, Weeks.Six, Made(Lighthouse), Things.Monday, Things.Plenty);
        input.Ideas.Count.ShouldBeGreaterThan(100);
        input.Words.Value.Count.ShouldBe(8);
        input.Ideas.ShouldContain(i =>
            i.Title.Contains("lighthouse", StringComparison.OrdinalIgnoreCase) || i.Title.Contains("L")
        );
    }

    [Fact]
    public void One_begun_from_another_keeps_both_languages_where_nothing_was_changed()
    {
        OwnTheme.BegunFrom(Lighthouse, Published.Content.Themes).ShouldBeNull("its words are its own");
        OwnTheme.BegunFrom(Lighthouse, []).ShouldBeNull();
        foreach (var theme in Published.Content.Themes)
        {
            foreach (var language in (string[])["en", "es"])
            {
                var read = theme.ReadIn(language);
                var draft = new ThemeDraft(read.Name.NameIn(language), read.Letter, read.Words)
                {
                    Language = language,
                    Questions = [.. read.Questions.Select(q => q.NameIn(language)), "?"],
                };
                var from = OwnTheme.BegunFrom(draft, Published.Content.Themes);
                from.ShouldNotBeNull(theme.Id).Id.ShouldBe(theme.Id);
                var own = OwnTheme.Of("own", draft, Sorted(draft), from);
                own.Name.ShouldBe(theme.Name);
                own.Questions.ShouldBe([.. theme.Questions, InBoth.Same("?")]);
                own.ReadIn(language == "en" ? "es" : "en")
                    .Words.ShouldBe(theme.ReadIn(language == "en" ? "es" : "en").Words);
            }
        }
    }

    private static IReadOnlyList<WordSort.Sorted> Sorted(ThemeDraft draft) =>
        WeekInputs.Sorted(Published.Content, draft.Letter, draft.Words, draft.Language, draft.Fits);

    private static Theme Made(ThemeDraft draft) => OwnTheme.Of("own", draft, Sorted(draft));
}
