namespace Nido.Core.Ideas.Ways;

/// <summary>When a cue is read.</summary>
public enum CueAt
{
    /// <summary>While it is shown.</summary>
    Show,

    /// <summary>While it is done.</summary>
    Do,

    /// <summary>About grip and posture.</summary>
    Hands,

    /// <summary>Before helping.</summary>
    Help,

    /// <summary>When work is noticed.</summary>
    Notice,
}
