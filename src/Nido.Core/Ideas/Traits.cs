namespace Nido.Core.Ideas;

/// <summary>The closed list of what ways of working ask about techniques.</summary>
public static class Traits
{
    /// <summary>All of them.</summary>
    public static IReadOnlySet<string> All { get; } =
        new HashSet<string>
        {
            "sheet",
            "product",
            "race",
            "only-a-race",
            "standing",
            "floor",
            "guide-lines",
            "letters",
            "whole-arm",
            "base",
        };
}
