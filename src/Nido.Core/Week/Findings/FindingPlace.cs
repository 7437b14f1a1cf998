using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Findings;

/// <summary>Where a finding is met.</summary>
/// <param name="Placement">Day, block and offer; the idea is empty where the finding is about the block.</param>
/// <param name="Block">Name of the block.</param>
/// <param name="Title">Title of the idea, or null where the finding is about the block.</param>
public sealed record FindingPlace(Placement Placement, string Block, Said? Title)
{
    /// <summary>Adults counted to the offer, by name; empty where it asks none.</summary>
    public IReadOnlyList<string> Beside { get; init; } = [];
}
