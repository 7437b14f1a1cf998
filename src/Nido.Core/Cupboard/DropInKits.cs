namespace Nido.Core.Cupboard;

/// <summary>How many kits to pack where who comes is not known.</summary>
public static class DropInKits
{
    /// <summary>
    /// Kits for a session where who comes is not known: the smallest number that runs out with at most this chance
    /// when attendance is Poisson with the expected headcount.
    /// </summary>
    /// <param name="expected">Expected headcount, 0–1000.</param>
    /// <param name="chanceOfRunningOut">Over 0 and under 1; 0.05 by default.</param>
    public static int For(double expected, double chanceOfRunningOut = 0.05)
    {
        ArgumentOutOfRangeException.ThrowIfNegative(expected);
        ArgumentOutOfRangeException.ThrowIfGreaterThan(expected, 1000);
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(chanceOfRunningOut);
        ArgumentOutOfRangeException.ThrowIfGreaterThanOrEqual(chanceOfRunningOut, 1);
        // Terms by logarithm: e^-1000 is no number.
        var (kits, term, sum) = (0, -expected, Math.Exp(-expected));
        while (sum < 1 - chanceOfRunningOut && kits < 10_000)
        {
            kits++;
            term += Math.Log(expected) - Math.Log(kits);
            sum += Math.Exp(term);
        }

        return kits;
    }
}
