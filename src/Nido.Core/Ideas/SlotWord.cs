using System.Text.Json.Serialization;

namespace Nido.Core.Ideas;

/// <summary>A word a theme puts into texts, with what grammar asks for: "{a-small}" is "a parcel" or "an egg",
/// "{el-small}" is "el paquete" or "la carta".</summary>
/// <param name="En">English, without an article.</param>
/// <param name="Es">Spanish with its article where it has one: "el paquete", "las tarjetas"; from it come gender and
/// number.</param>
[JsonConverter(typeof(SlotWordJson))]
public sealed record SlotWord(string En, string Es)
{
    private static readonly Gender NotSaid = new("", "un ", "o");

    private static readonly Gender[] Genders =
    [
        new("el ", "un ", "o"),
        new("la ", "una ", "a"),
        new("los ", "unos ", "os"),
        new("las ", "unas ", "as"),
    ];

    /// <summary>What may stand before a slot in an English text.</summary>
    public static IReadOnlyList<string> EnglishForms { get; } = ["", "a-"];

    /// <summary>What may stand before a slot in a Spanish text: el, un, del, al with the word; o for the ending that
    /// agrees with it (pequeñ{o-small}).</summary>
    public static IReadOnlyList<string> SpanishForms { get; } = ["", "el-", "un-", "del-", "al-", "o-"];

    /// <summary>A word that is the same in both languages, because nobody said the other.</summary>
    public static SlotWord Same(string word) => new(word, word);

    /// <summary>The word in an English form; null for a form that is none.</summary>
    public string? InEnglish(string form) =>
        form switch
        {
            "" => En,
            "a-" => ("aeiou".Contains(char.ToLowerInvariant(En.FirstOrDefault(' '))) ? "an " : "a ") + En,
            _ => null,
        };

    /// <summary>The word in a Spanish form; null for a form that is none.</summary>
    public string? InSpanish(string form)
    {
        var (article, one, end) =
            Genders.FirstOrDefault(g => Es.StartsWith(g.Article, StringComparison.Ordinal)) ?? NotSaid;
        var word = Es[article.Length..];
        var definite = article.Length == 0 ? "el " : article;
        return form switch
        {
            "" => word,
            "el-" => definite + word,
            "un-" => one + word,
            "del-" => (definite == "el " ? "del " : "de " + definite) + word,
            "al-" => (definite == "el " ? "al " : "a " + definite) + word,
            "o-" => end,
            _ => null,
        };
    }

    private sealed record Gender(string Article, string One, string End);
}
