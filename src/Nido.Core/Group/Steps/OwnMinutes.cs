namespace Nido.Core.Group.Steps;

/// <summary>
/// How long a child stays at work it chose itself: log-normal, a prior median of 12 minutes drawn towards what was seen
/// of the child. Never a cap; only to tell where a block would cut a long piece of work.
/// </summary>
/// <param name="Seen">Times that were looked at.</param>
/// <param name="Centre">Mean of the logarithm.</param>
/// <param name="Spread">Standard deviation of the logarithm of the next time.</param>
public sealed record OwnMinutes(int Seen, double Centre, double Spread)
{
    /// <summary>Median in minutes before anything was seen.</summary>
    public const double PriorMedian = 12;

    // Between children and from time to time, on the logarithm. Ours; from memory of work-time records.
    private const double Between = 0.6;
    private const double Within = 0.7;

    /// <summary>Half of the child's pieces of own work last longer, in minutes.</summary>
    public double Median => Math.Exp(Centre);

    /// <summary>One in ten lasts longer, in minutes.</summary>
    public double SeldomLonger => Math.Exp(Centre + (1.2816 * Spread));

    /// <summary>What the times of a child tell; none is the prior.</summary>
    /// <param name="minutes">Each over 0.</param>
    public static OwnMinutes Of(IReadOnlyCollection<int> minutes)
    {
        ArgumentNullException.ThrowIfNull(minutes);
        var (prior, each) = (1 / (Between * Between), 1 / (Within * Within));
        var certainty = prior + (minutes.Count * each);
        var centre = ((prior * Math.Log(PriorMedian)) + (each * minutes.Sum(m => Math.Log(m)))) / certainty;
        return new(minutes.Count, centre, Math.Sqrt((1 / certainty) + (Within * Within)));
    }

    /// <summary>Chance that a piece of own work would go on past the end of a block.</summary>
    /// <param name="blockMinutes">Over 0.</param>
    public double CutOffBy(double blockMinutes) => 1 - Normal((Math.Log(blockMinutes) - Centre) / Spread);

    /// <summary>Distribution function of the standard normal, by Abramowitz and Stegun 26.2.17 (from memory; error
    /// under 1e-7).</summary>
    private static double Normal(double z)
    {
        var t = 1 / (1 + (0.2316419 * Math.Abs(z)));
        var tail =
            Math.Exp(-z * z / 2)
            / Math.Sqrt(2 * Math.PI)
            * t
            * (0.319381530 + (t * (-0.356563782 + (t * (1.781477937 + (t * (-1.821255978 + (t * 1.330274429))))))));
        return z < 0 ? tail : 1 - tail;
    }
}
