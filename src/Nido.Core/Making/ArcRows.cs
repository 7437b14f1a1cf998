namespace Nido.Core.Making;

/// <summary>Half circles of pieces, one inside the other: how many pieces each row takes.</summary>
public static class ArcRows
{
    /// <summary>What is asked.</summary>
    /// <param name="OuterRadius">Radius of the outermost row, mm.</param>
    /// <param name="RowPitch">From row to row, mm.</param>
    /// <param name="Rows">1–30.</param>
    /// <param name="PieceSize">Along the row, mm.</param>
    /// <param name="Gap">Between pieces, mm.</param>
    /// <param name="Children">Who makes one each.</param>
    /// <param name="Spare">Percent on top.</param>
    /// <param name="SamplePerRow">One example is glued on each row beforehand.</param>
    public sealed record Ask(
        double OuterRadius,
        double RowPitch,
        int Rows,
        double PieceSize,
        double Gap,
        int Children,
        double Spare = 0,
        bool SamplePerRow = false
    );

    /// <summary>What comes out.</summary>
    /// <param name="PiecesPerRow">⌊(πr + gap)/(pieceSize + gap)⌋, outer row first.</param>
    /// <param name="GuideLineLengths">πr of each row, mm.</param>
    /// <param name="PerChild">Pieces a child places; an example glued beforehand is not among them.</param>
    /// <param name="Total">Pieces to lay ready for everyone, examples and spare included.</param>
    /// <param name="Trace">In words.</param>
    public sealed record Answer(
        IReadOnlyList<int> PiecesPerRow,
        IReadOnlyList<double> GuideLineLengths,
        int PerChild,
        int Total,
        IReadOnlyList<Said> Trace
    );

    /// <summary>How it is asked for.</summary>
    public static Calculator<Ask, Answer> Offer { get; } =
        new("arc-rows", 0, Of, "perChild", "total")
        {
            Fields =
            [
                AskField.Length("outerRadius", 110),
                AskField.LengthOrNone("rowPitch", 15),
                AskField.Count("rows", 4, 1, 30),
                AskField.Length("pieceSize", 14),
                AskField.LengthOrNone("gap", 2),
                AskField.Count("children", 14, 1, 1000),
                AskField.Spare(),
                AskField.Flag("samplePerRow"),
            ],
        };

    /// <summary>Counts the rows.</summary>
    public static Answer Of(Ask ask)
    {
        ArgumentNullException.ThrowIfNull(ask);
        var outer = Need.Length("outerRadius", ask.OuterRadius);
        var pitch = Need.LengthOrNone("rowPitch", ask.RowPitch);
        var rows = Need.Whole("rows", ask.Rows, 1, 30);
        var size = Need.Length("pieceSize", ask.PieceSize);
        var gap = Need.LengthOrNone("gap", ask.Gap);
        var children = Need.Whole("children", ask.Children, 1, 1000);
        var spare = Need.Spare(ask.Spare);
        if (outer - ((rows - 1) * pitch) <= 0)
        {
            throw Need.Refused(
                "rows",
                rows,
                $"the innermost row would have no radius left; at most {Need.Floor((outer / pitch) - 1e-6) + 1} rows fit with this pitch"
            );
        }

        double[] radii = [.. Enumerable.Range(0, rows).Select(k => outer - (k * pitch))];
        int[] pieces = [.. radii.Select(r => Need.Floor(((Math.PI * r) + gap) / (size + gap)))];
        if (Array.FindIndex(pieces, p => p == 0) is >= 0 and var empty)
        {
            throw Need.Refused(
                "pieceSize",
                size,
                $"row {empty + 1} with radius {radii[empty]:0.#} mm has no room for a piece; take smaller pieces or fewer rows"
            );
        }

        var each = pieces.Sum();
        var perChild = each - (ask.SamplePerRow ? rows : 0);
        var total = Need.Spared((double)each * children, spare);
        return new(
            pieces,
            [.. radii.Select(r => Need.Round(Math.PI * r))],
            perChild,
            total,
            [
                .. radii.Select(
                    (r, k) =>
                        Said.That(
                            $"Row {k + 1}: half a circle of radius {r:0.#} mm is π × {r:0.#} = {Math.PI * r:0.#} mm; "
                                + $"({Math.PI * r:0.#} + {gap:0.#}) / ({size:0.#} + {gap:0.#}) gives {pieces[k]} pieces"
                        )
                ),
                $"{pieces:+} = {each} on one "
                    + $"sheet{Said.When(ask.SamplePerRow, $", {rows} of them glued beforehand, so {perChild} for a child to place")}",
                $"{each} × {children} children{Said.When(spare > 0, $" and {spare:0.#}% spare")} = {total}",
            ]
        );
    }
}
