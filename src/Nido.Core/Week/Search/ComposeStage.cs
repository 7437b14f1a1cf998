namespace Nido.Core.Week.Search;

/// <summary>Where a composition is.</summary>
public enum ComposeStage
{
    /// <summary>The first whole plan is there.</summary>
    First,

    /// <summary>Choosing what goes into the week.</summary>
    Choose,

    /// <summary>Placing it on days.</summary>
    Place,

    /// <summary>Making the shares fairer.</summary>
    Polish,

    /// <summary>Money, prep, theme and freshness, fair shares held.</summary>
    Wishes,

    /// <summary>All done.</summary>
    Done,
}
