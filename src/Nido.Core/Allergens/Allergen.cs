namespace Nido.Core.Allergens;

/// <summary>Something a child can be allergic to, as the closed vocabulary knows it.</summary>
/// <param name="Id">Kebab case; the same in children, materials, recipes and files.</param>
/// <param name="Name">In English, as it is said on the screen.</param>
/// <param name="NameEs">In Spanish.</param>
/// <param name="Words">What families write for it, in English and Spanish: synonyms, kinds, conditions.</param>
/// <param name="Within">Id of the wider allergen it belongs to (almond in tree nuts), or null.</param>
/// <param name="Lists">Lists it stands on: eu-14, us-9, craft-room.</param>
/// <param name="Means">Where the word is wider than one allergen (nuts), the ids it stands for; empty
/// otherwise.</param>
/// <param name="Source">The list it comes from, or "common practice".</param>
public sealed record Allergen(
    string Id,
    string Name,
    string NameEs,
    IReadOnlyList<string> Words,
    string? Within,
    IReadOnlyList<string> Lists,
    IReadOnlyList<string> Means,
    string Source
) : INamed
{
    /// <summary>The fourteen of Regulation (EU) 1169/2011 Annex II.</summary>
    public const string EuropeanList = "eu-14";

    /// <summary>The nine major food allergens of the United States.</summary>
    public const string AmericanList = "us-9";

    /// <summary>What a craft room adds: latex, maize, oats, coconut, wool, stings, scents, plasters.</summary>
    public const string CraftRoomList = "craft-room";

    private const string OwnPrefix = "own:";

    /// <summary>The id under which a word nobody knows is watched once the house has said which materials hold
    /// it.</summary>
    public static string OwnId(string word) => OwnPrefix + AllergenWords.Key(word);

    /// <summary>Whether an id stands for such a word.</summary>
    public static bool IsOwn(string id)
    {
        ArgumentNullException.ThrowIfNull(id);
        return id.StartsWith(OwnPrefix, StringComparison.Ordinal);
    }

    /// <summary>The name in a language; English where it is not Spanish.</summary>
    public string NameIn(string language) => language == "es" ? NameEs : Name;
}
