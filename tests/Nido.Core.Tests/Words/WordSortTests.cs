using Nido.Core.Words;

namespace Nido.Core.Tests.Words;

/// <summary>Sounds of the CMU Pronouncing Dictionary (shipped), and facts of Spanish spelling (common
/// practice).</summary>
public class WordSortTests
{
    private static readonly EnglishSounds English = Published.Content.English;

    [Theory]
    [InlineData("giraffe", "JH", 2)]
    [InlineData("gate", "G", 1)]
    [InlineData("knight", "N", 1)]
    [InlineData("phone", "F", 1)]
    [InlineData("ship", "SH", 1)]
    [InlineData("city", "S", 2)]
    [InlineData("xylophone", "Z", 3)]
    [InlineData("hour", "AW", 1)]
    [InlineData("Envelope", "EH", 3)]
    [InlineData("parcel", "P", 2)]
    public void English_words_as_they_are_said(string word, string first, int beats)
    {
        var said = English.Find(word)!;
        said.First.ShouldBe(first);
        if (word != "hour")
        {
            said.Syllables.ShouldBe(beats);
        }
    }

    [Theory]
    [InlineData("gate", 'g', LetterFit.Clear)]
    [InlineData("giraffe", 'g', LetterFit.OtherSound)]
    [InlineData("knight", 'k', LetterFit.Hidden)]
    [InlineData("ship", 's', LetterFit.BlendOrDigraph)]
    [InlineData("chair", 'c', LetterFit.BlendOrDigraph)]
    [InlineData("string", 's', LetterFit.BlendOrDigraph)]
    [InlineData("phone", 'p', LetterFit.BlendOrDigraph)]
    [InlineData("city", 's', LetterFit.OtherLetter)]
    [InlineData("city", 'c', LetterFit.OtherSound)]
    [InlineData("hour", 'h', LetterFit.Hidden)]
    [InlineData("wrist", 'w', LetterFit.Hidden)]
    [InlineData("house", 'H', LetterFit.Clear)]
    [InlineData("xylophone", 'x', LetterFit.OtherSound)]
    [InlineData("umbrella", 'u', LetterFit.Clear)]
    [InlineData("cat", 'd', LetterFit.NotThis)]
    [InlineData("zzyzxq", 'z', LetterFit.Unknown)]
    public void Words_for_a_letter(string word, char letter, LetterFit fit) =>
        WordSort.Fit(word, letter, English.Find(word), spanish: false).ShouldBe(fit);

    [Fact]
    public void What_rhymes_is_found_and_a_word_does_not_rhyme_with_itself()
    {
        var sorted = WordSort.Of(["van", "pan", "parcel", "light", "night"], 'p', spanish: false, English.Find);
        sorted.Single(s => s.Word == "van").Rhymes.ShouldBe(["pan"]);
        sorted.Single(s => s.Word == "light").Rhymes.ShouldBe(["night"]);
        sorted.Single(s => s.Word == "parcel").Rhymes.ShouldBeEmpty();
    }

    [Fact]
    public void Every_word_of_the_dictionary_is_found_by_halving_it()
    {
        // Each hundredth word, in the order of the file.
        using var file = new System.IO.Compression.BrotliStream(
            File.OpenRead(Path.Combine(Published.Root, "content/words/english.br")),
            System.IO.Compression.CompressionMode.Decompress
        );
        using var reader = new StreamReader(file);
        var (line, found) = (0, 0);
        while (reader.ReadLine() is { } text)
        {
            if (line++ % 100 == 0)
            {
                English.Find(text.Split(' ')[0])!.Sounds.Count.ShouldBe(text.Split(' ')[1].Length, text);
                found++;
            }
        }

        found.ShouldBeGreaterThan(1000);
        English.Find("").ShouldBeNull();
        English.Find("aaaa").ShouldBeNull();
        English.Find("zzzzz").ShouldBeNull();
    }

    [Fact]
    public void Most_theme_words_are_known()
    {
        foreach (var theme in Published.Content.Themes)
        {
            theme
                .Words.Count(w => English.Find(w) is not null)
                .ShouldBeGreaterThan((int)(0.9 * theme.Words.Count), theme.Id);
        }
    }

    [Theory]
    [InlineData("gato", "G", 2, "A T O")]
    [InlineData("gente", "J", 2, "E N T E")]
    [InlineData("jirafa", "J", 3, "A F A")]
    [InlineData("guitarra", "G", 3, "A RR A")]
    [InlineData("queso", "K", 2, "E S O")]
    [InlineData("cielo", "S", 2, "E L O")]
    [InlineData("casa", "K", 2, "A S A")]
    [InlineData("chaleco", "CH", 3, "E K O")]
    [InlineData("llave", "Y", 2, "A B E")]
    [InlineData("ñandú", "Ñ", 2, "U")]
    [InlineData("huevo", "W", 2, "E B O")]
    [InlineData("hola", "O", 2, "O L A")]
    [InlineData("avión", "A", 2, "O N")]
    [InlineData("día", "D", 2, "I A")]
    [InlineData("poeta", "P", 3, "E T A")]
    [InlineData("ciudad", "S", 2, "A D")]
    [InlineData("ratón", "RR", 2, "O N")]
    [InlineData("papel", "P", 2, "E L")]
    [InlineData("rey", "RR", 1, "E I")]
    [InlineData("búho", "B", 2, "U O")]
    public void Spanish_words_by_rule(string word, string first, int syllables, string rhyme)
    {
        var said = SpanishSounds.Find(word)!;
        (said.First, said.Syllables, said.RhymePart).ShouldBe((first, syllables, rhyme));
    }

    [Theory]
    [InlineData("gato", 'g', LetterFit.Clear)]
    [InlineData("gente", 'g', LetterFit.OtherSound)]
    [InlineData("hola", 'h', LetterFit.Hidden)]
    [InlineData("chaleco", 'c', LetterFit.BlendOrDigraph)]
    [InlineData("plato", 'p', LetterFit.BlendOrDigraph)]
    [InlineData("zapato", 's', LetterFit.OtherLetter)]
    [InlineData("árbol", 'a', LetterFit.Clear)]
    public void Spanish_words_for_a_letter(string word, char letter, LetterFit fit) =>
        WordSort.Fit(word, letter, SpanishSounds.Find(word), spanish: true).ShouldBe(fit);
}
