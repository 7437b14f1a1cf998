namespace Nido.Core.Ideas.Ways;

/// <summary>Something practitioners differ on: a setting of the group, of some also of a child. The first choice is
/// ours.</summary>
/// <param name="Id">Kebab case.</param>
/// <param name="Name">What it is about.</param>
/// <param name="OfChild">May be set for a child as well.</param>
/// <param name="Choices">Two or more.</param>
public sealed record Difference(string Id, InBoth Name, bool OfChild, IReadOnlyList<DifferenceChoice> Choices)
{
    /// <summary>Place in the list of settings.</summary>
    public int Order { get; init; }
}
