namespace Nido.Core.Group;

/// <summary>How groups are formed where stations rotate.</summary>
public enum Grouping
{
    /// <summary>Children at near steps together.</summary>
    NearSteps,

    /// <summary>Mixed, each younger child with an older one.</summary>
    Mixed,
}
