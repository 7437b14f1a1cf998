namespace Nido.Core.Ideas;

/// <summary>For whom a role's quantity counts.</summary>
public enum Per
{
    /// <summary>Each child at the step.</summary>
    Child,

    /// <summary>Each two children, rounded up.</summary>
    Pair,

    /// <summary>Once where the idea lies out.</summary>
    Station,
}
