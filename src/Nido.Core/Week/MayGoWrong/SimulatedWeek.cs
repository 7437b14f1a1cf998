namespace Nido.Core.Week.MayGoWrong;

/// <summary>What came of many weeks like this one.</summary>
/// <param name="Runs">How many.</param>
/// <param name="RunsOut">Materials, likeliest first; those in under one week of a hundred are left out.</param>
/// <param name="Overruns">Blocks, likeliest first; those in under one week of five are left out.</param>
/// <param name="FallsShort">Children and aims, likeliest first; those in under one week of twenty are left out.</param>
public sealed record SimulatedWeek(
    int Runs,
    IReadOnlyList<RunsOut> RunsOut,
    IReadOnlyList<Overruns> Overruns,
    IReadOnlyList<FallsShort> FallsShort
);
