namespace Nido.Core.Cupboard;

/// <summary>The body a material is measured as.</summary>
public enum Shape
{
    /// <summary>Length × width × height.</summary>
    Box,

    /// <summary>A ball; only the diameter counts.</summary>
    Sphere,

    /// <summary>Flat and round: diameter and height.</summary>
    Disc,

    /// <summary>Long and round: diameter and length.</summary>
    Rod,

    /// <summary>Poured, kneaded or cut: no body of its own.</summary>
    Loose,
}
