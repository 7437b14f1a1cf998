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

    /// <summary>The theme of a draft.</summary>
    /// <param name="id">Opaque.</param>
    /// <param name="draft">At least one word.</param>
    /// <param name="sorted">Its words, sorted for its letter.</param>
    public static Theme Of(string id, ThemeDraft draft, IReadOnlyList<WordSort.Sorted> sorted)
    {
        ArgumentNullException.ThrowIfNull(draft);
        ArgumentNullException.ThrowIfNull(sorted);
        var letter = draft.Letter.Trim().ToUpperInvariant();
        var slots = Theme.RequiredSlots.ToDictionary(
            s => s,
            s => draft.Slots.GetValueOrDefault(s) is { Length: > 0 } own ? SlotWord.Same(own.Trim()) : PlainSlots[s]
        );
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
            InBoth.Same(draft.Name.Trim()),
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
            InBoth.Same(draft.Story.Trim()),
            draft.Rhyme.Count > 0
                ? [.. draft.Rhyme.Select(InBoth.Same)]
                : CountingRhyme(slots["small"], slots["smalls"], draft.NumbersTo),
            draft.Questions.Count > 0 ? [.. draft.Questions.Select(InBoth.Same)] : UsualQuestions,
            draft.Greeting.Trim() is { Length: > 0 } hello
                ? InBoth.Same(hello)
                : new(
                    $"Each child finds a {slots["flat"].En} with their name and says good morning to the one beside them.",
                    "Cada uno encuentra su nombre y saluda a quien tiene al lado."
                ),
            draft.Farewell.Trim() is { Length: > 0 } bye
                ? InBoth.Same(bye)
                : new(
                    $"Each puts one {slots["small"].En} into the {slots["holder"].En} and says goodbye.",
                    "Cada uno guarda una cosa y se despide."
                )
        )
        {
            Language = draft.Language,
            Books = draft.Books,
            Sayings = [.. draft.Sayings.Select(InBoth.Same)],
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
