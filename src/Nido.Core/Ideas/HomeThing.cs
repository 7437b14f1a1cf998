using Nido.Core.Cupboard;

namespace Nido.Core.Ideas;

/// <summary>A thing most homes have.</summary>
/// <param name="Id">Kebab case.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Like">The material it is like: safety rules judge it as that; null for what is large and whole, or no
/// thing at all.</param>
public sealed record HomeThing(string Id, InBoth Name, Material? Like)
{
    /// <summary>Id of the kind a family ticks; null where every home has it.</summary>
    public string? Kind { get; init; }

    /// <summary>What does the same work where it is not there; null where nothing does.</summary>
    public HomeThing? Instead { get; init; }
}

/// <summary>A kind of thing a family can tick.</summary>
/// <param name="Id">Kebab case.</param>
/// <param name="Name">As it is ticked.</param>
/// <param name="IsUsual">A home of which nobody said anything has it.</param>
public sealed record HomeKind(string Id, InBoth Name, bool IsUsual);
