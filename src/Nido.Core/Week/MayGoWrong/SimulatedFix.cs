namespace Nido.Core.Week.MayGoWrong;

/// <summary>One strip instead of another.</summary>
/// <param name="Slot">Where.</param>
/// <param name="Was">Title of what lies there.</param>
/// <param name="Now">Title of what would.</param>
/// <param name="Minutes">Minutes of the aim it gives the child more.</param>
public sealed record SimulatedFix(int Slot, InBoth Was, InBoth Now, double Minutes);
