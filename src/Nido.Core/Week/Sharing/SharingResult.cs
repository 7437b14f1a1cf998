using Nido.Core.Ideas;

namespace Nido.Core.Week.Sharing;

/// <summary>A way to share out the cupboard, with what it comes to.</summary>
/// <param name="Ideas">Id of the variant of each group.</param>
/// <param name="Swaps">Materials chosen that are not bound already.</param>
/// <param name="Cost">What it comes to.</param>
/// <param name="Proven">Nothing better exists at any stage.</param>
/// <param name="Gap">Of the first stage that is not proven: (reached − bound)/max(1, reached); 0 where all are.</param>
public sealed record SharingResult(
    IReadOnlyList<string> Ideas,
    IReadOnlyList<Swap> Swaps,
    SharingCost Cost,
    bool Proven,
    double Gap
);
