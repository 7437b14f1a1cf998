namespace Nido.Core.Ideas;

/// <summary>How tiring an idea is for small hands.</summary>
public enum HandLoad
{
    /// <summary>Talk, looking, moving the whole body.</summary>
    Light,

    /// <summary>Handling without force.</summary>
    Medium,

    /// <summary>Squeezing, cutting, writing.</summary>
    Heavy,
}
