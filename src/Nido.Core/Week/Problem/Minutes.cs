using Nido.Core.Group;
using Nido.Core.Ideas;

namespace Nido.Core.Week.Problem;

/// <summary>How many minutes of a block reach a child.</summary>
public static class Minutes
{
    /// <summary>
    /// Free choice: the block's minutes divided by the offers in reach, never capped. Elsewhere the block's (or
    /// station's) minutes, capped by the attention rule where an adult leads.
    /// </summary>
    public static double Received(
        Block block,
        Technique technique,
        int offersInReach,
        int ageMonths,
        GroupSettings settings
    ) =>
        block.IsFreeChoice ? (double)block.Minutes / Math.Max(1, offersInReach)
        : technique.Led || block.Kind == BlockKind.Circle
            ? Math.Min(block.MinutesPerOffer, Attention(ageMonths, settings))
        : block.MinutesPerOffer;

    /// <summary>The most a block can give a child in a day.</summary>
    public static double CanGive(Block block, int ageMonths, GroupSettings settings) =>
        block.Kind == BlockKind.Circle ? Math.Min(block.Minutes, Attention(ageMonths, settings)) : block.Minutes;

    /// <summary>Sustained time at one adult-led task: minutes a year of age. Common practice for ages 2 to 5 is
    /// 3.</summary>
    public static double Attention(int ageMonths, GroupSettings settings) =>
        settings.AttentionMinutesPerYear * ageMonths / 12.0;
}
