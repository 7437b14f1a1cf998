namespace Nido.Core.Making;

/// <summary>A tray filled so deep: volume, mass, cups.</summary>
public static class TrayFill
{
    /// <summary>What is asked.</summary>
    /// <param name="Length">Inside, mm.</param>
    /// <param name="Width">Inside, mm.</param>
    /// <param name="Depth">Of the filling, mm.</param>
    /// <param name="Density">g/mL; or a material.</param>
    /// <param name="Material">salt, flour, sugar, oats, rice, cornstarch, sand or water.</param>
    /// <param name="Trays">How many.</param>
    public sealed record Ask(
        double Length,
        double Width,
        double Depth,
        double? Density = null,
        string? Material = null,
        int Trays = 1
    );

    /// <summary>What comes out, for all trays.</summary>
    /// <param name="VolumeMl">mL.</param>
    /// <param name="MassG">g.</param>
    /// <param name="Cups">US cups.</param>
    /// <param name="Trace">In words.</param>
    public sealed record Answer(double VolumeMl, double MassG, double Cups, IReadOnlyList<Said> Trace);

    /// <summary>How it is asked for.</summary>
    public static Calculator<Ask, Answer> Offer { get; } =
        new("tray-fill", 27, Of, "volumeMl", "massG", "cups")
        {
            Fields =
            [
                AskField.Length("length", 300, most: 5000),
                AskField.Length("width", 200, most: 5000),
                AskField.Length("depth", 3, most: 1000),
                AskField.Choice(
                    "material",
                    "salt",
                    "salt",
                    "flour",
                    "sugar",
                    "oats",
                    "rice",
                    "cornstarch",
                    "sand",
                    "water"
                ),
                AskField.Count("trays", 5, 1, 1000),
            ],
        };

    /// <summary>Length × width × depth, and the mass of it.</summary>
    public static Answer Of(Ask ask)
    {
        ArgumentNullException.ThrowIfNull(ask);
        var (length, width) = (Need.Length("length", ask.Length, 5000), Need.Length("width", ask.Width, 5000));
        var depth = Need.Length("depth", ask.Depth, 1000);
        var trays = Need.Whole("trays", ask.Trays, 1, 1000);
        var density = ask.Density is { } d
            ? Need.Between("density", d, 0.01, 20, "g/mL")
            : HouseholdMeasures.CupDensity(Need.OneOf("material", ask.Material, HouseholdMeasures.KnownFoods));
        var volume = length * width * depth / 1000 * trays;
        return new(
            Need.Round(volume),
            Need.Round(volume * density),
            Need.Round(volume / HouseholdMeasures.Cup),
            [
                $"{length:0.#} × {width:0.#} × {depth:0.#} mm = {volume / trays:0.#} "
                    + $"mL{Said.When(trays > 1, $", {trays} trays {volume:0.#} mL")}",
                $"× {density:0.###} g/mL = {volume * density:0} g",
                $"/ {HouseholdMeasures.Cup:0.#} mL = {volume / HouseholdMeasures.Cup:0.##} US cups",
            ]
        );
    }
}
