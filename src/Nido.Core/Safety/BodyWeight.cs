namespace Nido.Core.Safety;

/// <summary>Usual body weight by age.</summary>
public static class BodyWeight
{
    // Months and kg, mean of the medians of girls and boys. Source: WHO Child Growth Standards 2006; 72 months WHO
    // Reference 2007 (from memory).
    private static readonly (int Months, double Kg)[] Medians =
    [
        (0, 3.3),
        (6, 7.6),
        (12, 9.3),
        (24, 11.8),
        (36, 14.1),
        (48, 16.2),
        (60, 18.3),
        (72, 20.4),
        (108, 28.0),
    ];

    /// <summary>Median weight at an age in kg; between two published ages in proportion, beyond the last as
    /// there.</summary>
    /// <param name="months">Whole months, 0 or more.</param>
    public static double At(int months)
    {
        var after = Array.FindIndex(Medians, m => m.Months >= months);
        if (after <= 0)
        {
            return after == 0 ? Medians[0].Kg : Medians[^1].Kg;
        }

        var (before, next) = (Medians[after - 1], Medians[after]);
        return before.Kg + ((next.Kg - before.Kg) * (months - before.Months) / (next.Months - before.Months));
    }
}
