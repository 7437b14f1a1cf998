using System.Text.Json.Serialization;
using Nido.Core.Ideas;

namespace Nido.Core.Week.Problem;

/// <summary>An idea on a day, in a block, at one of its offers.</summary>
/// <param name="Day">Index of the day in the week, 0 first.</param>
/// <param name="BlockId">The block.</param>
/// <param name="Offer">0 is the first offer.</param>
/// <param name="IdeaId">The idea; empty where the block is something of one's own, see <see cref="Words"/>.</param>
/// <param name="Locked">Stays where it is when the week is composed again.</param>
public sealed record Placement(int Day, string BlockId, int Offer, string IdeaId, bool Locked)
{
    /// <summary>Other materials in roles of the idea; they go with the placement, so that undo brings them back
    /// too.</summary>
    public IReadOnlyList<Swap> Swaps { get; init; } = [];

    /// <summary>Words of one's own: a title in place of the idea's, or what the block is where no idea lies; null for
    /// none.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public string? Words { get; init; }

    /// <summary>It is no idea: the whole block is what its words say.</summary>
    [JsonIgnore]
    public bool IsPencilled => IdeaId.Length == 0;

    /// <summary>Two placements are the same where all of it is, the swaps included.</summary>
    public bool Equals(Placement? other) =>
        other is not null
        && Day == other.Day
        && BlockId == other.BlockId
        && Offer == other.Offer
        && IdeaId == other.IdeaId
        && Locked == other.Locked
        && Words == other.Words
        && Swaps.SequenceEqual(other.Swaps);

    /// <inheritdoc />
    public override int GetHashCode() => HashCode.Combine(Day, BlockId, Offer, IdeaId, Locked, Swaps.Count);
}
