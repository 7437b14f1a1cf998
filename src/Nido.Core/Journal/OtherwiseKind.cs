namespace Nido.Core.Journal;

/// <summary>How a block or an offer went otherwise than planned.</summary>
public enum OtherwiseKind
{
    /// <summary>It was not offered.</summary>
    LeftOut,

    /// <summary>It ended before its time.</summary>
    CutShort,

    /// <summary>It went on longer.</summary>
    Longer,

    /// <summary>Another idea lay there.</summary>
    Swapped,

    /// <summary>Something no idea covers took the time: a birthday, a fire drill.</summary>
    SomethingElse,
}
