namespace Nido.Core.Ideas;

/// <summary>A thing most homes have.</summary>
/// <param name="Id">Kebab case.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Contains">Ids of allergens in it.</param>
/// <param name="FromMonths">Age in months below which it stays in the cupboard; 0 where it suits everyone.</param>
public sealed record HomeThing(string Id, InBoth Name, IReadOnlyList<string> Contains, int FromMonths);
