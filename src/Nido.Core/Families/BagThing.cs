namespace Nido.Core.Families;

/// <summary>Something in a bag for home.</summary>
/// <param name="Id">Id of the material, or of the kind of sheet.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Count">How many.</param>
/// <param name="ComesBack">It is lent; else it is used up or kept.</param>
public sealed record BagThing(string Id, InBoth Name, int Count, bool ComesBack)
{
    /// <summary>How many came back; null before anybody looked.</summary>
    public int? Back { get; init; }

    /// <summary>How many are missing of what was lent; 0 before anybody looked.</summary>
    public int Missing => ComesBack && Back is { } back ? Math.Max(0, Count - back) : 0;
}
