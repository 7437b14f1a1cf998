namespace Nido.Core.Safety;

/// <summary>What a safety rule asks.</summary>
public enum Severity
{
    /// <summary>Not for this child or this room.</summary>
    Block,

    /// <summary>A step only an adult does.</summary>
    AdultStep,

    /// <summary>An adult watches.</summary>
    Watch,

    /// <summary>Say it or check it before.</summary>
    Tell,
}
