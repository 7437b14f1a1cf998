using Nido.Core.Words;

namespace Nido.Core.Ideas;

/// <summary>A theme as a teacher writes it: a name, a letter and words are enough, the rest is filled in.</summary>
/// <param name="Name">Title of the unit.</param>
/// <param name="Letter">Letter of the week.</param>
/// <param name="Words">Words of the week, one or more.</param>
public sealed record ThemeDraft(string Name, string Letter, IReadOnlyList<string> Words)
{
    /// <summary>Language of the words as a two-letter code, en or es.</summary>
    public string Language { get; init; } = "en";

    /// <summary>Second letter; empty for the first letter of another word.</summary>
    public string SecondLetter { get; init; } = "";

    /// <summary>Numbers from 1 to this.</summary>
    public int NumbersTo { get; init; } = 5;

    /// <summary>For the older ones.</summary>
    public int OlderNumbersTo { get; init; } = 10;

    /// <summary>Shapes of the week.</summary>
    public IReadOnlyList<string> Shapes { get; init; } = [];

    /// <summary>Colours of the week.</summary>
    public IReadOnlyList<string> Colours { get; init; } = [];

    /// <summary>Words for titles and instructions, by slot; one left out is a plain word.</summary>
    public IReadOnlyDictionary<string, string> Slots { get; init; } = new Dictionary<string, string>();

    /// <summary>A few sentences to tell.</summary>
    public string Story { get; init; } = "";

    /// <summary>Lines of a counting rhyme; empty for one of ours, with the sum at each verse.</summary>
    public IReadOnlyList<string> Rhyme { get; init; } = [];

    /// <summary>Questions to ask while doing.</summary>
    public IReadOnlyList<string> Questions { get; init; } = [];

    /// <summary>Words to use while doing.</summary>
    public IReadOnlyList<string> Sayings { get; init; } = [];

    /// <summary>Hello routine.</summary>
    public string Greeting { get; init; } = "";

    /// <summary>Goodbye routine.</summary>
    public string Farewell { get; init; } = "";

    /// <summary>Books to read.</summary>
    public IReadOnlyList<Book> Books { get; init; } = [];

    /// <summary>Id of a shipped picture for a word.</summary>
    public IReadOnlyDictionary<string, string> Pictures { get; init; } = new Dictionary<string, string>();

    /// <summary>How words go with the letter where the dictionary does not know them: set by an adult.</summary>
    public IReadOnlyDictionary<string, LetterFit> Fits { get; init; } = new Dictionary<string, LetterFit>();
}
