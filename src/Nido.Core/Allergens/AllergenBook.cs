namespace Nido.Core.Allergens;

/// <summary>
/// The closed vocabulary of allergens: the one place where a written word becomes something that is watched for, and
/// where
/// it is decided whether what a thing holds is what a child must not meet.
/// </summary>
public sealed class AllergenBook
{
    private const int LongestPhrase = 5;

    private readonly Dictionary<string, Allergen> byId;
    private readonly Dictionary<string, IReadOnlyList<string>> byWord = [];
    private readonly Dictionary<string, HashSet<string>> above = [];

    /// <summary>The vocabulary of these allergens. A word that stands in two of them belongs to the first.</summary>
    public AllergenBook(IReadOnlyList<Allergen> allergens)
    {
        ArgumentNullException.ThrowIfNull(allergens);
        All = allergens;
        byId = allergens.ToDictionary(a => a.Id);
        foreach (var allergen in allergens)
        {
            IReadOnlyList<string> stands = allergen.Means.Count > 0 ? allergen.Means : [allergen.Id];
            foreach (var word in WordsOf(allergen))
            {
                byWord.TryAdd(AllergenWords.Key(word), stands);
                byWord.TryAdd(string.Join(' ', AllergenWords.Inner(word)), stands);
            }

            var wider = new HashSet<string>();
            for (var up = allergen.Within; up is not null && wider.Add(up); up = byId.GetValueOrDefault(up)?.Within) { }

            above[allergen.Id] = wider;
        }

        Published =
        [
            .. allergens
                .Where(a => a.Lists.Contains(Allergen.EuropeanList) || a.Lists.Contains(Allergen.AmericanList))
                .Select(a => a.Id),
        ];
    }

    /// <summary>No vocabulary: every word is unknown.</summary>
    public static AllergenBook Empty { get; } = new([]);

    /// <summary>Every allergen, and the words that stand for several.</summary>
    public IReadOnlyList<Allergen> All { get; }

    /// <summary>Ids of those on the published lists of the European Union and the United States.</summary>
    public IReadOnlyList<string> Published { get; }

    /// <summary>The allergen with this id, or null.</summary>
    public Allergen? Find(string id) => byId.GetValueOrDefault(id);

    /// <summary>Whether an id can be watched for: one of the vocabulary that is no word for several, or a word of the
    /// house.</summary>
    public bool IsKnown(string id) => Find(id) is { Means.Count: 0 } || Allergen.IsOwn(id);

    /// <summary>Everything somebody may write for an allergen: its id, its names, its words.</summary>
    public static IEnumerable<string> WordsOf(Allergen allergen)
    {
        ArgumentNullException.ThrowIfNull(allergen);
        return [allergen.Id, allergen.Name, allergen.NameEs, .. allergen.Words];
    }

    /// <summary>An allergen as a sentence names it, in the reader's language; a word of the house as it was
    /// written.</summary>
    public Said Called(string id) => Find(id) is { } known ? $"{known}" : Said.Name(NameOf(id));

    /// <summary>The name of an allergen in a language; of a word of the house, the word.</summary>
    public string NameOf(string id, string language = "en") =>
        Find(id)?.NameIn(language) ?? (Allergen.IsOwn(id) ? id[Allergen.OwnId("").Length..] : id);

    /// <summary>
    /// Whether what a thing holds is kept from a child with an allergy: the same, a kind of it (almond for tree nuts),
    /// or a
    /// wider word that may be it (tree nuts, unnamed, for almond).
    /// </summary>
    public bool Meets(string allergy, string held) =>
        allergy == held
        || (above.TryGetValue(held, out var wider) && wider.Contains(allergy))
        || (above.TryGetValue(allergy, out var over) && over.Contains(held));

    /// <summary>Whether one allergen is another or a kind of it.</summary>
    public bool Covers(string wide, string narrow) =>
        wide == narrow || (above.TryGetValue(narrow, out var wider) && wider.Contains(wide));

    /// <summary>Whether an allergen stands on a published list, itself or as a kind of one that does.</summary>
    public bool IsPublished(string id) =>
        Published.Contains(id) || (above.TryGetValue(id, out var wider) && wider.Any(Published.Contains));

    /// <summary>Reads what was written about a child's allergies, one text or several.</summary>
    public AllergyReading Read(IEnumerable<string> texts)
    {
        ArgumentNullException.ThrowIfNull(texts);
        return new([
            .. texts.SelectMany(t =>
                AllergenWords.SaysNone(t) ? []
                : Whole(t) is { } whole ? [new ReadWord(t.Trim(), whole, [])]
                : AllergenWords.Parts(t).SelectMany(Part)
            ),
        ]);
    }

    /// <summary>As the other one, for one text.</summary>
    public AllergyReading Read(string text) => Read([text]);

    private IReadOnlyList<string>? Whole(string phrase) =>
        byWord.GetValueOrDefault(AllergenWords.Key(phrase))
        ?? byWord.GetValueOrDefault(string.Join(' ', AllergenWords.Inner(phrase)));

    private IEnumerable<ReadWord> Part(string part)
    {
        if (Whole(part) is { } whole)
        {
            return [new(part, whole, [])];
        }

        return AllergenWords.SaysNone(part) ? [] : Within(part);
    }

    /// <summary>Looks for known words in a phrase, the longest first; what is left of it and says something is
    /// unknown.</summary>
    private List<ReadWord> Within(string part)
    {
        var tokens = AllergenWords.Inner(part);
        var found = new List<string>();
        var left = new List<string>();
        for (var at = 0; at < tokens.Length; )
        {
            var length = Enumerable
                .Range(1, Math.Min(LongestPhrase, tokens.Length - at))
                .Reverse()
                .FirstOrDefault(n => byWord.ContainsKey(string.Join(' ', tokens[at..(at + n)])));
            if (length > 0)
            {
                found.AddRange(byWord[string.Join(' ', tokens[at..(at + length)])]);
            }
            else
            {
                left.Add(tokens[at]);
            }

            at += Math.Max(1, length);
        }

        if (found.Count == 0)
        {
            return [new(part, [], Near(tokens))];
        }

        string[] unread = [.. left.Where(t => !AllergenWords.IsDescribing(t) && !t.All(char.IsDigit))];
        return
        [
            new(part, [.. found.Distinct()], []),
            .. unread.Length == 0 ? (ReadWord[])[] : [new(string.Join(' ', unread), [], Near(unread))],
        ];
    }

    /// <summary>Allergens one of whose words is near what was written, as a whole or in one of its words; the nearest
    /// first.</summary>
    private string[] Near(string[] tokens)
    {
        string[] tries = [string.Join(' ', tokens), .. tokens.Where(t => !AllergenWords.IsDescribing(t))];
        return
        [
            .. byWord
                .SelectMany(w =>
                    tries
                        .Where(t => AllergenWords.IsNear(t, w.Key))
                        .Select(t => (w.Value, Apart: AllergenWords.Apart(t, w.Key), w.Key))
                )
                .OrderBy(x => x.Apart)
                .ThenBy(x => x.Key, StringComparer.Ordinal)
                .SelectMany(x => x.Value)
                .Distinct()
                .Take(3),
        ];
    }
}
