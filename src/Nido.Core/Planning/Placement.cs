namespace Nido.Core.Planning;

/// <summary>An idea on a day, in a block, at one of its offers.</summary>
/// <param name="Day">Index of the day in the week, 0 first.</param>
/// <param name="BlockId">The block.</param>
/// <param name="Offer">0 is the first offer.</param>
/// <param name="IdeaId">The idea.</param>
/// <param name="Locked">Stays where it is when the week is composed again.</param>
public sealed record Placement(int Day, string BlockId, int Offer, string IdeaId, bool Locked);
