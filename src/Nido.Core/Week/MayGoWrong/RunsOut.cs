using Nido.Core.Cupboard;

namespace Nido.Core.Week.MayGoWrong;

/// <summary>A material that may run out.</summary>
/// <param name="Material">The material.</param>
/// <param name="Share">In this share of weeks; 0–1.</param>
/// <param name="More">Units more with which it runs out in at most one week of twenty.</param>
/// <param name="Packs">Packs of that many; 0 where no shop sells it.</param>
/// <param name="Cents">Price of the packs.</param>
public sealed record RunsOut(Material Material, double Share, double More, int Packs, int Cents);
