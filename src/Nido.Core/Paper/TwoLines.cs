using Nido.Core.Making;
using Nido.Core.Paper.Kinds;

namespace Nido.Core.Paper;

/// <summary>An exact line and an easy one outside it: how long both are to cut, and that they keep their distance
/// everywhere.</summary>
public static class TwoLines
{
    /// <summary>What is asked.</summary>
    /// <param name="Shape">square, circle, rectangle, triangle, house, hexagon or star.</param>
    /// <param name="Size">Side or diameter, mm.</param>
    /// <param name="Distance">From line to line, mm.</param>
    public sealed record Ask(string Shape, double Size, double Distance);

    /// <summary>What comes out.</summary>
    /// <param name="InnerLength">Of the exact line, mm.</param>
    /// <param name="OuterLength">Of the easy line, mm.</param>
    /// <param name="Least">Smallest distance from the easy line to the exact one, mm.</param>
    /// <param name="Most">Largest distance, mm.</param>
    /// <param name="Constant">They differ by less than a tenth of a millimetre.</param>
    /// <param name="FitsA4">With a margin of 10 mm it fits A4.</param>
    /// <param name="Trace">In words.</param>
    public sealed record Answer(
        double InnerLength,
        double OuterLength,
        double Least,
        double Most,
        bool Constant,
        bool FitsA4,
        IReadOnlyList<Said> Trace
    );

    /// <summary>How it is asked for.</summary>
    public static Calculator<Ask, Answer> Offer { get; } =
        new("two-lines", 15, Of, "innerLength", "outerLength", "constant", "fitsA4")
        {
            Fields =
            [
                AskField.Choice(
                    "shape",
                    "square",
                    "square",
                    "circle",
                    "rectangle",
                    "triangle",
                    "house",
                    "hexagon",
                    "star"
                ),
                AskField.Number("size", 90, 10, 1000, "mm"),
                AskField.Length("distance", 9),
            ],
        };

    /// <summary>Measures the lines.</summary>
    public static Answer Of(Ask ask)
    {
        ArgumentNullException.ThrowIfNull(ask);
        var shape = Need.OneOf("shape", ask.Shape, ShapeOf.Names);
        var size = Need.Between("size", ask.Size, 10, 1000, "mm");
        var distance = Need.Between("distance", ask.Distance, 0.5, size / 2, "mm");
        var exact = ShapeOf.Figure(shape, size);
        var easy = Outside.Of(exact, distance);
        var inner = exact.Runs[0].Along(48);
        double[] far = [.. easy.Runs[0].Along().Select(p => inner.Zip(inner.Skip(1), (a, b) => p.ToLine(a, b)).Min())];
        var bounds = easy.Bounds;
        var fits = bounds.Width <= 190 && bounds.Height <= 277;
        return new(
            Need.Round(exact.Length),
            Need.Round(easy.Length),
            Need.Round(far.Min()),
            Need.Round(far.Max()),
            far.Max() - far.Min() < 0.1,
            fits,
            [
                $"The exact line of the {Said.Word(shape)} is {exact.Length:0.#} mm long, the easy one {easy.Length:0.#} mm",
                $"From the easy line to the exact one it is {far.Min():0.##} to {far.Max():0.##} mm at each of {far.Length} places",
                fits
                    ? (Said)
                        $"With its outer line it is {bounds.Width:0.#} × {bounds.Height:0.#} mm, which fits A4 with 10 mm kept free"
                    : $"With its outer line it is {bounds.Width:0.#} × {bounds.Height:0.#} mm, more than A4 with 10 mm kept free",
            ]
        );
    }
}
