using Nido.Core.Group;
using Nido.Core.Group.Steps;
using Nido.Core.Ideas;

namespace Nido.Core.Week.Problem;

/// <summary>Which of a child's supports matter at an idea.</summary>
public static class Supports
{
    /// <summary>Those to set out there.</summary>
    public static IEnumerable<Support> At(ChildAtIdea at, Technique technique)
    {
        ArgumentNullException.ThrowIfNull(at);
        ArgumentNullException.ThrowIfNull(technique);
        return at.Child.Supports.Where(s =>
            s switch
            {
                Support.Seat => technique.Traits.Contains("standing") || technique.Blocks.Contains(BlockKind.Outdoors),
                Support.Frame => technique.Traits.Contains("floor") || technique.Blocks.Contains(BlockKind.Outdoors),
                Support.HandUnderHand => at.Offer?.Help == HelpLevel.Hands,
                Support.QuietPlace => technique.Blocks.Contains(BlockKind.Circle)
                    || technique.Blocks.Contains(BlockKind.Outdoors),
                Support.MoreTime => technique.HandLoad != HandLoad.Light,
                _ => true,
            }
        );
    }
}
