namespace Nido.Core.Group.Steps;

/// <summary>
/// Samejima's graded response model (1969) with equal slopes: how likely each help level is for a child of
/// ability θ (months) at a step of typical age b (months). "Alone" is the Rasch (1960) chance.
/// </summary>
public static class GradedResponse
{
    /// <summary>Slope s of the logistic, in months.</summary>
    public const double Slope = 5;

    // Ages, bins and cut points are whole months, so the curve is a table; beyond it nothing changes to 12 digits.
    private const int Far = 400;

    private static readonly double[] Curve =
    [
        .. Enumerable.Range(-Far, (2 * Far) + 1).Select(months => 1 / (1 + Math.Exp(-months / Slope))),
    ];

    private static readonly double[][] Exact =
    [
        .. Enum.GetValues<HelpLevel>()
            .Select(h => Enumerable.Range(-Far, (2 * Far) + 1).Select(months => Between(h, months)).ToArray()),
    ];

    /// <summary>How far below b the cut points of the help levels lie, in months: alone, shown, hands.</summary>
    public static double CutBelow(HelpLevel help) =>
        help switch
        {
            HelpLevel.Alone => 0,
            HelpLevel.Shown => 5,
            HelpLevel.Hands => 10,
            _ => double.PositiveInfinity,
        };

    /// <summary>Chance of managing the step with at most this much help: 1/(1+exp(−(θ−b′)/s)), b′ the cut
    /// point.</summary>
    public static double AtMost(HelpLevel help, int theta, int typicalMonths) =>
        help == HelpLevel.NotYet ? 1 : Curve[Math.Clamp(theta - typicalMonths + (int)CutBelow(help), -Far, Far) + Far];

    /// <summary>Chance of exactly this help level; the four levels sum to 1.</summary>
    public static double Exactly(HelpLevel help, int theta, int typicalMonths) =>
        Exact[(int)help][Math.Clamp(theta - typicalMonths, -Far, Far) + Far];

    // The difference of two logistic curves as a product: subtracting them would leave only rounding far out.
    private static double Between(HelpLevel help, int months)
    {
        var least = help == HelpLevel.Alone ? double.NegativeInfinity : months + CutBelow(help - 1);
        var most = months + CutBelow(help);
        return Logistic(most / Slope) * Logistic(-least / Slope) * (1 - Math.Exp((least - most) / Slope));
    }

    private static double Logistic(double x) => 1 / (1 + Math.Exp(-x));
}
