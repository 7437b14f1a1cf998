namespace Nido.Core.Making;

/// <summary>How many pieces a sheet gives, all turned the same way.</summary>
public static class SheetYield
{
    private const int MostPieces = 20_000;

    /// <summary>What is asked: rectangles, or circles where a diameter is given.</summary>
    /// <param name="SheetWidth">mm.</param>
    /// <param name="SheetHeight">mm.</param>
    /// <param name="PieceWidth">mm.</param>
    /// <param name="PieceHeight">mm.</param>
    /// <param name="Diameter">Of circles, mm.</param>
    /// <param name="Margin">Kept free at the edge, mm.</param>
    /// <param name="Gap">Kept free between pieces, mm.</param>
    /// <param name="Needed">Pieces in all.</param>
    public sealed record Ask(
        double SheetWidth,
        double SheetHeight,
        double? PieceWidth = null,
        double? PieceHeight = null,
        double? Diameter = null,
        double Margin = 0,
        double Gap = 0,
        int Needed = 1
    );

    /// <summary>Upper left corner of a rectangle, middle of a circle; mm from the upper left corner of the
    /// sheet.</summary>
    public sealed record Position(double X, double Y);

    /// <summary>What comes out.</summary>
    /// <param name="PerSheet">Pieces of a sheet.</param>
    /// <param name="Arrangement">grid, square or hexagonal.</param>
    /// <param name="Turned">Rectangles lie turned by a quarter, or rows of circles run along the height.</param>
    /// <param name="Sheets">Sheets for what is needed.</param>
    /// <param name="WastePercent">Of a full sheet.</param>
    /// <param name="Positions">Where the pieces lie.</param>
    /// <param name="Trace">In words.</param>
    public sealed record Answer(
        int PerSheet,
        string Arrangement,
        bool Turned,
        int Sheets,
        double WastePercent,
        IReadOnlyList<Position> Positions,
        IReadOnlyList<Said> Trace
    );

    /// <summary>How it is asked for.</summary>
    public static Calculator<Ask, Answer> Offer { get; } =
        new("sheet-yield", 6, Of, "perSheet", "arrangement", "sheets", "wastePercent")
        {
            Fields =
            [
                AskField.Length("sheetWidth", 210),
                AskField.Length("sheetHeight", 297),
                AskField.Length("pieceWidth", 40),
                AskField.Length("pieceHeight", 60),
                AskField.Length("diameter"),
                AskField.LengthOrNone("margin", 5),
                AskField.LengthOrNone("gap", 0),
                AskField.Count("needed", 84, 1, 1_000_000),
            ],
        };

    /// <summary>Lays the pieces out.</summary>
    public static Answer Of(Ask ask)
    {
        ArgumentNullException.ThrowIfNull(ask);
        var (w, h) = (Need.Length("sheetWidth", ask.SheetWidth), Need.Length("sheetHeight", ask.SheetHeight));
        var margin = Need.LengthOrNone("margin", ask.Margin);
        var gap = Need.LengthOrNone("gap", ask.Gap);
        var needed = Need.Whole("needed", ask.Needed, 1, 1_000_000);
        if (2 * margin >= Math.Min(w, h))
        {
            throw Need.Refused("margin", margin, $"the margins leave nothing of a sheet of {w:0.#} × {h:0.#} mm");
        }

        var (iw, ih) = (w - (2 * margin), h - (2 * margin));
        NotTooMany(ask, iw, ih, gap);
        var layouts = ask.Diameter is { } d
            ? Circles(iw, ih, Need.Length("diameter", d), gap)
            : Rectangles(
                iw,
                ih,
                Need.Length("pieceWidth", ask.PieceWidth ?? 0),
                Need.Length("pieceHeight", ask.PieceHeight ?? 0),
                gap
            );
        var best = layouts.MaxBy(l => l.Positions.Count)!;
        if (best.Positions.Count == 0)
        {
            throw Need.Refused(
                ask.Diameter is null ? "pieceWidth" : "diameter",
                ask.Diameter ?? ask.PieceWidth,
                $"the piece does not fit a sheet of {iw:0.#} × {ih:0.#} mm inside its margin"
            );
        }

        var area = ask.Diameter is { } round
            ? Math.PI * round * round / 4
            : ask.PieceWidth!.Value * ask.PieceHeight!.Value;
        var waste = 100 * (1 - (best.Positions.Count * area / (w * h)));
        var sheets = (int)Math.Ceiling(needed / (double)best.Positions.Count);
        return new(
            best.Positions.Count,
            best.Arrangement,
            best.Turned,
            sheets,
            Math.Round(waste, 1),
            [.. best.Positions.Select(p => new Position(Need.Round(p.X + margin), Need.Round(p.Y + margin)))],
            [
                .. layouts.Select(l =>
                    (Said)$"{Said.Word(l.Arrangement)}{Said.When(l.Turned, $", turned")}: {l.Positions.Count}"
                ),
                $"Best: {best.Positions.Count} a sheet, {waste:0.#}% waste; {needed} need {sheets} {sheets:sheet|sheets}",
            ]
        );
    }

