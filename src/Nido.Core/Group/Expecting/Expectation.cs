using Nido.Core.Cupboard;

namespace Nido.Core.Group.Expecting;

/// <summary>
/// How many are expected: what the librarian said, and what counting at the door has taught since. The mean and how much
/// sessions differ are weighed together over a grid of both (a negative binomial with unknown mean and size), and what is
/// told is the headcount of the next session, with its own chance in it.
/// </summary>
/// <param name="Coming">The headcount of the next session.</param>
/// <param name="Low">Fewer come in one session of twenty.</param>
/// <param name="High">More come in one session of twenty.</param>
/// <param name="Sessions">Sessions that were counted.</param>
public sealed record Expectation(Coming Coming, int Low, int High, int Sessions)
{
    /// <summary>Sessions that count: a house changes in half a year of Saturdays.</summary>
    public const int MostSessions = 26;

    /// <summary>Steps of the mean on the grid.</summary>
    private const int Means = 120;

    /// <summary>Part of the librarians taken to be plainly wrong.</summary>
    private const double Wrong = 0.125;

    /// <summary>Spread of the mean where she is.</summary>
    private const double WrongSpread = 0.7;

    /// <summary>A band nobody was expected in can be taught otherwise.</summary>
    private const double LeastMean = 0.5;

    // How much sessions may differ, from wildly to by chance alone, and how likely that is before any count: most houses lie
    // in between (common practice).
    private static readonly (double? Size, double Likely)[] Sizes =
    [
        (2, 0.04),
        (4, 0.12),
        (8, 0.24),
        (16, 0.26),
        (32, 0.18),
        (64, 0.1),
        (null, 0.06),
    ];

    /// <summary>What is expected of a headcount.</summary>
    /// <param name="said">What the librarian expects, 0–100.</param>
    /// <param name="sure">How sure she is of it.</param>
    /// <param name="counts">Headcounts of sessions, oldest first.</param>
    public static Expectation Of(double said, HowSure sure, IReadOnlyList<int> counts)
    {
        ArgumentNullException.ThrowIfNull(counts);
        ArgumentOutOfRangeException.ThrowIfNegative(said);
        int[] seen = [.. counts.TakeLast(MostSessions)];
        if (seen.Length == 0 && (sure == HowSure.Sure || said <= 0))
        {
            return Told(new(said), 0);
        }

        var mean = Math.Max(said, LeastMean);
        var least = Math.Log(mean / 8);
        var most = Math.Log(8 * Math.Max(mean, seen.DefaultIfEmpty(0).Max()));
        // Before any count sessions differ by chance alone about the mean that is not known.
        (double? Size, double Likely)[] sizes = seen.Length == 0 ? [(null, 1)] : Sizes;
        var weighed = (
            from k in Enumerable.Range(0, Means)
            let m = Math.Exp(least + ((most - least) * k / (Means - 1)))
            // The steps are even in the logarithm: the density times the mean itself.
            let prior = Math.Log(m * Said(m, mean, sure, seen.Length))
            from s in sizes
            select (Mean: m, s.Size, Log: prior + Math.Log(s.Likely) + seen.Sum(n => LogChance(n, m, s.Size)))
        ).ToArray();
        var top = weighed.Max(w => w.Log);
        var sum = weighed.Sum(w => Math.Exp(w.Log - top));
        double Over(Func<double, double?, double> of) =>
            weighed.Sum(w => Math.Exp(w.Log - top) / sum * of(w.Mean, w.Size));
        var next = Over((m, _) => m);
        // The variance of the next session: within a session, and of what is not known of the mean.
        var variance = Over((m, r) => new Coming(m, r).Variance + (m * m)) - (next * next);
        return Told(Coming.Of(next, variance), seen.Length);
    }

    private static Expectation Told(Coming coming, int sessions) =>
        new(coming, coming.Least(0.05), coming.Least(0.95), sessions);

    /// <summary>Spread of the mean about what was said, as a part of it.</summary>
    private static double Spread(HowSure sure) =>
        sure switch
        {
            HowSure.Sure => 0.15,
            HowSure.Roughly => 0.25,
            _ => 0.5,
        };

    /// <summary>How likely a mean is by what was said alone: gamma about it. Once something was counted, one librarian of
    /// eight is taken to be plainly wrong, so that counts can contradict her.</summary>
    private static double Said(double m, double said, HowSure sure, int counts) =>
        counts == 0
            ? Gamma(m, said, Spread(sure))
            : ((1 - Wrong) * Gamma(m, said, Spread(sure))) + (Wrong * Gamma(m, said, WrongSpread));

    /// <summary>The gamma density with this mean and this spread as a part of it.</summary>
    private static double Gamma(double m, double mean, double spread)
    {
        var shape = 1 / (spread * spread);
        var rate = shape / mean;
        return Math.Exp((shape * Math.Log(rate)) + ((shape - 1) * Math.Log(m)) - (rate * m) - LogGamma(shape));
    }

    /// <summary>Logarithm of the gamma function from 1 on: Stirling's series, begun seven higher (Abramowitz and Stegun,
    /// 6.1.15 and 6.1.41; from memory).</summary>
    private static double LogGamma(double x)
    {
        var below = 0.0;
        for (var k = 0; k < 7; k++)
        {
            below += Math.Log(x + k);
        }

        var y = x + 7;
        return ((y - 0.5) * Math.Log(y))
            - y
            + (0.5 * Math.Log(2 * Math.PI))
            + (1 / (12 * y))
            - (1 / (360 * y * y * y))
            - below;
    }

    private static double LogChance(int n, double mean, double? size)
    {
        var log = size is { } r ? r * Math.Log(r / (r + mean)) : -mean;
        for (var k = 1; k <= n; k++)
        {
            log += size is { } s
                ? Math.Log((k - 1 + s) / k) + Math.Log(mean / (s + mean))
                : Math.Log(mean) - Math.Log(k);
        }

        return log;
    }
}
