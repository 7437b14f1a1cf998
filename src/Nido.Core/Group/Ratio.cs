namespace Nido.Core.Group;

/// <summary>Adults needed for the children present.</summary>
public static class Ratio
{
    /// <summary>
    /// Children one adult may have at this age. Sources: Caring for Our Children 4th ed. standard 1.1.1.2;
    /// England EYFS statutory framework (from September 2023).
    /// </summary>
    public static int ChildrenPerAdult(RatioTable table, int months) => table switch
    {
        RatioTable.EnglandEyfs => months < 24 ? 3 : months < 36 ? 5 : 8,
        _ => months <= 12 ? 3 : months < 36 ? 4 : months < 48 ? 7 : 8,
    };

    /// <summary>Whole adults needed; 0 for no children.</summary>
    public static int AdultsNeeded(RatioTable table, MixedAges mixed, IReadOnlyCollection<int> agesInMonths)
    {
        if (agesInMonths.Count == 0)
        {
            return 0;
        }

        var share = mixed == MixedAges.ByYoungest
            ? agesInMonths.Count / (double)ChildrenPerAdult(table, agesInMonths.Min())
            : agesInMonths.Sum(age => 1.0 / ChildrenPerAdult(table, age));
        // The small constant keeps 8 × 1/8 from rounding up to two adults.
        return (int)Math.Ceiling(share - 1e-9);
    }
}
