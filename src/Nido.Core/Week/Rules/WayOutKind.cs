namespace Nido.Core.Week.Rules;

/// <summary>What a way out does to the week.</summary>
public enum WayOutKind
{
    /// <summary>Another idea in the place.</summary>
    Swap,

    /// <summary>The idea changes places with one of another day.</summary>
    Move,

    /// <summary>The offer is closed and its children join the others of the block.</summary>
    Join,

    /// <summary>The place is emptied.</summary>
    TakeOut,

    /// <summary>An adult who is there at other times is asked for this one.</summary>
    AskAdult,

    /// <summary>A named adult lifts the rule with a reason.</summary>
    Override,
}
