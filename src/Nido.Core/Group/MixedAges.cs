namespace Nido.Core.Group;

/// <summary>How a ratio is read for children of mixed ages.</summary>
public enum MixedAges
{
    /// <summary>Each child takes its own age's share of an adult; shares are added and rounded up.</summary>
    AddShares,

    /// <summary>Every child counts as the youngest.</summary>
    ByYoungest,
}
