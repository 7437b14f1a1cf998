namespace Nido.Core.Making;

/// <summary>Glue along guide lines: a bead is half a cylinder.</summary>
public static class Glue
{
    /// <summary>What is asked.</summary>
    /// <param name="LineLength">mm.</param>
    /// <param name="BeadWidth">mm.</param>
    /// <param name="Copies">Sheets with such a line.</param>
    /// <param name="Spare">Percent on top.</param>
    public sealed record Ask(double LineLength, double BeadWidth, int Copies = 1, double Spare = 0);

    /// <summary>What comes out.</summary>
    /// <param name="MlEach">πw²/8 × L / 1000, mL.</param>
    /// <param name="Ml">For all copies with spare, mL.</param>
    /// <param name="Trace">In words.</param>
    public sealed record Answer(double MlEach, double Ml, IReadOnlyList<Said> Trace);

    /// <summary>How it is asked for.</summary>
    public static Calculator<Ask, Answer> Offer { get; } =
        new("glue", 23, Of, "mlEach", "ml")
        {
            Fields =
            [
                AskField.Length("lineLength", 600, most: 100_000),
                AskField.Length("beadWidth", 4, most: 50),
                AskField.Count("copies", 14, 1, 10_000),
                AskField.Spare(),
            ],
        };

    /// <summary>Works out the volume.</summary>
    public static Answer Of(Ask ask)
    {
        ArgumentNullException.ThrowIfNull(ask);
        var length = Need.Length("lineLength", ask.LineLength, 100_000);
        var width = Need.Length("beadWidth", ask.BeadWidth, 50);
        var copies = Need.Whole("copies", ask.Copies, 1, 10_000);
        var spare = Need.Spare(ask.Spare);
        var each = Math.PI * width * width / 8 * length / 1000;
        var all = each * copies * (1 + (spare / 100));
        return new(
            Need.Round(each),
            Need.Round(all),
            [
                $"A bead {width:0.#} mm wide is half a cylinder: π × {width:0.#}² / 8 = {Math.PI * width * width / 8:0.##} mm²",
                $"× {length:0.#} mm = {each:0.##} mL; {copies} copies{Said.When(spare > 0, $" and {spare:0.#}% spare")}: {all:0.##} mL",
            ]
        );
    }
}
