namespace Nido.Core.Making;

/// <summary>Pieces a container holds poured in loosely, as a range.</summary>
public static class ContainerCapacity
{
    /// <summary>Share of a container that loosely poured even pieces fill (random loose to random close
    /// packing).</summary>
    private const double Loose = 0.55,
        Close = 0.64;

    /// <summary>What is asked.</summary>
    /// <param name="Volume">Of the container, mL.</param>
    /// <param name="Piece">What goes in.</param>
    /// <param name="Packing">Share that is filled, 0.1–1; left out, 0.55–0.64.</param>
    public sealed record Ask(double Volume, FitsThrough.Piece Piece, double? Packing = null);

    /// <summary>What comes out.</summary>
    /// <param name="Fewest">Poured loosely.</param>
    /// <param name="Most">Shaken down.</param>
    /// <param name="Trace">In words.</param>
    public sealed record Answer(int Fewest, int Most, IReadOnlyList<Said> Trace);

    /// <summary>How it is asked for.</summary>
    public static Calculator<Ask, Answer> Offer { get; } =
        new("container-capacity", 26, Of, "fewest", "most")
        {
            Fields =
            [
                AskField.Number("volume", 500, 0.001, 1_000_000, "mL"),
                AskField.Choice("piece.shape", "sphere", "sphere", "box", "rod", "disc"),
                AskField.Length("piece.diameter", 20),
                AskField.Length("piece.length", 60),
                AskField.Length("piece.width", 40),
                AskField.Length("piece.height", 30),
            ],
        };

    /// <summary>Divides the container by the piece.</summary>
    public static Answer Of(Ask ask)
    {
        ArgumentNullException.ThrowIfNull(ask);
        var volume = Need.Between("volume", ask.Volume, 0.001, 1_000_000, "mL");
        var piece = FitsThrough.Volume(FitsThrough.Checked("piece", ask.Piece)) / 1000;
        var (loose, close) = ask.Packing is { } p ? (Need.Between("packing", p, 0.1, 1), p) : (Loose, Close);
        var (fewest, most) = (Need.Floor(volume * loose / piece), Need.Floor(volume * close / piece));
        return most == 0
            ? throw Need.Refused("volume", volume, $"one piece is {piece:0.##} mL; the container must be larger")
            : new(
                fewest,
                most,
                [
                    $"{volume:0.##} mL / {piece:0.###} mL a piece = {volume / piece:0.#}, of which "
                        + $"{100 * loose:0}–{100 * close:0}% find room: {fewest}–{most}",
                ]
            );
    }
}
