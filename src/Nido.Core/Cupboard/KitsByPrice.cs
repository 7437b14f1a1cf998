namespace Nido.Core.Cupboard;

/// <summary>
/// How many kits to pack by the price of being wrong: the smallest number that is enough with the chance
/// too few ÷ (too few + too many), the newsvendor's rule (Arrow, Harris and Marschak, Optimal inventory policy, 1951; from
/// memory).
/// </summary>
/// <param name="Best">Kits of least cost on the mean.</param>
/// <param name="RunOut">Chance of running short that the prices bear, 0 to 1.</param>
/// <param name="Rows">The numbers round it, fewest first.</param>
public sealed record KitsByPrice(int Best, double RunOut, IReadOnlyList<KitsRow> Rows)
{
    /// <summary>Rows shown on each side of the best.</summary>
    private const int Beside = 4;

    /// <summary>Weighs the numbers of kits for those who may come.</summary>
    /// <param name="coming">Who may come.</param>
    /// <param name="tooManyCents">What a kit that stays over costs, over 0.</param>
    /// <param name="tooFewCents">What a child without a kit counts as, over 0.</param>
    public static KitsByPrice Of(Coming coming, int tooManyCents, int tooFewCents)
    {
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(tooManyCents);
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(tooFewCents);
        var runOut = (double)tooManyCents / (tooManyCents + tooFewCents);
        var best = coming.Least(1 - runOut);
        var from = Math.Max(0, best - Beside);
        return new(
            best,
            runOut,
            [.. Enumerable.Range(from, best + Beside - from + 1).Select(n => Row(coming, n, tooManyCents, tooFewCents))]
        );
    }

    private static KitsRow Row(Coming coming, int kits, int tooManyCents, int tooFewCents)
    {
        var (over, without) = (coming.LeftOver(kits), coming.Without(kits));
        return new(kits, coming.MoreThan(kits), over, without, (over * tooManyCents) + (without * tooFewCents));
    }
}

/// <summary>What a number of kits comes to.</summary>
/// <param name="Kits">Kits packed.</param>
/// <param name="RunOut">Chance of running short.</param>
/// <param name="LeftOver">Kits left over on the mean.</param>
/// <param name="Without">Children without one on the mean.</param>
/// <param name="CostCents">What both cost on the mean.</param>
public sealed record KitsRow(int Kits, double RunOut, double LeftOver, double Without, double CostCents);
