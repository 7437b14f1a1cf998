namespace Nido.Core.Cupboard;

/// <summary>A way to make a material of others: cut, fold, tie, fill, colour.</summary>
/// <param name="Id">Kebab case.</param>
/// <param name="Makes">Id of the material that comes out.</param>
/// <param name="Amount">Units that come out of a batch.</param>
/// <param name="From">What a batch takes: id of a material and units of it.</param>
/// <param name="Minutes">Work of a batch.</param>
/// <param name="WaitMinutes">Drying or cooling before use.</param>
/// <param name="AdultOnly">Not with children.</param>
/// <param name="Actions">What is done, for the safety rules.</param>
/// <param name="Do">In words.</param>
public sealed record MakeFrom(
    string Id,
    string Makes,
    double Amount,
    IReadOnlyDictionary<string, double> From,
    double Minutes,
    int WaitMinutes,
    bool AdultOnly,
    IReadOnlyList<string> Actions,
    InBoth Do
)
{
    /// <summary>Id of the kind of sheet that spares drawing it, or null.</summary>
    public string? Sheet { get; init; }

    /// <summary>Work of a batch where the sheet is printed.</summary>
    public double PrintedMinutes { get; init; }

    /// <summary>The work where there is a printer.</summary>
    public MakeFrom Printed() => Sheet is null ? this : this with { Minutes = PrintedMinutes };

    /// <summary>
    /// Pieces of a length and what is left: ⌊(length + loss)/(piece + loss)⌋, the loss lying between pieces. All in mm.
    /// </summary>
    public static (int Pieces, double Left) Cut(double length, double piece, double loss)
    {
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(piece);
        var pieces = (int)Math.Floor(((length + loss) / (piece + loss)) + 1e-9);
        return (pieces, length - (pieces * piece) - (Math.Max(0, pieces - 1) * loss));
    }
}
