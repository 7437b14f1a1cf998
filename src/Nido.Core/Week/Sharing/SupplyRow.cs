namespace Nido.Core.Week.Sharing;

/// <summary>Moments whose takes add up, and units no longer good by then.</summary>
public sealed record SupplyRow(IReadOnlySet<int> Moments, double Lost);
