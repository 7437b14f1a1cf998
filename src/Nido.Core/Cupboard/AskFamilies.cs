namespace Nido.Core.Cupboard;

/// <summary>Asking families for saved-up things: whether it is enough, and when the note must go out.</summary>
/// <param name="Weeks">Weeks it takes to collect what is missing.</param>
/// <param name="SendBy">Last day to send the note.</param>
/// <param name="Expected">Things expected by then.</param>
/// <param name="Trace">In words.</param>
public sealed record AskFamilies(int Weeks, DateOnly SendBy, double Expected, IReadOnlyList<Said> Trace)
{
    /// <summary>Things a household brings in a week; common practice, to be seen anew in every house.</summary>
    public const double UsualEach = 2;

    /// <summary>Households × things a household a week × weeks must reach what is missing.</summary>
    /// <param name="missing">Units, over 0.</param>
    /// <param name="households">Households asked, at least 1.</param>
    /// <param name="each">Things a household a week, over 0.</param>
    /// <param name="neededOn">First day they are used.</param>
    public static AskFamilies For(double missing, int households, double each, DateOnly neededOn)
    {
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(missing);
        ArgumentOutOfRangeException.ThrowIfLessThan(households, 1);
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(each);
        var weeks = (int)Math.Ceiling((missing / (households * each)) - 1e-9);
        var send = neededOn.AddDays(-7 * weeks);
        return new(
            weeks,
            send,
            households * each * weeks,
            [
                $"{households} households × {each:0.#} a week × {weeks} {weeks:week|weeks} = "
                    + $"{households * each * weeks:0.#}, and {missing:0.##} are missing",
            ]
        );
    }
}
