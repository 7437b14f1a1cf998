namespace Nido.Core.Week.Sharing;

/// <summary>A material: what is there and how more of it can come.</summary>
/// <param name="Id">Id.</param>
/// <param name="OnHand">Units there.</param>
/// <param name="PackSize">Units in a pack; 0 where no shop sells it.</param>
/// <param name="PackCents">Price of a pack.</param>
/// <param name="Rows">
/// What must fit at once: the moments whose takes add up and what is lost by then. One row over the whole week for what
/// is
/// used up, a row for each block for what comes back.
/// </param>
public sealed record Supply(string Id, double OnHand, double PackSize, int PackCents, IReadOnlyList<SupplyRow> Rows);
