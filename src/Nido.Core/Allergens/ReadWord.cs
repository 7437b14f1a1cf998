namespace Nido.Core.Allergens;

/// <summary>A word or phrase somebody wrote, and what it was read as.</summary>
/// <param name="Word">As it was written.</param>
/// <param name="Allergens">Ids of the allergens it stands for; more than one where it is wide ("nuts"); empty where it
/// is unknown.</param>
/// <param name="DidYouMean">Ids of allergens one of whose names is so near that it may be meant; only where it is
/// unknown.</param>
public sealed record ReadWord(string Word, IReadOnlyList<string> Allergens, IReadOnlyList<string> DidYouMean)
{
    /// <summary>Nido cannot watch for it.</summary>
    public bool IsUnknown => Allergens.Count == 0;
}
