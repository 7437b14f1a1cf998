namespace Nido.Core.Week.Search;

/// <summary>How a composition ended.</summary>
public enum ComposeEnd
{
    /// <summary>All its work is done; the same input gives the same plan.</summary>
    Finished,

    /// <summary>The teacher said good enough.</summary>
    StoppedByYou,

    /// <summary>The clock ran out first.</summary>
    StoppedByTheClock,
}
