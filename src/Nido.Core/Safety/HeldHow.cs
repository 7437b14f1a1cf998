namespace Nido.Core.Safety;

/// <summary>How an allergen is in a thing.</summary>
public enum HeldHow
{
    /// <summary>It is in it.</summary>
    Contains,

    /// <summary>It may be in it though it should not.</summary>
    MayContain,

    /// <summary>It was in it before: traces stay.</summary>
    Held,
}
