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
public sealed record Theme(
    string Id,
    string Name,
    string Letter,
    string Sound,
    string LetterWord,
    string SecondLetter,
    int NumbersTo,
    int OlderNumbersTo,
    IReadOnlyList<string> Shapes,
    IReadOnlyList<string> Colours,
    IReadOnlyDictionary<string, string> Slots,
    IReadOnlyList<string> Words,
    string Story,
    IReadOnlyList<string> Rhyme,
    IReadOnlyList<string> Questions,
    string Greeting,
    string Farewell
)
{
    /// <summary>Books to read.</summary>
    public IReadOnlyList<Book> Books { get; init; } = [];

    /// <summary>The story in five parts, one a day; empty where it is told at once.</summary>
    public IReadOnlyList<InBoth> StoryParts { get; init; } = [];

    /// <summary>Words to use while doing: squeeze, under, heavier.</summary>
    public IReadOnlyList<string> Sayings { get; init; } = [];

    /// <summary>Id of a shipped picture for a word; a word left out has none.</summary>
    public IReadOnlyDictionary<string, string> Pictures { get; init; } = new Dictionary<string, string>();

    /// <summary>Greeting, farewell and story where the group keeps feasts: by the choice in celebrations (festive,
    /// faith).</summary>
    public IReadOnlyDictionary<string, Occasion> Occasions { get; init; } = new Dictionary<string, Occasion>();

    /// <summary>How words go with the letter where the dictionary does not know them: set by an adult.</summary>
    public IReadOnlyDictionary<string, Words.LetterFit> Fits { get; init; } = new Dictionary<string, Words.LetterFit>();

    /// <summary>Language of its words as a two-letter code.</summary>
    public string Language { get; init; } = "en";

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

    /// <summary>The text with its braces filled from the theme.</summary>
    public string Fill(string text)
    {
        var filled = text;
        foreach (var (slot, word) in Slots.Concat(OwnSlots()))
        {
            filled = filled
                .Replace($"{{{slot}}}", word, StringComparison.Ordinal)
                .Replace($"{{{Capital(slot)}}}", Capital(word), StringComparison.Ordinal);
        }

        return filled;
    }

    private Dictionary<string, string> OwnSlots() =>
        new()
        {
            ["letter"] = Letter,
            ["sound"] = Sound,
            ["letterWord"] = LetterWord,
            ["top"] = $"{NumbersTo}",
            ["olderTop"] = $"{OlderNumbersTo}",
            ["shape"] = Shapes[0],
        };

    private static string Capital(string word) => word.Length == 0 ? word : char.ToUpperInvariant(word[0]) + word[1..];
}
