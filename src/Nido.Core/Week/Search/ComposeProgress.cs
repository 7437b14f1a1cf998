using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Search;

/// <summary>One line of news while composing.</summary>
/// <param name="Stage">Where it is.</param>
/// <param name="Seconds">Since it began.</param>
/// <param name="BestMinutes">Fair-shares objective of the best whole plan, in minutes.</param>
/// <param name="BoundMinutes">What no plan can go below, in minutes; 0 while unknown.</param>
/// <param name="Plan">The plan to show, where a new one is worth showing.</param>
public sealed record ComposeProgress(
    ComposeStage Stage,
    double Seconds,
    double BestMinutes,
    double BoundMinutes,
    IReadOnlyList<Placement>? Plan
)
{
    /// <summary>How far that plan fills the loom; empty where none is shown.</summary>
    public IReadOnlyList<ChildFilled> Filled { get; init; } = [];
}

/// <summary>How much of an even share a plan gives a child.</summary>
/// <param name="ChildId">The child.</param>
/// <param name="Percents">Whole percents, in the order of the aims.</param>
public sealed record ChildFilled(string ChildId, IReadOnlyList<int> Percents);
