namespace Nido.Core.Journal;

/// <summary>How an idea went, in one of three taps.</summary>
public enum HowItWent
{
    /// <summary>With joy: again soon.</summary>
    WithJoy,

    /// <summary>All right.</summary>
    AllRight,

    /// <summary>Not for this group, or not so.</summary>
    NotSo,
}
