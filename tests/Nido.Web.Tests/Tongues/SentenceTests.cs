using Nido.Catalog;
using Nido.Core;

namespace Nido.Web.Tests.Tongues;

/// <summary>Core and the house say keys with values; every language has words for all of them, and for nothing
/// else.</summary>
public class SentenceTests
{
    private static readonly string[] Projects = ["Nido.Core", "Nido.Data", "Nido.Sheets", "Nido.Web"];

    private static readonly Lazy<Sentences.Found[]> Read = new(() =>
        [.. Projects.AsParallel().AsOrdered().Select(p => Sentences.In(Root, p))]
    );

    // Where words are data, not speech: the two tables of the sheets hold both languages side by side, the reading of
    // allergies its vocabulary, the finding of what was written its questions to SQLite, the theme of a house and the
    // samples of sheets begin as content a person overwrites.
    private static readonly string[] WordsAsData =
    [
        "src/Nido.Core/Paper/PaperWords.cs",
        "src/Nido.Core/Paper/LetterWords.cs",
        "src/Nido.Core/Families/BagWords.cs",
        "src/Nido.Core/Paper/Kinds/",
        "src/Nido.Core/Allergens/AllergenWords.cs",
        "src/Nido.Core/Ideas/OwnTheme.cs",
        "src/Nido.Core/Ideas/QuantityRule.cs",
        "src/Nido.Core/Week/Search/Solving.cs",
        "src/Nido.Data/Demo/",
        "src/Nido.Data/Formats/MaterialsCsv.cs",
        "src/Nido.Data/Backups/",
        "src/Nido.Data/WrittenDown.cs",
        "src/Nido.Web/Common/OwnHeaders.cs",
        "src/Nido.Web/OpenApi.cs",
        "src/Nido.Web/Program.cs",
    ];

    private static string Root
    {
        get
        {
            var folder = AppContext.BaseDirectory;
            while (!File.Exists(Path.Combine(folder, "Nido.slnx")))
            {
                folder = Path.GetDirectoryName(folder)!;
            }

            return folder;
        }
    }

    private static readonly Lazy<Tongue> Spanish = new(() => Content.Read(Path.Combine(Root, "content")).Tongue("es")!);

    [Fact]
    public void Every_sentence_has_its_spanish() =>
        Read
            .Value.SelectMany(f => f.Keys)
            .Where(k => Sentences.HasWords(k.Key) && !Spanish.Value.Knows(k.Key))
            .Select(k => $"{k.File}: {k.Key}")
            .ShouldBeEmpty("say them in content/tongues/es.yaml");

    [Fact]
    public void No_language_keeps_a_sentence_that_nobody_says()
    {
        var said = Read.Value.SelectMany(f => f.Keys).Select(k => k.Key).ToHashSet();
        Spanish.Value.Sentences.Where(s => !said.Contains(s)).ShouldBeEmpty("take them out of content/tongues/es.yaml");
    }

    [Fact]
    public void What_moves_on_a_ladder_and_where_its_ages_come_from_have_their_spanish() =>
        Content
            .Read(Path.Combine(Root, "content"))
            .Ladders.Values.SelectMany(l => l.Moves.Concat(l.Steps.Select(s => s.Source)))
            .Distinct()
            .Where(w => !Spanish.Value.Knows(w))
            .ShouldBeEmpty("say them under words in content/tongues/es.yaml");

    [Fact]
    public void Nothing_is_said_in_one_language_only() =>
        Read
            .Value.SelectMany(f => f.Spoken)
            .Where(s => !WordsAsData.Any(d => s.File.StartsWith(d, StringComparison.Ordinal)))
            .Select(s => $"{s.File}: {s.Key}")
            .ShouldBeEmpty("a sentence is a Said, not a string");

    // What a comparison, a file of data or a log is made of is English on purpose, and read by no teacher.
    private static readonly string[] EnglishOnPurpose =
    [
        "src/Nido.Core/InBoth.cs",
        // What an exception says to a log; the person is told its Said.
        "src/Nido.Core/Making/MakingException.cs",
        "src/Nido.Data/SiteException.cs",
        "src/Nido.Web/Common/NotHere.cs",
        "src/Nido.Web/Group/GroupBodies.cs",
        // At start there is no reader's language yet.
        "src/Nido.Web/Common/Faults.cs",
        // Files of data, the same in every language.
        "src/Nido.Data/Formats/MaterialsCsv.cs",
        "src/Nido.Data/Formats/UnitChange.cs",
        // An order that must not change with the reader.
        "src/Nido.Web/Journal/JournalReading.cs",
    ];

    [Fact]
    public void No_text_of_both_languages_falls_to_english_in_silence() =>
        Read
            .Value.SelectMany(f => f.Silent)
            .Where(s => !EnglishOnPurpose.Contains(s.File))
            .Select(s => $"{s.File}: {s.Key}")
            .ShouldBeEmpty("speak it: a Said, NameIn or PaperWords.Of");

    [Theory]
    [InlineData(1, "1,5 mm", "Hay 1 hoja")]
    [InlineData(3, "1,5 mm", "Hay 3 hojas")]
    public void Numbers_and_their_words_follow_the_language(int count, string size, string many)
    {
        var tongue = Tongue.Spanish(
            new Dictionary<string, string>
            {
                ["There {0:is|are} {1} {2:sheet|sheets}"] = "{0:Hay|Hay} {1} {2:hoja|hojas}",
            }
        );
        tongue.Speak($"{1.5:0.#} mm").ShouldBe(size);
        tongue.Speak($"There {count:is|are} {count} {count:sheet|sheets}").ShouldBe(many);
    }

    [Theory]
    [InlineData("oil, milk and egg", "oil, milk y egg", "oil", "milk", "egg")]
    [InlineData("oil and iris", "oil e iris", "oil", "iris")]
    [InlineData("oil and hielo", "oil y hielo", "oil", "hielo")]
    [InlineData("oil", "oil", "oil")]
    public void A_list_ends_as_the_language_ends_it(string english, string spanish, params string[] things)
    {
        Said said = $"{things:and}";
        said.ToString().ShouldBe(english);
        Tongue.Spanish(new Dictionary<string, string>()).Speak(said).ShouldBe(spanish);
    }

    [Fact]
    public void A_name_with_braces_is_said_as_it_is_and_a_key_with_braces_too()
    {
        var name = "{0} {{x}}";
        Said said = $"{name} is {{here}}";
        said.ToString().ShouldBe("{0} {{x}} is {here}");
        Said.Word("a {word}").ToString().ShouldBe("a {word}");
    }

    [Fact]
    public void A_list_is_taken_as_it_was_when_it_was_said()
    {
        var list = new List<string> { "a" };
        Said said = $"{list}";
        list.Add("b");
        said.ToString().ShouldBe("a");
    }
}
