namespace Nido.Core.Group.Expecting;

/// <summary>How sure a librarian is of the headcount she expects.</summary>
public enum HowSure
{
    /// <summary>It is about that each time.</summary>
    Sure,

    /// <summary>Give or take a quarter.</summary>
    Roughly,

    /// <summary>A guess: it may be half or double.</summary>
    Guess,
}
