using Nido.Core;
using Nido.Core.Ideas;

namespace Nido.Catalog;

/// <summary>Reads what a week is about.</summary>
internal static class ThemeReader
{
    /// <summary>The theme of a file.</summary>
    public static Theme Read(ContentFile f)
    {
        var numbers = f.Map("numbers", needed: true);
        var slots = f.Map("slots", needed: true);
        var occasions = f.Map("occasions");
        foreach (var missing in Theme.RequiredSlots.Where(s => !slots.Has(s)))
        {
            f.Refuse("slots", $"the slot `{missing}` is missing");
        }

        var theme = new Theme(
            f.Text("id"),
            f.Both("name"),
            f.Text("letter"),
            f.Text("sound"),
            f.Text("letter-word"),
            f.Text("second-letter"),
            numbers.Whole("to", 1, 20),
            numbers.Whole("older-to", 1, 100),
            f.Texts("shapes", least: 1),
            f.Texts("colours", least: 1),
            slots.Keys().ToDictionary(k => k, k => SlotOf(slots, k)),
            f.Texts("words", least: 25),
            f.Both("story"),
            f.Boths("rhyme", least: 2),
            f.Boths("questions", least: 2),
            f.Both("greeting"),
            f.Both("farewell")
        )
        {
            Prep = [.. f.Maps("prep").Select(PrepReader.Read)],
            Books = [.. f.Maps("books").Select(BookOf)],
            Elsewhere = new Dictionary<string, ThemeLetters> { ["es"] = LettersOf(f.Map("in-spanish", needed: true)) },
            Sayings = f.Boths("sayings"),
            // A word that means another thing here than the picture of its name shows: a seal on a letter is no animal.
            Pictures = f.Texts("without-picture").ToDictionary(w => w, _ => "none"),
            StoryParts = StoryOf(f),
            Occasions = occasions.Keys().ToDictionary(k => k, k => OccasionOf(occasions.Map(k, needed: true))),
        };
        if (theme.Pictures.Keys.Except(theme.Words).FirstOrDefault() is { } unknown)
        {
            f.Refuse("without-picture", $"`{unknown}` is not among the words");
        }

        numbers.NothingElse();
        return theme;
    }

    /// <summary>A letter and words of another language; the word for the letter is one of them.</summary>
    private static ThemeLetters LettersOf(ContentFile f)
    {
        var letters = new ThemeLetters(
            f.Text("letter"),
            f.Text("sound"),
            f.Text("letter-word"),
            f.Text("second-letter"),
            f.Texts("words", least: 25)
        );
        if (!letters.Words.Contains(letters.LetterWord))
        {
            f.Refuse("letter-word", $"`{letters.LetterWord}` is not among the words");
        }

        f.NothingElse();
        return letters;
    }

    /// <summary>Five parts, one for each day a full week has.</summary>
    private static IReadOnlyList<InBoth> StoryOf(ContentFile f)
    {
        var parts = f.Boths("story-parts");
        if (parts.Count != 5)
        {
            f.Refuse("story-parts", $"a story has five parts, one a day; this one {parts.Count}");
        }

        return parts;
    }

    private static Book BookOf(ContentFile f)
    {
        var book = new Book(
            f.Both("title"),
            f.Flag("on-shelf"),
            f.Whole("minutes", 1, 60),
            f.Has("instead") ? f.Both("instead") : InBoth.None
        );
        f.NothingElse();
        return book;
    }

    private static Occasion OccasionOf(ContentFile f)
    {
        var occasion = new Occasion(f.Both("greeting"), f.Both("farewell"), f.Both("story"));
        f.NothingElse();
        return occasion;
    }

    private static SlotWord SlotOf(ContentFile slots, string key)
    {
        var word = slots.Both(key);
        return new(word.En, word.Es);
    }
}
