namespace Nido.Core.Allergens;

/// <summary>What is stored of the words somebody wrote, at every place of entry alike.</summary>
public static class AllergyEntry
{
    /// <summary>Ids that are watched for, and words that are kept because nobody knows them. Nothing is
    /// dropped.</summary>
    /// <param name="book">The vocabulary.</param>
    /// <param name="written">Words as they came, ids among them.</param>
    /// <param name="kept">Words that were kept before; one that is known by now is read.</param>
    public static (IReadOnlyList<string> Allergens, IReadOnlyList<string> Unknown) Kept(
        AllergenBook book,
        IEnumerable<string>? written,
        IEnumerable<string>? kept
    )
    {
        ArgumentNullException.ThrowIfNull(book);
        var read = book.Read([.. written ?? [], .. kept ?? []]);
        return (read.Allergens, read.Unknown);
    }

    /// <summary>The question a near miss is asked back with, and the way out.</summary>
    public static Said DidYouMean(ReadWord near, AllergenBook book)
    {
        ArgumentNullException.ThrowIfNull(near);
        ArgumentNullException.ThrowIfNull(book);
        return $"\u201c{near.Word}\u201d is no allergen Nido knows. Did you mean "
            + $"{near.DidYouMean.Select(book.Called):or}? If so, write that; if not, keep the word "
            + $"among unknownAllergies and say which materials hold it.";
    }
}
