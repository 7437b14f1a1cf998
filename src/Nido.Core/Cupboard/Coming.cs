namespace Nido.Core.Cupboard;

/// <summary>
/// How many may come, where nobody knows who: Poisson where only chance spreads them, negative binomial where sessions
/// differ by more than chance (Johnson, Kemp and Kotz, Univariate Discrete Distributions; from memory).
/// </summary>
/// <param name="Expected">Mean headcount, 0–1000.</param>
/// <param name="Size">How little sessions differ: the variance is mean + mean² ÷ size, over 0; null for Poisson.</param>
public readonly record struct Coming(double Expected, double? Size = null)
{
    /// <summary>More than so many are never counted out.</summary>
    private const int Most = 20_000;

    /// <summary>Variance of the headcount.</summary>
    public double Variance => Expected + (Size is { } size ? Expected * Expected / size : 0);

    /// <summary>Those of so many times as many children, who differ from session to session as these do: a step of an age, or
    /// every second one.</summary>
    public Coming Times(double part) => this with { Expected = Expected * part };

    /// <summary>The chances of 0, 1, 2… coming, without end.</summary>
    public IEnumerable<double> Chances()
    {
        // By logarithm: e^-1000 is no number.
        var (mean, size) = (Expected, Size);
        if (mean <= 0)
        {
            yield return 1;
            yield break;
        }

        var log = size is { } r0 ? r0 * Math.Log(r0 / (r0 + mean)) : -mean;
        yield return Math.Exp(log);
        for (var n = 1; n <= Most; n++)
        {
            log += size is { } r
                ? Math.Log((n - 1 + r) / n) + Math.Log(mean / (r + mean))
                : Math.Log(mean) - Math.Log(n);
            yield return Math.Exp(log);
        }
    }

    /// <summary>The smallest number that is not exceeded with at least this chance.</summary>
    /// <param name="chance">0 to under 1.</param>
    public int Least(double chance)
    {
        ArgumentOutOfRangeException.ThrowIfNegative(chance);
        ArgumentOutOfRangeException.ThrowIfGreaterThanOrEqual(chance, 1);
        var (n, sum) = (-1, 0.0);
        foreach (var p in Chances())
        {
            (n, sum) = (n + 1, sum + p);
            if (sum >= chance)
            {
                break;
            }
        }

        return n;
    }

    /// <summary>The chance that more than so many come.</summary>
    public double MoreThan(int n) => n < 0 ? 1 : Math.Max(0, 1 - Chances().Take(n + 1).Sum());

    /// <summary>How many of so many are left over on the mean.</summary>
    public double LeftOver(int there) => Chances().Take(there + 1).Select((p, n) => p * (there - n)).Sum();

    /// <summary>How many stay without on the mean, where so many are there.</summary>
    public double Without(int there) => Math.Max(0, Expected - there + LeftOver(there));

    /// <summary>Two that come independently, as one: mean and variance add up.</summary>
    public Coming With(Coming other)
    {
        var (mean, variance) = (Expected + other.Expected, Variance + other.Variance);
        return Of(mean, variance);
    }

    /// <summary>The headcount of this mean and variance; no less than chance itself spreads.</summary>
    public static Coming Of(double mean, double variance) =>
        new(mean, variance - mean > 1e-9 * Math.Max(1, mean) ? mean * mean / (variance - mean) : null);
}
