using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Search;

/// <summary>How much work one composition may do.</summary>
/// <param name="ChooseWork">Solver work of putting columns together, in deterministic seconds.</param>
/// <param name="Rounds">Rounds of our own search.</param>
/// <param name="AnnealSteps">Changes tried for the other wishes.</param>
/// <param name="Guard">Wall clock after which it is "stopped by the clock": a last guard, far beyond what a busy
/// machine takes, because work is counted and not seconds.</param>
public sealed record ComposeLimits(double ChooseWork, int Rounds, int AnnealSteps, TimeSpan Guard)
{
    private const int FairStepsPerSlot = 8_000;

    /// <summary>Rounds of pricing at most, for each bound.</summary>
    public int Pricings { get; init; } = 40;

    /// <summary>Solver work of a week that is small enough to be solved as a whole, in deterministic seconds.</summary>
    public double WholeWork { get; init; } = 2;

    /// <summary>Changes tried for fair shares: a short week is searched through sooner than a long one.</summary>
    public int FairSteps(WeekProblem problem)
    {
        ArgumentNullException.ThrowIfNull(problem);
        return Math.Min(AnnealSteps, FairStepsPerSlot * problem.Slots.Count);
    }

    /// <summary>What a composed week gets: about 30 s on two cores.</summary>
    public static ComposeLimits Usual { get; } = new(1, 120, 1_000_000, TimeSpan.FromMinutes(10));
}
