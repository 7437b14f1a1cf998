namespace Nido.Core.Group.Steps;

/// <summary>
/// Months as a measure on which children of all ages spread alike. The younger they are the faster they learn: between
/// the age at
/// which half can and the one at which three quarters can lies about an eighth of it, 2 months at 16 and 8 at 64. On
/// the scale
/// 57·ln(months/57) + 57 such a span is everywhere 7.6; at 57 months a month counts one.
/// </summary>
public static class AgeScale
{
    /// <summary>The age at which a month of age is a month of the scale.</summary>
    public const double Even = 57;

    private const int Most = 240;

    private static readonly double[] Table = [.. Enumerable.Range(0, Most + 1).Select(m => Exactly(Math.Max(1, m)))];

    /// <summary>Where whole months stand on the scale; under a month as one.</summary>
    public static double Of(int months) => Table[Math.Clamp(months, 0, Most)];

    /// <summary>The age that stands at a place of the scale, in months.</summary>
    public static double Months(double place) => Even * Math.Exp((place - Even) / Even);

    private static double Exactly(double months) => (Even * Math.Log(months / Even)) + Even;
}
