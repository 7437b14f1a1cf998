using Nido.Core.Ideas;

namespace Nido.Core.Week.Problem;

/// <summary>An idea on a day, in a block, at one of its offers.</summary>
/// <param name="Day">Index of the day in the week, 0 first.</param>
/// <param name="BlockId">The block.</param>
/// <param name="Offer">0 is the first offer.</param>
/// <param name="IdeaId">The idea.</param>
/// <param name="Locked">Stays where it is when the week is composed again.</param>
public sealed record Placement(int Day, string BlockId, int Offer, string IdeaId, bool Locked)
{
    /// <summary>Other materials in roles of the idea; they go with the placement, so that undo brings them back
    /// too.</summary>
    public IReadOnlyList<Swap> Swaps { get; init; } = [];

    /// <summary>Two placements are the same where all of it is, the swaps included.</summary>
    public bool Equals(Placement? other) =>
        other is not null
        && Day == other.Day
        && BlockId == other.BlockId
        && Offer == other.Offer
        && IdeaId == other.IdeaId
        && Locked == other.Locked
        && Swaps.SequenceEqual(other.Swaps);

    /// <inheritdoc />
    public override int GetHashCode() => HashCode.Combine(Day, BlockId, Offer, IdeaId, Locked, Swaps.Count);
}
