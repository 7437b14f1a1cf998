using Nido.Core.Words;

namespace Nido.Core.Ideas;

/// <summary>Makes a whole theme of what a teacher wrote.</summary>
public static class OwnTheme
{
    private static readonly Dictionary<string, SlotWord> PlainSlots = new()
    {
        ["small"] = new("small thing", "la cosa pequeña"),
        ["smalls"] = new("small things", "las cosas pequeñas"),
        ["flat"] = new("card", "la tarjeta"),
        ["flats"] = new("cards", "las tarjetas"),
        ["long"] = new("string", "el cordel"),
        ["holder"] = new("box", "la caja"),
        ["place"] = new("workshop", "el taller"),
        ["who"] = new("helper", "el ayudante"),
        ["route"] = new("way", "el camino"),
        ["vehicle"] = new("cart", "el carro"),
        ["load"] = new("load", "la carga"),
        ["sheet"] = new("sheet", "la hoja"),
        ["mark"] = new("mark", "la marca"),
        ["call"] = new("Ready", "Listos"),
    };

    private static readonly InBoth[] UsualQuestions =
    [
        new("What will happen?", "¿Qué va a pasar?"),
        new("Which one works better?", "¿Cuál funciona mejor?"),
        new("Why did it tip?", "¿Por qué se volcó?"),
    ];

    /// <summary>The theme a draft was begun from, read in its language: the one most of its words are from; null where
    /// there is none.</summary>
    public static Theme? BegunFrom(ThemeDraft draft, IEnumerable<Theme> themes)
    {
        ArgumentNullException.ThrowIfNull(draft);
        return themes
            .Select(t => t.ReadIn(draft.Language))
            .Where(t => t.Language == draft.Language)
            .Select(t => (Theme: t, Shared: t.Words.Count(draft.Words.Contains)))
            .Where(t => 2 * t.Shared > t.Theme.Words.Count)
            .OrderByDescending(t => t.Shared)
            .Select(t => t.Theme)
            .FirstOrDefault();
    }

    /// <summary>The theme of a draft.</summary>
    /// <param name="id">Opaque.</param>
    /// <param name="draft">At least one word.</param>
    /// <param name="sorted">Its words, sorted for its letter.</param>
    /// <param name="from">The theme it was begun from: what was left as it was there keeps both languages; null where it
    /// was begun bare.</param>
    public static Theme Of(string id, ThemeDraft draft, IReadOnlyList<WordSort.Sorted> sorted, Theme? from = null)
    {
        ArgumentNullException.ThrowIfNull(draft);
        ArgumentNullException.ThrowIfNull(sorted);
        var letter = draft.Letter.Trim().ToUpperInvariant();
        var slots = Theme.RequiredSlots.ToDictionary(
            s => s,
            s =>
                draft.Slots.GetValueOrDefault(s)?.Trim() is not { Length: > 0 } own ? PlainSlots[s]
                : from?.Slots.GetValueOrDefault(s) is { } known && (known.En == own || known.Es == own) ? known
                : SlotWord.Same(own)
        );
        InBoth[] written = from is null
            ? []
            : [from.Name, from.Story, from.Greeting, from.Farewell, .. from.Rhyme, .. from.Questions, .. from.Sayings];
        InBoth Both(string text) => written.FirstOrDefault(t => t.En == text || t.Es == text) ?? InBoth.Same(text);
        // Said to the children as the word of the letter: none that misleads, where there is another.
        var letterWord = (
            sorted.FirstOrDefault(s => s.Fit == LetterFit.Clear)
            ?? sorted.FirstOrDefault(s => s.Fit == LetterFit.BlendOrDigraph)
            ?? sorted[0]
        ).Word;
        var second = draft.SecondLetter.Trim().ToUpperInvariant() is { Length: > 0 } set
            ? set
            : sorted.Select(s => s.Word[..1].ToUpperInvariant()).FirstOrDefault(l => l != letter) ?? letter;
        return new(
            id,
            Both(draft.Name.Trim()),
            letter,
            $"/{letter.ToLowerInvariant()}/",
            letterWord,
            second,
            draft.NumbersTo,
            draft.OlderNumbersTo,
            draft.Shapes.Count > 0 ? draft.Shapes : ["circle"],
            draft.Colours.Count > 0 ? draft.Colours : ["red"],
            slots,
            draft.Words,
            Both(draft.Story.Trim()),
            draft.Rhyme.Count > 0
                ? [.. draft.Rhyme.Select(Both)]
                : CountingRhyme(slots["small"], slots["smalls"], draft.NumbersTo),
            draft.Questions.Count > 0 ? [.. draft.Questions.Select(Both)] : UsualQuestions,
            draft.Greeting.Trim() is { Length: > 0 } hello
                ? Both(hello)
                : new(
                    $"Each child finds a {slots["flat"].En} with their name and says good morning to the one beside them.",
                    "Cada uno encuentra su nombre y saluda a quien tiene al lado."
                ),
            draft.Farewell.Trim() is { Length: > 0 } bye
                ? Both(bye)
                : new(
                    $"Each puts one {slots["small"].En} into the {slots["holder"].En} and says goodbye.",
                    "Cada uno guarda una cosa y se despide."
                )
        )
        {
            Language = draft.Language,
            Elsewhere = from is null
                ? new Dictionary<string, ThemeLetters>()
                : from.Elsewhere.Where(e => e.Key != draft.Language).ToDictionary(e => e.Key, e => e.Value),
            Books = draft.Books,
            Sayings = [.. draft.Sayings.Select(Both)],
            Pictures = draft.Pictures,
            Fits = draft.Fits,
            Prep =
            [
                new(
                    new(
                        $"Write {draft.Words.Count} words of the week on cards, a picture on each",
                        $"Escribe {draft.Words.Count} palabras de la semana en tarjetas, con un dibujo en cada una"
                    ),
                    Math.Max(2, draft.Words.Count),
                    0,
                    false,
                    []
                )
                {
                    Kind = "print",
                },
            ],
        };
    }

    /// <summary>A counting rhyme with the sum at each verse.</summary>
    /// <param name="small">One of what is counted.</param>
    /// <param name="smalls">Several of them.</param>
    /// <param name="to">Counts up to this, 2–20.</param>
    public static IReadOnlyList<InBoth> CountingRhyme(SlotWord small, SlotWord smalls, int to)
    {
        ArgumentNullException.ThrowIfNull(small);
        ArgumentNullException.ThrowIfNull(smalls);
        return
        [
            .. Enumerable
                .Range(1, Math.Clamp(to, 2, 20) - 1)
                .Select(n =>
                {
                    var what = n == 1 ? small : smalls;
                    return new InBoth(
                        $"{n} {what.En} by the door, in comes one and there is one more: {n} and 1 are {n + 1}.",
                        $"{n} {what.InSpanish("")} junto a la puerta, entra otra vez y suma sin más: {n} y 1 son {n + 1}."
                    );
                }),
        ];
    }
}
