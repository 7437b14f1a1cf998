namespace Nido.Core.Week.Change;

/// <summary>The one thing that is changed about a base on a day.</summary>
public enum RefreshKind
{
    /// <summary>Where it lies out.</summary>
    Place,

    /// <summary>A colour of the week comes to it.</summary>
    Colour,

    /// <summary>Other tools lie beside it.</summary>
    Tools,

    /// <summary>Small things to put in, on and under.</summary>
    LooseParts,

    /// <summary>A scent.</summary>
    Scent,
}
