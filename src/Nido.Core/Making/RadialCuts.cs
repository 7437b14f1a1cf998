namespace Nido.Core.Making;

/// <summary>A plate cut along its diameters into equal sectors.</summary>
public static class RadialCuts
{
    /// <summary>What is asked.</summary>
    /// <param name="Diameter">mm.</param>
    /// <param name="Diameters">Straight lines through the middle, 1–36.</param>
    /// <param name="Pattern">Colours in turn round the plate; may be empty.</param>
    public sealed record Ask(double Diameter, int Diameters, IReadOnlyList<string>? Pattern = null);

    /// <summary>What comes out.</summary>
    /// <param name="Sectors">2 × diameters.</param>
    /// <param name="Cuts">Straight cuts, edge to edge.</param>
    /// <param name="EdgeArc">πD / sectors, mm.</param>
    /// <param name="PatternFits">The sectors can be divided by the length of the pattern.</param>
    /// <param name="Trace">In words.</param>
    public sealed record Answer(int Sectors, int Cuts, double EdgeArc, bool PatternFits, IReadOnlyList<Said> Trace);

    /// <summary>How it is asked for.</summary>
    public static Calculator<Ask, Answer> Offer { get; } =
        new("radial-cuts", 7, Of, "sectors", "cuts", "edgeArc", "patternFits")
        {
            Fields =
            [
                AskField.Length("diameter", 180),
                AskField.Count("diameters", 3, 1, 36),
                new("pattern", AskKind.Words, "red, cream, blue"),
            ],
        };

    /// <summary>Divides the plate.</summary>
    public static Answer Of(Ask ask)
    {
        ArgumentNullException.ThrowIfNull(ask);
        var diameter = Need.Length("diameter", ask.Diameter);
        var lines = Need.Whole("diameters", ask.Diameters, 1, 36);
        var pattern = ask.Pattern is null ? [] : Need.Some("pattern", ask.Pattern, 0, 72);
        var sectors = 2 * lines;
        var arc = Math.PI * diameter / sectors;
        var fits = pattern.Count == 0 || sectors % pattern.Count == 0;
        return new(
            sectors,
            lines,
            Need.Round(arc),
            fits,
            [
                $"2 × {lines} = {sectors} sectors, each {360.0 / sectors:0.##}°",
                $"At the edge each is π × {diameter:0.#} / {sectors} = {arc:0.#} mm wide",
                pattern.Count == 0 ? (Said)$"No pattern is asked"
                : fits ? (Said)$"A pattern of {pattern.Count} goes round {sectors / pattern.Count} times"
                : $"A pattern of {pattern.Count} does not go into {sectors} sectors: {sectors % pattern.Count} are left over",
            ]
        );
    }
}
