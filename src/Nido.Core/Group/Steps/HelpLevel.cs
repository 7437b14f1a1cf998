namespace Nido.Core.Group.Steps;

/// <summary>Least to most help, as ordered categories of an observation.</summary>
public enum HelpLevel
{
    /// <summary>Did it alone.</summary>
    Alone,

    /// <summary>After it was shown or told.</summary>
    Shown,

    /// <summary>Started for the child, hand under hand or hand over hand.</summary>
    Hands,

    /// <summary>Not yet, with any help.</summary>
    NotYet,
}
