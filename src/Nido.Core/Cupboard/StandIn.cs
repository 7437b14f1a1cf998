namespace Nido.Core.Cupboard;

/// <summary>A material that can take a role, with how good it is and why.</summary>
/// <param name="Material">The material.</param>
/// <param name="Score">0–100.</param>
/// <param name="Reasons">What the score is made of, in words.</param>
public sealed record StandIn(Material Material, int Score, IReadOnlyList<Said> Reasons);
