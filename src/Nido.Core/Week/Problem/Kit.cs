using Nido.Core.Cupboard;

namespace Nido.Core.Week.Problem;

/// <summary>A kind of kit handed out at a drop-in session.</summary>
/// <param name="Step">Step it is for.</param>
/// <param name="Expected">Children expected at it, on the mean.</param>
/// <param name="Count">Kits to pack.</param>
/// <param name="Holds">What is used up, and how much of it is in one.</param>
public sealed record Kit(int Step, double Expected, int Count, IReadOnlyList<(Material Material, double Each)> Holds);
