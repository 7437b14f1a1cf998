namespace Nido.Core.Making;

/// <summary>A sheet cut into strips, the strips snipped into squares: the right order, and how many cuts it
/// takes.</summary>
public static class StripsSquares
{
    /// <summary>What is asked.</summary>
    /// <param name="SheetWidth">mm.</param>
    /// <param name="SheetHeight">mm.</param>
    /// <param name="Strip">Width of a strip, mm.</param>
    /// <param name="Square">Length snipped off a strip, mm.</param>
    /// <param name="StripsAlong">The side strips run along: width or height.</param>
    /// <param name="Children">Who needs squares.</param>
    /// <param name="SquaresPerChild">Of each; or an area to cover.</param>
    /// <param name="CoverArea">Area each child covers, mm².</param>
    /// <param name="Coverage">Share of the area that is covered.</param>
    /// <param name="MinutesPerCut">Minutes a cut takes, by step.</param>
    public sealed record Ask(
        double SheetWidth,
        double SheetHeight,
        double Strip,
        double Square,
        string StripsAlong = "height",
        int Children = 1,
        int? SquaresPerChild = null,
        double? CoverArea = null,
        double Coverage = 1,
        IReadOnlyDictionary<string, double>? MinutesPerCut = null
    );

    /// <summary>What is left of a sheet, mm.</summary>
    public sealed record Rest(double Width, double Height);

    /// <summary>What comes out.</summary>
    /// <param name="Strips">Of a sheet.</param>
    /// <param name="SquaresPerStrip">Of a strip.</param>
    /// <param name="SquaresPerSheet">Of a sheet.</param>
    /// <param name="Cuts">All cuts of a sheet; a leftover edge costs its own.</param>
    /// <param name="Snips">Those of them that go across strips.</param>
    /// <param name="Squares">Squares needed in all.</param>
    /// <param name="Sheets">Sheets for them.</param>
    /// <param name="Leftover">Edge left of a sheet.</param>
    /// <param name="Minutes">For the cuts of a sheet, by step.</param>
    /// <param name="Trace">In words.</param>
    public sealed record Answer(
        int Strips,
        int SquaresPerStrip,
        int SquaresPerSheet,
        int Cuts,
        int Snips,
        int Squares,
        int Sheets,
        Rest Leftover,
        IReadOnlyDictionary<string, double> Minutes,
        IReadOnlyList<Said> Trace
    );

    /// <summary>How it is asked for.</summary>
    public static Calculator<Ask, Answer> Offer { get; } =
        new("strips-squares", 5, Of, "strips", "squaresPerSheet", "cuts", "sheets")
        {
            Fields =
            [
                AskField.Length("sheetWidth", 210),
                AskField.Length("sheetHeight", 297),
                AskField.Length("strip", 20),
                AskField.Length("square", 20),
                AskField.Choice("stripsAlong", "height", "height", "width"),
                AskField.Count("children", 14, 1, 1000),
                AskField.Count("squaresPerChild", 12, 1, 10_000),
            ],
        };

    /// <summary>Cuts the sheet.</summary>
    public static Answer Of(Ask ask)
    {
        ArgumentNullException.ThrowIfNull(ask);
        var (w, h) = (Need.Length("sheetWidth", ask.SheetWidth), Need.Length("sheetHeight", ask.SheetHeight));
        var along = Need.OneOf("stripsAlong", ask.StripsAlong, "width", "height");
        var (across, length) = along == "height" ? (w, h) : (h, w);
        var strip = Need.Length("strip", ask.Strip, across);
        var square = Need.Length("square", ask.Square, length);
        var children = Need.Whole("children", ask.Children, 1, 1000);
        var each = PerChild(ask, strip, square);
        foreach (var (step, minutes) in ask.MinutesPerCut ?? new Dictionary<string, double>())
        {
            Need.Between($"minutesPerCut.{step}", minutes, 0, 60, "min");
        }

        var (strips, squares) = (Need.Floor(across / strip), Need.Floor(length / square));
        var (restAcross, restLength) = (across - (strips * strip), length - (squares * square));
        var stripCuts = strips - (restAcross > 1e-6 ? 0 : 1);
        var snips = strips * (squares - (restLength > 1e-6 ? 0 : 1));
        var needed = children * each;
        var sheets = (int)Math.Ceiling(needed / (double)(strips * squares));
        return new(
            strips,
            squares,
            strips * squares,
            stripCuts + snips,
            snips,
            needed,
            sheets,
            along == "height"
                ? new(Need.Round(restAcross), Need.Round(restLength))
                : new(Need.Round(restLength), Need.Round(restAcross)),
            (ask.MinutesPerCut ?? new Dictionary<string, double>()).ToDictionary(
                m => m.Key,
                m => Need.Round(m.Value * (stripCuts + snips))
            ),
            [
                $"{across:0.#} / {strip:0.#} = {strips} strips along the {Said.Word(along)}, {restAcross:0.#} mm left",
                $"{length:0.#} / {square:0.#} = {squares} squares each, {restLength:0.#} mm left: {strips * squares} a sheet",
                $"{stripCuts} cuts for the "
                    + $"strips{Said.When(restAcross > 1e-6, $", the leftover edge its own")}, {snips} snips across "
                    + $"them: {stripCuts + snips}",
                $"{children} × {each} = {needed} squares need {sheets} sheets",
            ]
        );
    }

    private static int PerChild(Ask ask, double strip, double square)
    {
        if (ask.CoverArea is { } area)
        {
            var covered =
                Need.Between("coverArea", area, 1, 10_000_000, "mm²") * Need.Between("coverage", ask.Coverage, 0.01, 1);
            return (int)Math.Ceiling((covered / (strip * square)) - 1e-9);
        }

        return ask.SquaresPerChild is { } n
            ? Need.Whole("squaresPerChild", n, 1, 10_000)
            : throw Need.Refused("squaresPerChild", "nothing", $"either squaresPerChild or coverArea is wanted");
    }
}
