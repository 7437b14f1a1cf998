namespace Nido.Core.Week.Problem;

/// <summary>The colour a week is marked with, on the board, in the list of weeks and on the wall.</summary>
public enum WeekColour
{
    /// <summary>None of its own.</summary>
    Plain,

    /// <summary>Red-brown.</summary>
    Clay,

    /// <summary>Yellow.</summary>
    Honey,

    /// <summary>Green.</summary>
    Fern,

    /// <summary>Blue-green.</summary>
    Pond,

    /// <summary>Violet.</summary>
    Plum,
}
