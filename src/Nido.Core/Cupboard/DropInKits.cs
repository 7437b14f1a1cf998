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
    public static int For(double expected, double chanceOfRunningOut = 0.05) =>
        For(new Coming(expected), chanceOfRunningOut);

    /// <summary>As the other one, where sessions may differ by more than chance.</summary>
    public static int For(Coming coming, double chanceOfRunningOut)
    {
        ArgumentOutOfRangeException.ThrowIfNegative(coming.Expected);
        ArgumentOutOfRangeException.ThrowIfGreaterThan(coming.Expected, 1000);
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(chanceOfRunningOut);
        ArgumentOutOfRangeException.ThrowIfGreaterThanOrEqual(chanceOfRunningOut, 1);
        return coming.Least(1 - chanceOfRunningOut);
    }
}
