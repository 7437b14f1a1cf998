namespace Nido.Core.Making;

/// <summary>Dot cards: dots to six as on dice, in rows of five above; or along the edges where a punch must reach
/// them.</summary>
public static class Dots
{
    /// <summary>What is asked.</summary>
    /// <param name="Numerals">A card each, 1–20.</param>
    /// <param name="HoleDiameter">Of a dot, mm.</param>
    /// <param name="CardWidth">mm.</param>
    /// <param name="CardHeight">mm.</param>
    /// <param name="Margin">Kept free at the edge, mm.</param>
    /// <param name="Gap">Kept free between dots, mm.</param>
    /// <param name="PunchReach">How far the punch reaches in from the edge, mm; null for any pen or stamp.</param>
    /// <param name="Sets">How many of each card.</param>
    public sealed record Ask(
        IReadOnlyList<int> Numerals,
        double HoleDiameter,
        double CardWidth,
        double CardHeight,
        double Margin = 5,
        double Gap = 3,
        double? PunchReach = null,
        int Sets = 1
    );

    /// <summary>Centre of a dot from the upper left corner, mm.</summary>
    public sealed record Dot(double X, double Y);

    /// <summary>A card with its dots.</summary>
    public sealed record Card(int Numeral, bool Fits, IReadOnlyList<Dot> Dots);

    /// <summary>What comes out.</summary>
    /// <param name="PerSet">Dots of a set: Σ numerals.</param>
    /// <param name="Total">Dots of all sets.</param>
    /// <param name="Fits">Every card fits.</param>
    /// <param name="Layout">Card by card.</param>
    /// <param name="Trace">In words.</param>
    public sealed record Answer(
        int PerSet,
        int Total,
        bool Fits,
        IReadOnlyList<Card> Layout,
        IReadOnlyList<Said> Trace
    );

    /// <summary>How it is asked for.</summary>
    public static Calculator<Ask, Answer> Offer { get; } =
        new("dots", 11, Of, "perSet", "total", "fits")
        {
            Fields =
            [
                new("numerals", AskKind.Numbers, "1, 2, 3, 4, 5, 6, 7, 8"),
                AskField.Length("holeDiameter", 6, most: 200),
                AskField.Length("cardWidth", 90, most: 2000),
                AskField.Length("cardHeight", 60, most: 2000),
                AskField.LengthOrNone("margin", 6),
                AskField.LengthOrNone("gap", 3),
                AskField.Length("punchReach", most: 2000),
                AskField.Count("sets", 4, 1, 1000),
            ],
        };

    /// <summary>Lays out the dots.</summary>
    public static Answer Of(Ask ask)
    {
        ArgumentNullException.ThrowIfNull(ask);
        var numerals = Need.Some("numerals", ask.Numerals, 1, 40);
        foreach (var n in numerals)
        {
            Need.Whole("numerals", n, 1, 20);
        }

        Need.Length("holeDiameter", ask.HoleDiameter, 200);
        Need.Length("cardWidth", ask.CardWidth, 2000);
        Need.Length("cardHeight", ask.CardHeight, 2000);
        Need.LengthOrNone("margin", ask.Margin);
        Need.LengthOrNone("gap", ask.Gap);
        if (ask.PunchReach is { } reach)
        {
            Need.Length("punchReach", reach, 2000);
        }

        var sets = Need.Whole("sets", ask.Sets, 1, 1000);
        Card[] cards = [.. numerals.Select(n => Laid(n, ask))];
        var perSet = numerals.Sum();
        return new(
            perSet,
            perSet * sets,
            cards.All(c => c.Fits),
            cards,
            [
                $"{numerals:+} = {perSet} dots a set{Said.When(sets > 1, $", {perSet * sets} for {sets} sets")}",
                ask.PunchReach is { } r
                    ? (Said)$"The punch reaches {r:0.#} mm in, so all dots lie along the edges"
                    : $"To six as on dice, rows of five above",
                cards.All(c => c.Fits)
                    ? (Said)$"Every card has room"
                    : $"No room on the card for {cards.Where(c => !c.Fits).Select(c => c.Numeral)}: take a larger "
                        + $"card, smaller dots or a smaller gap",
            ]
        );
    }

    private static Card Laid(int n, Ask ask)
    {
        Dot[] dots =
            ask.PunchReach is not null ? AlongTheEdges(n, ask)
            : n <= 6 ? AsOnDice(n, ask)
            : RowsOfFive(n, ask);
        var inset = ask.Margin + (ask.HoleDiameter / 2);
        var inside = dots.All(d =>
            d.X >= inset - 1e-6
            && d.Y >= inset - 1e-6
            && d.X <= ask.CardWidth - inset + 1e-6
            && d.Y <= ask.CardHeight - inset + 1e-6
        );
        var apart = dots.Select(
                (d, i) =>
                    dots.Skip(i + 1)
                        .All(o =>
                            Math.Sqrt(((d.X - o.X) * (d.X - o.X)) + ((d.Y - o.Y) * (d.Y - o.Y)))
                            >= ask.HoleDiameter + ask.Gap - 1e-6
                        )
            )
            .All(x => x);
        var reached = ask.PunchReach is not { } reach || inset <= reach + 1e-6;
        return new(n, inside && apart && reached, [.. dots.Select(d => new Dot(Need.Round(d.X), Need.Round(d.Y)))]);
    }

    private static Dot[] AsOnDice(int n, Ask ask)
    {
        var inset = ask.Margin + (ask.HoleDiameter / 2);
        double[] x = [inset, ask.CardWidth / 2, ask.CardWidth - inset];
        double[] y = [inset, ask.CardHeight / 2, ask.CardHeight - inset];
        (int, int)[] at = n switch
        {
            1 => [(1, 1)],
            2 => [(0, 0), (2, 2)],
            3 => [(0, 0), (1, 1), (2, 2)],
            4 => [(0, 0), (2, 0), (0, 2), (2, 2)],
            5 => [(0, 0), (2, 0), (1, 1), (0, 2), (2, 2)],
            _ => [(0, 0), (2, 0), (0, 1), (2, 1), (0, 2), (2, 2)],
        };
        return [.. at.Select(p => new Dot(x[p.Item1], y[p.Item2]))];
    }

    private static Dot[] RowsOfFive(int n, Ask ask)
    {
        var pitch = ask.HoleDiameter + ask.Gap;
        var rows = (n + 4) / 5;
        var (left, top) = ((ask.CardWidth - (4 * pitch)) / 2, (ask.CardHeight - ((rows - 1) * pitch)) / 2);
        return [.. Enumerable.Range(0, n).Select(k => new Dot(left + (k % 5 * pitch), top + (k / 5 * pitch)))];
    }

    /// <summary>Evenly along the line that lies half a dot and the margin inside the edge, from the upper left corner
    /// clockwise.</summary>
    private static Dot[] AlongTheEdges(int n, Ask ask)
    {
        var inset = ask.Margin + (ask.HoleDiameter / 2);
        var (w, h) = (ask.CardWidth - (2 * inset), ask.CardHeight - (2 * inset));
        return [.. Enumerable.Range(0, n).Select(k => At(k * 2 * (Math.Max(0, w) + Math.Max(0, h)) / n))];

        Dot At(double s) =>
            s < w ? new(inset + s, inset)
            : s < w + h ? new(inset + w, inset + s - w)
            : s < (2 * w) + h ? new(inset + w - (s - w - h), inset + h)
            : new(inset, inset + h - (s - (2 * w) - h));
    }
}
