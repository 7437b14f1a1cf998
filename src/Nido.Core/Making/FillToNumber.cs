namespace Nido.Core.Making;

/// <summary>Cups or boxes filled to the number written on them.</summary>
public static class FillToNumber
{
    /// <summary>What is asked.</summary>
    /// <param name="Labels">Numbers written, each 0–100.</param>
    /// <param name="Children">Who has a set.</param>
    /// <param name="Spare">Percent on top.</param>
    public sealed record Ask(IReadOnlyList<int> Labels, int Children, double Spare = 0);

    /// <summary>What comes out.</summary>
    /// <param name="PerChild">Sum of the labels.</param>
    /// <param name="Total">Pieces for everyone with spare.</param>
    /// <param name="Trace">In words.</param>
    public sealed record Answer(int PerChild, int Total, IReadOnlyList<Said> Trace);

    /// <summary>How it is asked for.</summary>
    public static Calculator<Ask, Answer> Offer { get; } =
        new("fill-to-number", 1, Of, "perChild", "total")
        {
            Fields =
            [
                new("labels", AskKind.Numbers, "1, 2, 3, 4, 5, 6"),
                AskField.Count("children", 14, 1, 1000),
                AskField.Spare(),
            ],
        };

    /// <summary>Adds up the labels.</summary>
    public static Answer Of(Ask ask)
    {
        ArgumentNullException.ThrowIfNull(ask);
        var labels = Need.Some("labels", ask.Labels, 1, 100);
        foreach (var label in labels)
        {
            Need.Whole("labels", label, 0, 100);
        }

        var children = Need.Whole("children", ask.Children, 1, 1000);
        var spare = Need.Spare(ask.Spare);
        var total = Need.Spared((double)labels.Sum() * children, spare);
        return new(
            labels.Sum(),
            total,
            [
                $"{labels:+} = {labels.Sum()}",
                $"{labels.Sum()} × {children}{Said.When(spare > 0, $" and {spare:0.#}% spare")} = {total}",
            ]
        );
    }
}
