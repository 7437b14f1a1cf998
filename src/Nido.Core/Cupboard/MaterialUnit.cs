namespace Nido.Core.Cupboard;

/// <summary>What a material is counted in.</summary>
public enum MaterialUnit
{
    /// <summary>Single things.</summary>
    Piece,

    /// <summary>Flat sheets.</summary>
    Sheet,

    /// <summary>Mass in grams.</summary>
    Gram,

    /// <summary>Volume in millilitres.</summary>
    Millilitre,

    /// <summary>Length in metres.</summary>
    Metre,
}
