namespace Nido.Core.Planning;

/// <summary>How much work one composition may do.</summary>
/// <param name="ChooseWork">Solver work of the choose stage, in deterministic seconds.</param>
/// <param name="Rounds">Rounds of our own search.</param>
/// <param name="AnnealSteps">Changes tried for the other wishes.</param>
/// <param name="Guard">Wall clock after which it is "stopped by the clock".</param>
public sealed record ComposeLimits(double ChooseWork, int Rounds, int AnnealSteps, TimeSpan Guard)
{
    /// <summary>What a composed week gets: about 20 s on two cores.</summary>
    public static ComposeLimits Usual { get; } = new(3, 120, 1_000_000, TimeSpan.FromSeconds(120));
}
