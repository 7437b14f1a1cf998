namespace Nido.Core.Making;

/// <summary>A number line with some numbers missing, to be filled with pegs.</summary>
public static class MissingNumbers
{
    /// <summary>What is asked.</summary>
    /// <param name="From">First number, 0–100.</param>
    /// <param name="To">Last number.</param>
    /// <param name="Gaps">How many are missing.</param>
    /// <param name="Seed">The same seed gives the same line.</param>
    /// <param name="AvoidEnds">First and last are always shown.</param>
    /// <param name="AvoidNeighbours">No two gaps side by side.</param>
    public sealed record Ask(
        int From,
        int To,
        int Gaps,
        long Seed = 1,
        bool AvoidEnds = false,
        bool AvoidNeighbours = false
    );

    /// <summary>What comes out.</summary>
    /// <param name="Shown">Numbers that are written.</param>
    /// <param name="Pegs">Numbers on the pegs.</param>
    /// <param name="Trace">In words.</param>
    public sealed record Answer(IReadOnlyList<int> Shown, IReadOnlyList<int> Pegs, IReadOnlyList<Said> Trace);

    /// <summary>How it is asked for.</summary>
    public static Calculator<Ask, Answer> Offer { get; } =
        new("missing-numbers", 13, Of)
        {
            Fields =
            [
                AskField.Count("from", 1, 0, 100),
                AskField.Number("to", 12),
                AskField.Number("gaps", 4),
                AskField.Number("seed", 1),
                AskField.Flag("avoidEnds", true),
                AskField.Flag("avoidNeighbours", true),
            ],
        };

    /// <summary>Chooses the gaps, every allowed choice as likely as any other.</summary>
    public static Answer Of(Ask ask)
    {
        ArgumentNullException.ThrowIfNull(ask);
        var from = Need.Whole("from", ask.From, 0, 100);
        var to = Need.Whole("to", ask.To, from + 1, 200);
        var gaps = Need.Whole("gaps", ask.Gaps, 1, to - from + 1);
        int[] open = [.. Enumerable.Range(from, to - from + 1).Where(n => !ask.AvoidEnds || (n > from && n < to))];
        var most = ask.AvoidNeighbours ? (open.Length + 1) / 2 : open.Length;
        if (gaps > most)
        {
            throw Need.Refused(
                "gaps",
                gaps,
                $"at most {most} gaps are possible from {from} to "
                    + $"{to}{Said.When(ask.AvoidEnds, $" with the ends shown")}{Said.When(ask.AvoidNeighbours, $" and no two side by side")}"
            );
        }

        // Without neighbours: choose among so many fewer places and push the later ones apart.
        var places = ask.AvoidNeighbours ? open.Length - gaps + 1 : open.Length;
        int[] pegs =
        [
            .. Draw.Of(new SeededChance((ulong)ask.Seed), places, gaps)
                .Order()
                .Select((p, k) => open[ask.AvoidNeighbours ? p + k : p]),
        ];
        int[] shown = [.. Enumerable.Range(from, to - from + 1).Except(pegs)];
        return new(
            shown,
            pegs,
            [
                $"{to - from + 1} numbers, {gaps} of them on pegs, {shown.Length} written",
                $"Seed {ask.Seed} gives these every time",
            ]
        );
    }
}
