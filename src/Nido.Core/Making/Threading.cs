namespace Nido.Core.Making;

/// <summary>Pieces on a lace: whole repeats of a pattern, the lace it takes, and whether lace and hole suit each
/// other.</summary>
public static class Threading
{
    /// <summary>Hole to lace below which it is snug, and above which it is easy; common practice.</summary>
    private const double Snug = 1.5,
        Easy = 3;

    /// <summary>Loop that is not for children under 18 months, mm. Source: ASTM F963 section 4.14 (from
    /// memory).</summary>
    private const double LongestLoop = 360;

    /// <summary>A lace, wire or stem.</summary>
    /// <param name="Diameter">mm.</param>
    /// <param name="Elastic">It stretches.</param>
    /// <param name="Doubled">Folded in two, so that pieces go over both halves.</param>
    /// <param name="Stiff">It can be pushed.</param>
    public sealed record Lace(double Diameter, bool Elastic = false, bool Doubled = false, bool Stiff = false);

    /// <summary>What is asked.</summary>
    /// <param name="PieceLengths">Length of a piece of each colour along the lace, mm.</param>
    /// <param name="Pattern">Colours in order.</param>
    /// <param name="Mirrored">The pattern runs forth and back in each repeat.</param>
    /// <param name="TargetLength">Length to be threaded, or of the doubled stem before folding, mm.</param>
    /// <param name="Lace">What is threaded on.</param>
    /// <param name="Hole">Of the pieces, mm.</param>
    /// <param name="KnotAllowance">Lace for the knots, mm.</param>
    /// <param name="EndCurl">Lace curled in at each end; of a doubled stem the eye at the fold, mm.</param>
    /// <param name="Closed">It is tied to a loop.</param>
    public sealed record Ask(
        IReadOnlyDictionary<string, double> PieceLengths,
        IReadOnlyList<string> Pattern,
        bool Mirrored,
        double TargetLength,
        Lace Lace,
        double Hole,
        double KnotAllowance = 0,
        double EndCurl = 0,
        bool Closed = false
    );

    /// <summary>What comes out.</summary>
    /// <param name="Repeats">Whole repeats only.</param>
    /// <param name="PerColour">Pieces of each colour.</param>
    /// <param name="ThreadedLength">mm.</param>
    /// <param name="LaceLength">Lace or stem to cut, mm.</param>
    /// <param name="LoopPerimeter">Of the closed loop, mm; 0 where it stays open.</param>
    /// <param name="HoleRatio">Hole to lace, doubled lace counted twice.</param>
    /// <param name="Flags">What to mind.</param>
    /// <param name="Trace">In words.</param>
    public sealed record Answer(
        int Repeats,
        IReadOnlyDictionary<string, int> PerColour,
        double ThreadedLength,
        double LaceLength,
        double LoopPerimeter,
        double HoleRatio,
        IReadOnlyList<Said> Flags,
        IReadOnlyList<Said> Trace
    );

    /// <summary>How it is asked for.</summary>
    public static Calculator<Ask, Answer> Offer { get; } =
        new("thread", 10, Of, "repeats", "threadedLength", "laceLength", "holeRatio")
        {
            Fields =
            [
                new("pieceLengths", AskKind.Amounts, "red 20, cream 10, blue 12"),
                new("pattern", AskKind.Words, "red, cream, cream, blue"),
                AskField.Flag("mirrored"),
                AskField.Length("targetLength", 300),
                AskField.Length("lace.diameter", 2, most: 100),
                AskField.Flag("lace.elastic"),
                AskField.Flag("lace.doubled"),
                AskField.Flag("lace.stiff"),
                AskField.Length("hole", 5, most: 500),
                AskField.LengthOrNone("knotAllowance", 60),
                AskField.LengthOrNone("endCurl", 0),
                AskField.Flag("closed"),
            ],
        };

