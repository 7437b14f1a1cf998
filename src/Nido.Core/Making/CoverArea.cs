namespace Nido.Core.Making;

/// <summary>Pieces to fill a patch, as a range: hands lay closer or looser.</summary>
public static class CoverArea
{
    /// <summary>Shares of the patch that pieces laid by hand cover; common practice.</summary>
    private const double Loose = 0.6,
        Close = 0.8;

    /// <summary>What is asked.</summary>
    /// <param name="Area">mm²; or width and height.</param>
    /// <param name="Width">mm.</param>
    /// <param name="Height">mm.</param>
    /// <param name="Piece">A piece lying flat.</param>
    /// <param name="Packing">Share that is covered, 0.1–1; left out, 0.6–0.8.</param>
    public sealed record Ask(
        FitsThrough.Piece Piece,
        double? Area = null,
        double? Width = null,
        double? Height = null,
        double? Packing = null
    );

    /// <summary>What comes out.</summary>
    /// <param name="Fewest">Laid loosely.</param>
    /// <param name="Most">Laid closely.</param>
    /// <param name="Trace">In words.</param>
    public sealed record Answer(int Fewest, int Most, IReadOnlyList<Said> Trace);

    /// <summary>How it is asked for.</summary>
    public static Calculator<Ask, Answer> Offer { get; } =
        new("cover-area", 25, Of, "fewest", "most")
        {
            Fields =
            [
                AskField.Length("width", 200),
                AskField.Length("height", 100),
                AskField.Choice("piece.shape", "sphere", "sphere", "box", "rod", "disc"),
                AskField.Length("piece.diameter", 20),
                AskField.Length("piece.length", 60),
                AskField.Length("piece.width", 40),
                AskField.Length("piece.height", 30),
            ],
        };

    /// <summary>Divides the patch by the piece.</summary>
    public static Answer Of(Ask ask)
    {
        ArgumentNullException.ThrowIfNull(ask);
        var area = ask.Area is { } a
            ? Need.Between("area", a, 1, 100_000_000, "mm²")
            : Need.Length("width", ask.Width ?? 0) * Need.Length("height", ask.Height ?? 0);
        var piece = FitsThrough.Footprint(FitsThrough.Checked("piece", ask.Piece));
        var (loose, close) = ask.Packing is { } p ? (Need.Between("packing", p, 0.1, 1), p) : (Loose, Close);
        var (fewest, most) = (Need.Floor(area * loose / piece), Need.Floor(area * close / piece));
        return most == 0
            ? throw Need.Refused("piece", FitsThrough.Words(ask.Piece), $"it is larger than the patch of {area:0} mm²")
            : new(
                fewest,
                most,
                [
                    $"{area:0} mm² / {piece:0} mm² a piece = {area / piece:0.#}, of which "
                        + $"{100 * loose:0}–{100 * close:0}% find room: {fewest}–{most}",
                ]
            );
    }
}
