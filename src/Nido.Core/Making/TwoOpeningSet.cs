namespace Nido.Core.Making;

/// <summary>Pieces to sort by a small and a large opening: does each piece have one answer?</summary>
public static class TwoOpeningSet
{
    /// <summary>What is asked.</summary>
    public sealed record Ask(
        IReadOnlyList<FitsThrough.Piece> Pieces,
        FitsThrough.Opening Small,
        FitsThrough.Opening Large
    );

    /// <summary>What comes out; pieces by name or by their place in the list.</summary>
    /// <param name="OnlyLarge">Go through the large opening only.</param>
    /// <param name="OnlySmall">Go through the small opening only: the shapes of the openings differ.</param>
    /// <param name="Both">Go through both.</param>
    /// <param name="Neither">Go through none.</param>
    /// <param name="Fair">Some for each opening, and none that goes nowhere.</param>
    /// <param name="Trace">In words.</param>
    public sealed record Answer(
        IReadOnlyList<string> OnlyLarge,
        IReadOnlyList<string> OnlySmall,
        IReadOnlyList<string> Both,
        IReadOnlyList<string> Neither,
        bool Fair,
        IReadOnlyList<Said> Trace
    );

    /// <summary>How it is asked for.</summary>
    public static Calculator<Ask, Answer> Offer { get; } =
        new("two-opening-set", 20, Of, "fair", "onlyLarge", "both", "neither")
        {
            Fields =
            [
                AskField.Rows(
                    "pieces",
                    ["name", "shape", "diameter", "length", "width", "height"],
                    ["bead", "sphere", "20", "0", "0", "0"],
                    ["ball", "sphere", "40", "0", "0", "0"],
                    ["block", "box", "0", "60", "30", "25"]
                ),
                AskField.Choice("small.shape", "round", "round", "slot"),
                AskField.Length("small.diameter", 25),
                AskField.Length("small.width"),
                AskField.Length("small.height"),
                AskField.Choice("large.shape", "round", "round", "slot"),
                AskField.Length("large.diameter", 45),
                AskField.Length("large.width"),
                AskField.Length("large.height"),
            ],
        };

    /// <summary>Tries each piece at both openings.</summary>
    public static Answer Of(Ask ask)
    {
        ArgumentNullException.ThrowIfNull(ask);
        var pieces = Need.Some("pieces", ask.Pieces, 2, 100)
            .Select((p, k) => FitsThrough.Checked($"pieces[{k}]", p))
            .ToArray();
        var small = FitsThrough.Checked("small", ask.Small);
        var large = FitsThrough.Checked("large", ask.Large);
        var tried = pieces
            .Select(
                (p, k) =>
                    (
                        Name: p.Name ?? $"{k + 1}",
                        Small: FitsThrough.Of(new(p, small)).Passes,
                        Large: FitsThrough.Of(new(p, large)).Passes
                    )
            )
            .ToArray();
        string[] Those(bool inSmall, bool inLarge) =>
            [.. tried.Where(t => t.Small == inSmall && t.Large == inLarge).Select(t => t.Name)];
        var (onlyLarge, onlySmall, both, neither) = (
            Those(false, true),
            Those(true, false),
            Those(true, true),
            Those(false, false)
        );
        var fair = onlyLarge.Length > 0 && both.Length + onlySmall.Length > 0 && neither.Length == 0;
        return new(
            onlyLarge,
            onlySmall,
            both,
            neither,
            fair,
            [
                $"Only through the large: {Words(onlyLarge)}",
                .. onlySmall.Length > 0 ? (Said[])[$"Only through the small: {Words(onlySmall)}"] : [],
                $"Through both: {Words(both)}",
                $"Through none: {Words(neither)}",
                fair ? (Said)$"A fair set: trying the small opening first sorts every piece"
                : neither.Length > 0 ? (Said)$"Not fair: what goes nowhere cannot be sorted"
                : $"Not fair: one of the two openings has nothing of its own",
            ]
        );
    }

    private static Said Words(string[] names) => names.Length == 0 ? (Said)$"nothing" : $"{names}";
}
