namespace Nido.Core.Cupboard;

/// <summary>A household or saved-up thing. Lengths in mm, masses in g, money in cents.</summary>
/// <param name="Id">Kebab case.</param>
/// <param name="Name">Plural as it stands on a list.</param>
/// <param name="Shelf">Usual shelf.</param>
/// <param name="Unit">What it is counted in.</param>
/// <param name="Shape">Body it is measured as.</param>
/// <param name="Length">Longest side, mm; 0 where it has none.</param>
/// <param name="Width">Second side or diameter, mm.</param>
/// <param name="Height">Thickness, mm.</param>
/// <param name="Hole">Hole through it, mm; null for none.</param>
/// <param name="Opening">Inside opening of a container, mm; null for none.</param>
/// <param name="Mass">Grams a unit; null where unknown.</param>
/// <param name="Density">Bulk density g/mL of loose things.</param>
/// <param name="Tags">Properties from the closed list.</param>
/// <param name="Colours">Colours it comes in.</param>
/// <param name="Allergens">Ids of allergens it contains.</param>
/// <param name="Consumable">Used up, or back after its turnaround.</param>
/// <param name="TurnaroundMinutes">Until it can be used again.</param>
/// <param name="PackSize">Units in a pack; null where it is not sold.</param>
/// <param name="PackCents">Price of a pack.</param>
/// <param name="Parts">Parts that come off it; empty where it is of one piece.</param>
public sealed record Material(
    string Id,
    string Name,
    string Shelf,
    MaterialUnit Unit,
    Shape Shape,
    double Length,
    double Width,
    double Height,
    double? Hole,
    double? Opening,
    double? Mass,
    double? Density,
    IReadOnlySet<string> Tags,
    IReadOnlyList<string> Colours,
    IReadOnlyList<string> Allergens,
    bool Consumable,
    int TurnaroundMinutes,
    double? PackSize,
    int? PackCents,
    IReadOnlyList<Part> Parts
)
{
    /// <summary>A material is its id: two are the same where their ids are.</summary>
    public bool Equals(Material? other) => other is not null && other.Id == Id;

    /// <inheritdoc />
    public override int GetHashCode() => Id.GetHashCode(StringComparison.Ordinal);

    /// <summary>What it can do as a tool or a part, beyond its size.</summary>
    public Fitting Fitting { get; init; } = Fitting.None;

    /// <summary>Ids of allergens it may hold though it should not: oats and wheat.</summary>
    public IReadOnlyList<string> MayContain { get; init; } = [];

    /// <summary>Ids of allergens that were in it: a carton of nut drink, an egg box.</summary>
    public IReadOnlyList<string> Held { get; init; } = [];

    /// <summary>The cord on it or that it is; null where there is none.</summary>
    public Cord? Cord { get; init; }

    /// <summary>Grams of a substance in a unit of it, where much of it harms: salt, baking-soda, cream-of-tartar, soap,
    /// hand-gel.</summary>
    public IReadOnlyDictionary<string, double> Grams { get; init; } = new Dictionary<string, double>();

    /// <summary>Days until it has gone off, counted from the day it came or was made; null where it keeps.</summary>
    public int? KeepsDays { get; init; }

    /// <summary>Share of each colour in a mixed pack, together 1; empty where a pack is of one colour.</summary>
    public IReadOnlyDictionary<string, double> PackShares { get; init; } = new Dictionary<string, double>();

    /// <summary>Whether it can be bought.</summary>
    public bool IsSold => PackSize is > 0 && PackCents is not null;

    /// <summary>Its outer form.</summary>
    public Body Body => new(Shape, Length, Width, Height);

    /// <summary>Whether it is counted, so that single pieces of it can be picked up.</summary>
    public bool IsCounted => Unit is MaterialUnit.Piece or MaterialUnit.Sheet;

    /// <summary>Size in words.</summary>
    public Said SizeInWords => Shape == Shape.Loose && Density is { } d ? $"loose, {d:0.##} g a mL" : Body.InWords;
}