    /// <summary>Counts before anything is laid: what nobody can cut is refused, not computed.</summary>
    private static void NotTooMany(Ask ask, double w, double h, double gap)
    {
        var round = ask.Diameter is not null;
        var field = round ? "diameter" : "pieceWidth";
        var width = Need.Length(field, ask.Diameter ?? ask.PieceWidth ?? 0);
        var height = round ? width : Need.Length("pieceHeight", ask.PieceHeight ?? 0);
        // Rows of circles may lie √3/2 of a pitch apart: nothing lies closer than this.
        var rowPitch = (height + gap) * (round ? Math.Sqrt(3) / 2 : 1);
        if ((w + gap) / (width + gap) * ((h + gap) / rowPitch) > MostPieces)
        {
            throw Need.Refused(
                field,
                ask.Diameter ?? ask.PieceWidth,
                $"a sheet would give more than {MostPieces:#,0} pieces; take larger ones"
            );
        }
    }

    private sealed record Layout(string Arrangement, bool Turned, IReadOnlyList<Position> Positions);

    private static Layout[] Rectangles(double w, double h, double a, double b, double gap) =>
        a == b
            ? [new("grid", false, Grid(w, h, a, b, gap, 0))]
            : [new("grid", false, Grid(w, h, a, b, gap, 0)), new("grid", true, Grid(w, h, b, a, gap, 0))];

    private static Layout[] Circles(double w, double h, double d, double gap) =>
        [
            new("square", false, Grid(w, h, d, d, gap, d / 2)),
            new("hexagonal", false, Hexagonal(w, h, d, gap)),
            new("hexagonal", true, [.. Hexagonal(h, w, d, gap).Select(p => new Position(p.Y, p.X))]),
        ];

    private static Position[] Grid(double w, double h, double a, double b, double gap, double shift)
    {
        var (columns, rows) = (Need.Floor((w + gap) / (a + gap)), Need.Floor((h + gap) / (b + gap)));
        return
        [
            .. from r in Enumerable.Range(0, rows)
            from c in Enumerable.Range(0, columns)
            select new Position((c * (a + gap)) + shift, (r * (b + gap)) + shift),
        ];
    }

    /// <summary>Every other row moved by half a circle, rows √3/2 of a circle apart.</summary>
    private static Position[] Hexagonal(double w, double h, double d, double gap)
    {
        if (w < d - 1e-9 || h < d - 1e-9)
        {
            return [];
        }

        var pitch = d + gap;
        var rows = Need.Floor((h - d) / (pitch * Math.Sqrt(3) / 2)) + 1;
        return
        [
            .. Enumerable
                .Range(0, rows)
                .SelectMany(r =>
                {
                    var first = (d / 2) + (r % 2 * pitch / 2);
                    var columns = w - first - (d / 2) < -1e-9 ? 0 : Need.Floor((w - first - (d / 2)) / pitch) + 1;
                    return Enumerable
                        .Range(0, columns)
                        .Select(c => new Position(first + (c * pitch), (d / 2) + (r * pitch * Math.Sqrt(3) / 2)));
                }),
        ];
    }
}
