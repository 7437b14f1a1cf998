using Nido.Core.Ideas;

namespace Nido.Core.Planning.Allocation;

/// <summary>A way to share out the cupboard, with what it comes to.</summary>
/// <param name="Ideas">Id of the variant of each group.</param>
/// <param name="Swaps">Materials chosen that are not bound already.</param>
/// <param name="Cost">What it comes to.</param>
/// <param name="Proven">Nothing better exists at any stage.</param>
/// <param name="Gap">Of the first stage that is not proven: (reached − bound)/max(1, reached); 0 where all are.</param>
public sealed record AllocationResult(IReadOnlyList<string> Ideas, IReadOnlyList<Swap> Swaps, AllocationCost Cost, bool Proven, double Gap);

/// <summary>What a way to share out comes to.</summary>
/// <param name="Asked">Things that neither cupboard, shop nor making can give.</param>
/// <param name="Cents">Money for packs.</param>
/// <param name="WasteCents">Value of what is left over of packs; a cent for each unit asked for and each minute of making.</param>
/// <param name="Points">100 − score of every variant and option.</param>
public sealed record AllocationCost(long Asked, long Cents, long WasteCents, long Points)
{
    /// <summary>Money, with what must be asked for counted as some.</summary>
    public long Price => Cents + (AllocationModel.AskCents * Asked);
}
