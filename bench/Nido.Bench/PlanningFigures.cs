namespace Nido.Bench;

/// <summary>What is measured of a composition, all as ratios.</summary>
internal sealed record PlanningFigures(
    double ShortfallToGreedy,
    double Gap,
    double FirstToWhole,
    double TimeToSingle,
    double ShortfallToSingle,
    double WaysToUses,
    double SharingToWhole
);
