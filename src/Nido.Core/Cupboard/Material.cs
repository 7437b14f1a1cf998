namespace Nido.Core.Cupboard;

/// <summary>A household or saved-up thing, made of small parts: its body, what is inside, what it weighs, what it holds,
/// how it keeps, how it is sold. Lengths in mm, masses in g, money in cents.</summary>
/// <param name="Id">Kebab case.</param>
/// <param name="Name">Plural as it stands on a list.</param>
/// <param name="Shelf">Usual shelf.</param>
/// <param name="Unit">What it is counted in.</param>
public sealed record Material(string Id, InBoth Name, string Shelf, MaterialUnit Unit)
{
    /// <summary>Its outer form.</summary>
    public required Body Body { get; init; }

    /// <summary>Properties from the closed list.</summary>
    public required IReadOnlySet<string> Tags { get; init; }

    /// <summary>Colours it comes in.</summary>
    public IReadOnlyList<string> Colours { get; init; } = [];

    /// <summary>What is open in it.</summary>
    public Hollow Hollow { get; init; } = Hollow.None;

    /// <summary>What it weighs.</summary>
    public Weight Weight { get; init; } = Weight.Unknown;

    /// <summary>What is in it that somebody may have to avoid.</summary>
    public Contents Contents { get; init; } = Contents.None;

    /// <summary>Whether it is used up, comes back, goes off.</summary>
    public Keeping Keeping { get; init; } = Keeping.ForGood;

    /// <summary>How it is sold; null where no shop has it.</summary>
    public Pack? Pack { get; init; }

    /// <summary>Parts that come off it; empty where it is of one piece.</summary>
    public IReadOnlyList<Part> Parts { get; init; } = [];

    /// <summary>The cord on it or that it is; null where there is none.</summary>
    public Cord? Cord { get; init; }

    /// <summary>What it can do as a tool or a part, beyond its size.</summary>
    public Fitting Fitting { get; init; } = Fitting.None;

    /// <inheritdoc cref="Body.Shape" />
    public Shape Shape => Body.Shape;

    /// <summary>Longest side, mm; 0 where it has none.</summary>
    public double Length => Body.Length;

    /// <summary>Second side or diameter, mm.</summary>
    public double Width => Body.Width;

    /// <summary>Thickness, mm.</summary>
    public double Height => Body.Height;

    /// <inheritdoc cref="Hollow.Hole" />
    public double? Hole => Hollow.Hole;

    /// <inheritdoc cref="Hollow.Opening" />
    public double? Opening => Hollow.Opening;

    /// <inheritdoc cref="Weight.Mass" />
    public double? Mass => Weight.Mass;

    /// <inheritdoc cref="Weight.Density" />
    public double? Density => Weight.Density;

    /// <inheritdoc cref="Contents.Allergens" />
    public IReadOnlyList<string> Allergens => Contents.Allergens;

    /// <inheritdoc cref="Contents.MayContain" />
    public IReadOnlyList<string> MayContain => Contents.MayContain;

    /// <inheritdoc cref="Contents.Held" />
    public IReadOnlyList<string> Held => Contents.Held;

    /// <inheritdoc cref="Contents.Grams" />
    public IReadOnlyDictionary<string, double> Grams => Contents.Grams;

    /// <inheritdoc cref="Keeping.Consumable" />
    public bool Consumable => Keeping.Consumable;

    /// <inheritdoc cref="Keeping.TurnaroundMinutes" />
    public int TurnaroundMinutes => Keeping.TurnaroundMinutes;

    /// <inheritdoc cref="Keeping.Days" />
    public int? KeepsDays => Keeping.Days;

    /// <inheritdoc cref="Pack.Size" />
    public double? PackSize => Pack?.Size;

    /// <inheritdoc cref="Pack.Cents" />
    public int? PackCents => Pack?.Cents;

    /// <inheritdoc cref="Pack.Shares" />
    public IReadOnlyDictionary<string, double> PackShares => Pack?.Shares ?? Pack.OfOneColour;

    /// <summary>Whether it can be bought.</summary>
    public bool IsSold => Pack is { Size: > 0, Cents: not null };

    /// <summary>Whether it is counted, so that single pieces of it can be picked up.</summary>
    public bool IsCounted => Unit is MaterialUnit.Piece or MaterialUnit.Sheet;

    /// <summary>Size in words.</summary>
    public Said SizeInWords => Shape == Shape.Loose && Density is { } d ? $"loose, {d:0.##} g a mL" : Body.InWords;

    /// <summary>A material is its id: two are the same where their ids are.</summary>
    public bool Equals(Material? other) => other is not null && other.Id == Id;

    /// <inheritdoc />
    public override int GetHashCode() => Id.GetHashCode(StringComparison.Ordinal);
}

/// <summary>What is open in a thing.</summary>
/// <param name="Hole">Hole through it, mm; null for none.</param>
/// <param name="Opening">Inside opening of a container, mm; null for none.</param>
public sealed record Hollow(double? Hole, double? Opening)
{
    /// <summary>Nothing is open.</summary>
    public static Hollow None { get; } = new(null, null);
}

/// <summary>What a thing weighs.</summary>
/// <param name="Mass">Grams a unit; null where unknown.</param>
/// <param name="Density">Bulk density of loose things, g/mL; null where unknown.</param>
public sealed record Weight(double? Mass, double? Density)
{
    /// <summary>Nobody has weighed it.</summary>
    public static Weight Unknown { get; } = new(null, null);
}

/// <summary>What is in a thing that somebody may have to avoid.</summary>
public sealed record Contents
{
    /// <summary>Nothing is in it.</summary>
    public static Contents None { get; } = new();

    /// <summary>Ids of allergens it contains.</summary>
    public IReadOnlyList<string> Allergens { get; init; } = [];

    /// <summary>Ids of allergens it may hold though it should not: oats and wheat.</summary>
    public IReadOnlyList<string> MayContain { get; init; } = [];

    /// <summary>Ids of allergens that were in it: a carton of nut drink, an egg box.</summary>
    public IReadOnlyList<string> Held { get; init; } = [];

    /// <summary>Grams of a substance in a unit of it, where much of it harms: salt, baking-soda, cream-of-tartar, soap,
    /// hand-gel.</summary>
    public IReadOnlyDictionary<string, double> Grams { get; init; } = new Dictionary<string, double>();
}

/// <summary>Whether a thing is used up, comes back, goes off.</summary>
/// <param name="Consumable">Used up, or back after its turnaround.</param>
/// <param name="TurnaroundMinutes">Until it can be used again.</param>
/// <param name="Days">Days until it has gone off, counted from the day it came or was made; null where it
/// keeps.</param>
public sealed record Keeping(bool Consumable, int TurnaroundMinutes = 0, int? Days = null)
{
    /// <summary>It comes back at once and never goes off.</summary>
    public static Keeping ForGood { get; } = new(false);
}

/// <summary>How a thing is sold.</summary>
/// <param name="Size">Units in a pack; null where nobody says.</param>
/// <param name="Cents">Price of a pack; null where nobody says.</param>
public sealed record Pack(double? Size, int? Cents)
{
    /// <summary>No shares: a pack is of one colour.</summary>
    public static IReadOnlyDictionary<string, double> OfOneColour { get; } = new Dictionary<string, double>();

    /// <summary>Share of each colour in a mixed pack, together 1; empty where a pack is of one colour.</summary>
    public IReadOnlyDictionary<string, double> Shares { get; init; } = OfOneColour;
}
