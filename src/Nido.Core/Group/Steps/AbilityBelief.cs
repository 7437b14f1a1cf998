namespace Nido.Core.Group.Steps;

/// <summary>
/// What is believed of one child on one ladder: a distribution over δ = θ − age, both on the <see cref="AgeScale"/>, on
/// a grid
/// from −48 to +48 in bins of one. Immutable.
/// </summary>
public sealed class AbilityBelief
{
    /// <summary>Largest |δ| on the grid, in months.</summary>
    public const int Reach = 48;

    // Farther apart than this nothing changes any more, to 12 digits.
    private const int Far = 150;

    private readonly double[] weights;

    // A chance hangs on how far the age lies above the cut point, in whole months: asked for often, worked out once.
    // Most beliefs are steps on the way to another and are never asked, so the room is taken only then.
    private double[]? chances;

    private AbilityBelief(double[] unnormalised)
    {
        var sum = 0.0;
        foreach (var w in unnormalised)
        {
            sum += w;
        }

        for (var i = 0; i < unnormalised.Length; i++)
        {
            unnormalised[i] /= sum;
        }

        weights = unnormalised;
    }

    /// <summary>Probability of each bin, δ = −48 first; sums to 1.</summary>
    public IReadOnlyList<double> Weights => weights;

    /// <summary>Mean of δ.</summary>
    public double Mean => weights.Select((w, i) => w * (i - Reach)).Sum();

    /// <summary>The prior for a child of whom only the age is known: normal, mean 0.</summary>
    /// <param name="standardDeviation">In months; must be positive.</param>
    public static AbilityBelief FromAge(double standardDeviation = 8) => Normal(0, standardDeviation);

    /// <summary>Normal belief on the grid.</summary>
    /// <param name="mean">Mean of δ in months.</param>
    /// <param name="standardDeviation">In months; must be positive.</param>
    public static AbilityBelief Normal(double mean, double standardDeviation)
    {
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(standardDeviation);
        return new([.. Grid().Select(d => Math.Exp(-0.5 * Math.Pow((d - mean) / standardDeviation, 2)))]);
    }

    /// <summary>The belief after one observation, by Bayes' rule.</summary>
    public AbilityBelief After(HelpLevel seen, int typicalMonths, int ageMonths)
    {
        var above = Above(typicalMonths, ageMonths);
        var after = new double[weights.Length];
        for (var i = 0; i < after.Length; i++)
        {
            after[i] = weights[i] * GradedResponse.Exactly(seen, above + i - Reach, 0);
        }

        return new(after);
    }

    /// <summary>The belief after some time: age moves by itself, and the variance grows by 0.25 month² a
    /// week.</summary>
    /// <param name="weeks">0 or more.</param>
    public AbilityBelief Later(double weeks)
    {
        ArgumentOutOfRangeException.ThrowIfNegative(weeks);
        if (weeks == 0)
        {
            return this;
        }

        // A binomial kernel has exactly the variance asked for, however small: p on either side of staying, as often as
        // it takes.
        var variance = 0.25 * weeks;
        var rounds = (int)Math.Ceiling(variance / 0.5);
        var aside = variance / rounds / 2;
        var now = weights;
        for (var round = 0; round < rounds; round++)
        {
            var next = new double[now.Length];
            for (var i = 0; i < now.Length; i++)
            {
                var below = i == 0 ? now[0] : now[i - 1];
                var above = i == now.Length - 1 ? now[i] : now[i + 1];
                next[i] = ((1 - (2 * aside)) * now[i]) + (aside * (below + above));
            }

            now = next;
        }

        return new(now);
    }

    /// <summary>The age whose typical child is as far as this one is believed to be, in months; at a quantile of the
    /// belief, or at its mean.</summary>
    /// <param name="ageMonths">Age of the child.</param>
    /// <param name="share">0–1; null for the mean.</param>
    public double MonthsLike(int ageMonths, double? share = null) =>
        AgeScale.Months(AgeScale.Of(ageMonths) + (share is { } q ? Quantile(q) : Mean));

    /// <summary>δ below which this share of the belief lies, between the bins.</summary>
    /// <param name="share">0–1.</param>
    public double Quantile(double share)
    {
        var sum = 0.0;
        for (var i = 0; i < weights.Length; i++)
        {
            if (sum + weights[i] >= share)
            {
                return i - Reach - 0.5 + ((share - sum) / Math.Max(1e-300, weights[i]));
            }

            sum += weights[i];
        }

        return Reach;
    }

    /// <summary>Chance of managing a step with at most this help, averaged over the belief.</summary>
    public double Chance(HelpLevel help, int typicalMonths, int ageMonths)
    {
        if (help == HelpLevel.NotYet)
        {
            return 1;
        }

        var above = Above(typicalMonths, ageMonths);
        var at = Math.Clamp(above + (int)GradedResponse.CutBelow(help), -Far, Far) + Far;
        var known = chances ??= [.. Enumerable.Repeat(double.NaN, (2 * Far) + 1)];
        if (double.IsNaN(known[at]))
        {
            known[at] = Averaged(help, above);
        }

        return known[at];
    }

    /// <summary>How far an age lies above that of a step, on the scale, in whole bins.</summary>
    private static int Above(int typicalMonths, int ageMonths) =>
        (int)Math.Round(AgeScale.Of(ageMonths) - AgeScale.Of(typicalMonths));

    private double Averaged(HelpLevel help, int above)
    {
        var sum = 0.0;
        for (var i = 0; i < weights.Length; i++)
        {
            sum += weights[i] * GradedResponse.AtMost(help, above + i - Reach, 0);
        }

        return sum;
    }

    private static IEnumerable<int> Grid() => Enumerable.Range(-Reach, (2 * Reach) + 1);
}
