namespace Nido.Core.Week.Reading;

/// <summary>What would fall short without an idea, with the rest of the week held.</summary>
/// <param name="ShortfallMinutes">How much the fair-shares objective would grow, in minutes.</param>
/// <param name="Falls">The child, the aim and the shares with and without it, largest fall first.</param>
/// <param name="StrandsLost">Strand and how many children would not meet it this week.</param>
public sealed record WhyHere(
    double ShortfallMinutes,
    IReadOnlyList<ShareFall> Falls,
    IReadOnlyList<(string Strand, int Children)> StrandsLost
);
