namespace Nido.Core.Group;

/// <summary>Adults needed for the children present.</summary>
public static class Ratio
{
    /// <summary>
    /// Children one adult may have at this age. Sources: Caring for Our Children 4th ed. standard 1.1.1.2;
    /// England EYFS statutory framework (from September 2023).
    /// </summary>
    public static int ChildrenPerAdult(GroupSettings settings, int months) =>
        settings.RatioTable switch
        {
            RatioTable.Own => settings
                .OwnRatio.LastOrDefault(b => months >= b.FromMonths, settings.OwnRatio[0])
                .Children,
            RatioTable.EnglandEyfs => months < 24 ? 3
            : months < 36 ? 5
            : 8,
            _ => months <= 12 ? 3
            : months < 36 ? 4
            : months < 48 ? 7
            : 8,
        };

    /// <summary>Where the numbers of a table come from.</summary>
    public static Said SourceOf(RatioTable table) =>
        table switch
        {
            RatioTable.Own => $"the group's own ratio",
            RatioTable.EnglandEyfs => $"England, EYFS statutory framework",
            _ => $"Caring for Our Children standard 1.1.1.2",
        };

    /// <summary>Whole adults needed by the group's table and its rule for mixed ages; 0 for no children.</summary>
    public static int AdultsNeeded(GroupSettings settings, IReadOnlyCollection<int> agesInMonths)
    {
        if (agesInMonths.Count == 0)
        {
            return 0;
        }

        var share =
            settings.MixedAges == MixedAges.ByYoungest
                ? agesInMonths.Count / (double)ChildrenPerAdult(settings, agesInMonths.Min())
                : agesInMonths.Sum(age => 1.0 / ChildrenPerAdult(settings, age));
        // The small constant keeps 8 × 1/8 from rounding up to two adults.
        return (int)Math.Ceiling(share - 1e-9);
    }
}
