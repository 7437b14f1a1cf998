namespace Nido.Core.Group;

/// <summary>What a child is given so that it can take part.</summary>
public enum Support
{
    /// <summary>A seat where others stand.</summary>
    Seat,

    /// <summary>Room and a level way for a walking frame.</summary>
    Frame,

    /// <summary>The adult's hand under the child's, never over it.</summary>
    HandUnderHand,

    /// <summary>The steps as pictures.</summary>
    PictureSteps,

    /// <summary>The words of the work in the language of the home.</summary>
    HomeWords,

    /// <summary>A quiet place at the edge.</summary>
    QuietPlace,

    /// <summary>Half as long again.</summary>
    MoreTime,
}
