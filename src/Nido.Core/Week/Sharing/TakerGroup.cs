namespace Nido.Core.Week.Sharing;

/// <summary>A placed idea, which can lie out in one of several variants.</summary>
public sealed record TakerGroup(IReadOnlyList<Variant> Variants);
