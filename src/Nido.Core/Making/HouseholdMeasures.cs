namespace Nido.Core.Making;

/// <summary>US and metric kitchen measures, and what a cup of common foods weighs.</summary>
public static class HouseholdMeasures
{
    /// <summary>mL in a US teaspoon, tablespoon and cup. Source: NIST Handbook 44 appendix C (from memory).</summary>
    public const double Teaspoon = 4.929,
        Tablespoon = 14.787,
        Cup = 236.588;

    // Grams in a US cup. Source: USDA FoodData Central portion weights (from memory); sand and water common practice.
    private static readonly Dictionary<string, double> CupWeights = new()
    {
        ["salt"] = 292,
        ["flour"] = 125,
        ["sugar"] = 200,
        ["oats"] = 81,
        ["rice"] = 185,
        ["cornstarch"] = 128,
        ["sand"] = 380,
        ["water"] = Cup,
    };

    /// <summary>Foods with a known cup weight.</summary>
    public static IReadOnlyCollection<string> KnownFoods => CupWeights.Keys;

    /// <summary>Bulk density of a known food, g/mL.</summary>
    public static double CupDensity(string food) => CupWeights[food] / Cup;

    /// <summary>
    /// The nearest amount a kitchen can measure: ¼ teaspoon steps to 10 teaspoons, 1 teaspoon to 10 tablespoons,
    /// 1 tablespoon to 1¼ cups, ⅛ cup above. Metric: 1 to 50, 5 to 500, 25 above.
    /// </summary>
    /// <param name="amount">mL; or g where <paramref name="us"/> is false.</param>
    /// <param name="us">US measures, else metric.</param>
    /// <returns>The amount in the unit of the input, and how it is written.</returns>
    public static (double Amount, double Shown, string Unit) Nearest(double amount, bool us)
    {
        if (!us)
        {
            var pace =
                amount <= 50 ? 1
                : amount <= 500 ? 5
                : 25;
            var rounded = Math.Max(pace, Math.Round(amount / pace) * pace);
            return (rounded, rounded, "");
        }

        var (step, unit, size) =
            amount <= 10 * Teaspoon ? (Teaspoon / 4, "tsp", Teaspoon)
            : amount <= 10 * Tablespoon ? (Teaspoon, "tbsp", Tablespoon)
            : amount <= 1.25 * Cup ? (Tablespoon, "cup", Cup)
            : (Cup / 8, "cup", Cup);
        var steps = Math.Max(1, Math.Round(amount / step));
        return (steps * step, Math.Round(steps * step / size, 3), unit);
    }
}
