using Nido.Core.Group;
using Nido.Core.Group.Steps;
using Nido.Core.Safety;

namespace Nido.Core.Week.Problem;

/// <summary>Who works how at an idea in a block.</summary>
/// <param name="Child">The child.</param>
/// <param name="Offer">The step offered; null where none is allowed.</param>
/// <param name="KeptOutBy">The finding that keeps the child out, where one does.</param>
public sealed record ChildAtIdea(Child Child, StepOffer? Offer, Finding? KeptOutBy)
{
    /// <summary>A higher step that waits for an earlier strand, or null.</summary>
    public NotReady? Waits { get; init; }

    /// <summary>0 out of reach – 1 just right.</summary>
    public double Fit => Offer?.Fit ?? 0;

    /// <summary>The child can do it at some step.</summary>
    public bool InReach => Fit > 0;
}
