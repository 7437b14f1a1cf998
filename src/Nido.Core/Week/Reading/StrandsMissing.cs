namespace Nido.Core.Week.Reading;

/// <summary>Strands a child does not meet in a week though something of them is in reach.</summary>
public static class StrandsMissing
{
    /// <summary>Those of a child, in the order a teacher reads them.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="child">Index of the child.</param>
    public static IReadOnlyList<Strand> Of(WeekPlan plan, int child)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var met = plan
            .Filled.Where(f => f.Use.Reach[child] && f.Use.On(f.Placement.Day).IsThere[child])
            .SelectMany(f => f.Use.Strands)
            .ToHashSet();
        return
        [
            .. Enumerable
                .Range(0, Strand.All.Count)
                .Where(s => !met.Contains(s) && plan.Problem.StrandOpen[(child * Strand.All.Count) + s])
                .Select(s => Strand.All[s]),
        ];
    }
}