    /// <summary>Counts the repeats.</summary>
    public static Answer Of(Ask ask)
    {
        ArgumentNullException.ThrowIfNull(ask);
        var lengths = Need.Map("pieceLengths", ask.PieceLengths);
        var pattern = Need.Some("pattern", ask.Pattern, 1, 60);
        var target = Need.Length("targetLength", ask.TargetLength);
        var lace = ask.Lace ?? throw Need.Refused("lace", "nothing", $"a lace with its diameter is wanted");
        var diameter = Need.Length("lace.diameter", lace.Diameter, 100);
        var hole = Need.Length("hole", ask.Hole, 500);
        var knots = Need.LengthOrNone("knotAllowance", ask.KnotAllowance);
        var curl = Need.LengthOrNone("endCurl", ask.EndCurl);
        foreach (var (colour, mm) in lengths)
        {
            Need.Length($"pieceLengths.{colour}", mm, 1000);
        }

        if (pattern.FirstOrDefault(c => !lengths.ContainsKey(c)) is { } unknown)
        {
            throw Need.Refused(
                "pattern",
                unknown,
                $"each colour needs a piece length; known are {lengths.Keys.Select(Said.Word)}"
            );
        }

        string[] unit = ask.Mirrored ? [.. pattern, .. pattern.Reverse()] : [.. pattern];
        var unitLength = unit.Sum(c => lengths[c]);
        var usable = lace.Doubled ? (target - curl) / 2 : target;
        var repeats = Need.Floor(usable / unitLength);
        if (repeats == 0)
        {
            throw Need.Refused(
                "targetLength",
                target,
                $"one repeat is {unitLength:0.#} mm and {usable:0.#} mm can be threaded; take a longer lace or a shorter pattern"
            );
        }

        var threaded = repeats * unitLength;
        var needed = lace.Doubled ? (2 * threaded) + curl + knots : threaded + knots + (2 * curl);
        var ratio = hole / (diameter * (lace.Doubled ? 2 : 1));
        return new(
            repeats,
            unit.GroupBy(c => c).ToDictionary(g => g.Key, g => g.Count() * repeats),
            Need.Round(threaded),
            Need.Round(needed),
            ask.Closed ? Need.Round(threaded) : 0,
            Need.Round(ratio),
            [.. Flags(ask, ratio, threaded)],
            [
                $"One repeat: {unit.Select(c => (Said)$"{lengths[c]:0.#}"):+} = {unitLength:0.#} mm",
                lace.Doubled
                    ? (Said)$"Doubled, the stem of {target:0.#} mm less the eye of {curl:0.#} leaves {usable:0.#} mm"
                    : $"{target:0.#} mm are to be threaded",
                $"{repeats} whole repeats = {threaded:0.#} mm; {usable - threaded:0.#} mm stay bare",
                $"Lace to cut: {needed:0.#} mm with knots and ends",
                $"Hole {hole:0.#} / lace {diameter * (lace.Doubled ? 2 : 1):0.#} = {ratio:0.##}",
            ]
        );
    }

    private static IEnumerable<Said> Flags(Ask ask, double ratio, double threaded)
    {
        if (ratio <= 1)
        {
            yield return $"The lace does not go through the hole";
        }
        else if (ratio < Snug)
        {
            yield return $"Snug: hard to thread";
        }
        else if (ratio > Easy)
        {
            yield return $"Easy to thread; a single knot may slip through";
        }

        if (!ask.Lace.Stiff)
        {
            yield return $"Limp: stiffen the tip with tape or wax";
        }

        if (ask.Lace.Elastic)
        {
            yield return $"Elastic: knot it twice, and mind that it can snap back";
        }

        if (ask.Closed && ask.KnotAllowance <= 0)
        {
            yield return $"A loop needs lace for its knot";
        }

        if (ask.Closed && threaded > LongestLoop)
        {
            yield return $"A loop of more than {LongestLoop} mm is not for children under 18 months (ASTM F963 section "
                + $"4.14; your local rules decide)";
        }
    }
}
