namespace Nido.Core.Allergens;

/// <summary>What was understood of the words somebody wrote about a child's allergies. Nothing is dropped: a word is
/// read or it is unknown.</summary>
/// <param name="Words">Each part that was written, in its order.</param>
public sealed record AllergyReading(IReadOnlyList<ReadWord> Words)
{
    /// <summary>Ids of all allergens that were read, each once.</summary>
    public IReadOnlyList<string> Allergens => [.. Words.SelectMany(w => w.Allergens).Distinct()];

    /// <summary>Words that nothing is known of, as they were written, each once.</summary>
    public IReadOnlyList<string> Unknown =>
        [.. Words.Where(w => w.IsUnknown).Select(w => w.Word).DistinctBy(AllergenWords.Key)];

    /// <summary>Unknown words that are so near a known one that it may be meant.</summary>
    public IReadOnlyList<ReadWord> Asked => [.. Words.Where(w => w.IsUnknown && w.DidYouMean.Count > 0)];
}
