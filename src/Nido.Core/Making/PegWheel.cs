namespace Nido.Core.Making;

/// <summary>Clothes pegs round a wheel of card: how many before it sags. An estimate, as a cantilever plate.</summary>
public static class PegWheel
{
    private const double Gravity = 9.81;

    /// <summary>Sag at which a wheel no longer looks flat: a tenth of the length that hangs free.</summary>
    private const double MostSag = 0.1;

    // Bending stiffness in MPa (N/mm²); handbook orders of magnitude, from memory.
    private static readonly Dictionary<string, double> Stiffness = new()
    {
        ["paper"] = 2500,
        ["card"] = 2500,
        ["corrugated"] = 300,
        ["plastic"] = 1500,
        ["foam"] = 20,
        ["plywood"] = 7000,
    };

    /// <summary>What is asked.</summary>
    /// <param name="Diameter">mm.</param>
    /// <param name="Thickness">mm.</param>
    /// <param name="Material">paper, card, corrugated, plastic, foam or plywood.</param>
    /// <param name="PegMass">g.</param>
    /// <param name="Pegs">How many are wanted.</param>
    /// <param name="Grip">Held at the edge or at the centre.</param>
    public sealed record Ask(
        double Diameter,
        double Thickness,
        string Material,
        double PegMass,
        int Pegs,
        string Grip = "centre"
    );

    /// <summary>What comes out.</summary>
    /// <param name="MostPegs">Before it sags more than a tenth.</param>
    /// <param name="SagMm">With the pegs asked.</param>
    /// <param name="Holds">The pegs asked are not too many.</param>
    /// <param name="Estimate">Always true: try it once.</param>
    /// <param name="Trace">In words.</param>
    public sealed record Answer(int MostPegs, double SagMm, bool Holds, bool Estimate, IReadOnlyList<Said> Trace);

    /// <summary>How it is asked for.</summary>
    public static Calculator<Ask, Answer> Offer { get; } =
        new("peg-wheel", 22, Of, "mostPegs", "sagMm", "holds")
        {
            Fields =
            [
                AskField.Length("diameter", 200, most: 1000),
                AskField.Length("thickness", 1.5, most: 50),
                AskField.Choice("material", "card", "card", "paper", "corrugated", "plastic", "foam", "plywood"),
                AskField.Number("pegMass", 8, 0.1, 500, "g"),
                AskField.Count("pegs", 10, 1, 500),
                AskField.Choice("grip", "centre", "centre", "edge"),
            ],
        };

    /// <summary>
    /// The part that hangs free bends like a strip clamped where it is held: from the centre half the wheel with half
    /// the pegs at its rim, from the edge the whole wheel with all pegs, on average half way out.
    /// </summary>
    public static Answer Of(Ask ask)
    {
        ArgumentNullException.ThrowIfNull(ask);
        var diameter = Need.Length("diameter", ask.Diameter, 1000);
        var thickness = Need.Length("thickness", ask.Thickness, 50);
        var stiffness = Stiffness[Need.OneOf("material", ask.Material, Stiffness.Keys)];
        var mass = Need.Between("pegMass", ask.PegMass, 0.1, 500, "g");
        var pegs = Need.Whole("pegs", ask.Pegs, 1, 500);
        var fromCentre = Need.OneOf("grip", ask.Grip, "edge", "centre") == "centre";
        var free = fromCentre ? diameter / 2 : diameter;
        var reach = fromCentre ? free : free / 2;
        var breadth = diameter * Math.PI / 4;
        var inertia = breadth * Math.Pow(thickness, 3) / 12;
        var load = mass / 1000 * Gravity * (fromCentre ? 0.5 : 1);
        // End sag of a cantilever under a load at a distance a: F a² (3L − a) / (6 E I).
        var sagOfOne = load * reach * reach * ((3 * free) - reach) / (6 * stiffness * inertia);
        var sag = sagOfOne * pegs;
        var most = Math.Min(500, Need.Floor(MostSag * free / sagOfOne));
        return new(
            most,
            Need.Round(sag),
            pegs <= most,
            true,
            [
                $"An estimate: {free:0.#} mm hang free, {breadth:0.#} mm broad, {thickness:0.##} mm thick, stiffness {stiffness:0} MPa",
                $"A peg of {mass:0.#} g lets it sag {sagOfOne:0.###} mm; {pegs} pegs {sag:0.#} mm",
                $"A tenth of {free:0.#} mm is {MostSag * free:0.#} mm: at most {most} pegs. Try it once before you make them all",
            ]
        );
    }
}
