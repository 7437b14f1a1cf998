using System.Text.RegularExpressions;

namespace Nido.Core.Ideas;

/// <summary>What a week is about. All texts are our own.</summary>
/// <param name="Id">Kebab case.</param>
/// <param name="Name">Title of the unit.</param>
/// <param name="Letter">Letter of the week, upper case.</param>
/// <param name="Sound">Its sound, between slashes.</param>
/// <param name="LetterWord">A word that begins with it.</param>
/// <param name="SecondLetter">Second letter.</param>
/// <param name="NumbersTo">Numbers from 1 to this.</param>
/// <param name="OlderNumbersTo">For the older ones.</param>
/// <param name="Shapes">Shapes of the week.</param>
/// <param name="Colours">Colours of the week.</param>
/// <param name="Slots">Words that fill the braces of titles and instructions.</param>
/// <param name="Words">At least 25.</param>
/// <param name="Story">A few sentences to tell.</param>
/// <param name="Rhyme">Lines of a counting rhyme.</param>
/// <param name="Questions">Questions to ask while doing.</param>
/// <param name="Greeting">Hello routine.</param>
/// <param name="Farewell">Goodbye routine.</param>
public sealed partial record Theme(
    string Id,
    InBoth Name,
    string Letter,
    string Sound,
    string LetterWord,
    string SecondLetter,
    int NumbersTo,
    int OlderNumbersTo,
    IReadOnlyList<string> Shapes,
    IReadOnlyList<string> Colours,
    IReadOnlyDictionary<string, SlotWord> Slots,
    IReadOnlyList<string> Words,
    InBoth Story,
    IReadOnlyList<InBoth> Rhyme,
    IReadOnlyList<InBoth> Questions,
    InBoth Greeting,
    InBoth Farewell
)
{
    /// <summary>Books to read.</summary>
    public IReadOnlyList<Book> Books { get; init; } = [];

    /// <summary>The story in five parts, one a day; empty where it is told at once.</summary>
    public IReadOnlyList<InBoth> StoryParts { get; init; } = [];

    /// <summary>Words to use while doing: squeeze, under, heavier.</summary>
    public IReadOnlyList<InBoth> Sayings { get; init; } = [];

    /// <summary>Id of a shipped picture for a word; a word left out has none.</summary>
    public IReadOnlyDictionary<string, string> Pictures { get; init; } = new Dictionary<string, string>();

    /// <summary>Greeting, farewell and story where the group keeps feasts: by the choice in celebrations (festive,
    /// faith).</summary>
    public IReadOnlyDictionary<string, Occasion> Occasions { get; init; } = new Dictionary<string, Occasion>();

    /// <summary>How words go with the letter where the dictionary does not know them: set by an adult.</summary>
    public IReadOnlyDictionary<string, Words.LetterFit> Fits { get; init; } = new Dictionary<string, Words.LetterFit>();

    /// <summary>Language of its words as a two-letter code.</summary>
    public string Language { get; init; } = "en";

    /// <summary>Its letter and words in other languages, by two-letter code; a theme of one's own has none.</summary>
    public IReadOnlyDictionary<string, ThemeLetters> Elsewhere { get; init; } = new Dictionary<string, ThemeLetters>();

    /// <summary>The theme for children who read in this language; as it is where it has no words in it. Read back in
    /// its first language it is itself again.</summary>
    /// <param name="language">A two-letter code.</param>
    public Theme ReadIn(string language) =>
        language != Language && Elsewhere.TryGetValue(language, out var own)
            ? this with
            {
                Letter = own.Letter,
                Sound = own.Sound,
                LetterWord = own.LetterWord,
                SecondLetter = own.SecondLetter,
                Words = own.Words,
                Language = language,
                Elsewhere = new Dictionary<string, ThemeLetters>(Elsewhere)
                {
                    [Language] = new(Letter, Sound, LetterWord, SecondLetter, Words),
                },
            }
            : this;

    /// <summary>The theme as a group keeps it: letters small where it says so, and feasts in its own way.</summary>
    /// <param name="smallLetters">The letter of the week is written small.</param>
    /// <param name="celebrations">The choice in celebrations.</param>
    public Theme As(bool smallLetters, string? celebrations)
    {
        var kept =
            celebrations is not null && Occasions.TryGetValue(celebrations, out var o)
                ? this with
                {
                    Greeting = o.Greeting,
                    Farewell = o.Farewell,
                    Story = o.Story,
                }
                : this;
        return smallLetters
            ? kept with
            {
                Letter = Letter.ToLowerInvariant(),
                SecondLetter = SecondLetter.ToLowerInvariant(),
            }
            : kept;
    }

    /// <summary>Work for the theme itself, before its first day.</summary>
    public IReadOnlyList<PrepNeed> Prep { get; init; } = [];

    /// <summary>
    /// The slots every theme fills. A capital in the braces (<c>{Smalls}</c>) capitalises the first letter.
    /// </summary>
    public static IReadOnlyList<string> RequiredSlots { get; } =
    [
        "small",
        "smalls",
        "flat",
        "flats",
        "long",
        "holder",
        "place",
        "who",
        "route",
        "vehicle",
        "load",
        "sheet",
        "mark",
        "call",
    ];

    /// <summary>The text with its braces filled from the theme, in both languages.</summary>
    public InBoth Fill(InBoth text)
    {
        ArgumentNullException.ThrowIfNull(text);
        return new(Filled(text.En, w => w.InEnglish), Filled(text.Es, w => w.InSpanish));
    }

    /// <summary>The braces of a text that no theme fills.</summary>
    public static IEnumerable<string> NotFilled(InBoth text)
    {
        ArgumentNullException.ThrowIfNull(text);
        string[] Known(IEnumerable<string> forms) =>
            [.. RequiredSlots.SelectMany(s => forms.Select(f => f + s)), .. OwnSlotNames];
        return Unknown(text.En, Known(SlotWord.EnglishForms)).Concat(Unknown(text.Es, Known(SlotWord.SpanishForms)));
    }

    private static IEnumerable<string> Unknown(string text, string[] known) =>
        Braces().Matches(text).Select(m => m.Groups[1].Value).Where(b => !known.Contains(Small(b)));

    private string Filled(string text, Func<SlotWord, Func<string, string?>> language) =>
        text.Contains('{', StringComparison.Ordinal)
            ? Braces()
                .Replace(
                    text,
                    m =>
                        Word(Small(m.Groups[1].Value), language) is not { } word ? m.Value
                        : char.IsUpper(m.Groups[1].Value[0]) ? Capital(word)
                        : word
                )
            : text;

    private string? Word(string brace, Func<SlotWord, Func<string, string?>> language) =>
        brace switch
        {
            "letter" => Letter,
            "sound" => Sound,
            "letterWord" => LetterWord,
            "top" => $"{NumbersTo}",
            "olderTop" => $"{OlderNumbersTo}",
            "shape" => Shapes[0],
            "a-shape" => SlotWord.Same(Shapes[0]).InEnglish("a-"),
            _ when Slots.TryGetValue(brace[(brace.IndexOf('-') + 1)..], out var slot) => language(slot)(
                brace[..(brace.IndexOf('-') + 1)]
            ),
            _ => null,
        };

    private static readonly string[] OwnSlotNames =
    [
        "letter",
        "sound",
        "letterWord",
        "top",
        "olderTop",
        "shape",
        "a-shape",
    ];

    private static string Small(string brace) => char.ToLowerInvariant(brace[0]) + brace[1..];

    private static string Capital(string word) => word.Length == 0 ? word : char.ToUpperInvariant(word[0]) + word[1..];

    [GeneratedRegex("""\{([A-Za-z][A-Za-z-]*)\}""")]
    private static partial Regex Braces();
}
