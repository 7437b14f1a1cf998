using Nido.Core.Group;

namespace Nido.Core.Week.Rules;

/// <summary>A block in which too few adults are there.</summary>
/// <param name="Day">Index of the day.</param>
/// <param name="Block">The block.</param>
/// <param name="Needed">The larger of the two asks.</param>
/// <param name="ByRatio">Asked by the ratio table.</param>
/// <param name="BesideOffers">Asked by the offers.</param>
/// <param name="There">Adults there for all of it.</param>
public sealed record AdultsShort(int Day, Block Block, int Needed, int ByRatio, int BesideOffers, int There);
