using Nido.Core.Cupboard;

namespace Nido.Core.Making;

/// <summary>Whether a piece goes through an opening when it is pushed straight, turned as it likes
/// beforehand.</summary>
public static class FitsThrough
{
    /// <summary>A piece.</summary>
    /// <param name="Shape">sphere, box, rod or disc.</param>
    /// <param name="Diameter">Of what is round, mm.</param>
    /// <param name="Length">Of a box or rod, mm.</param>
    /// <param name="Width">Of a box, mm.</param>
    /// <param name="Height">Of a box or disc, mm.</param>
    /// <param name="Soft">It can be squeezed to half.</param>
    /// <param name="Name">What it is called, where several are told apart.</param>
    public sealed record Piece(
        string Shape,
        double Diameter = 0,
        double Length = 0,
        double Width = 0,
        double Height = 0,
        bool Soft = false,
        string? Name = null
    );

    /// <summary>An opening.</summary>
    /// <param name="Shape">round or slot.</param>
    /// <param name="Diameter">Of a round one, mm.</param>
    /// <param name="Width">Of a slot, mm.</param>
    /// <param name="Height">Of a slot, mm.</param>
    public sealed record Opening(string Shape, double Diameter = 0, double Width = 0, double Height = 0);

    /// <summary>What is asked.</summary>
    public sealed record Ask(Piece Piece, Opening Opening);

    /// <summary>What comes out.</summary>
    /// <param name="Passes">It goes through in some turn.</param>
    /// <param name="Clearance">Room at the tightest place in the best turn, mm; below 0 what is lacking.</param>
    /// <param name="Turn">How it goes: any way, end first, edge first, flat, slanting, squeezed.</param>
    /// <param name="Trace">In words.</param>
    public sealed record Answer(bool Passes, double Clearance, string Turn, IReadOnlyList<Said> Trace);

    /// <summary>How it is asked for.</summary>
    public static Calculator<Ask, Answer> Offer { get; } =
        new("fits-through", 19, Of, "passes", "clearance", "turn")
        {
            Fields =
            [
                AskField.Choice("piece.shape", "sphere", "sphere", "box", "rod", "disc"),
                AskField.Length("piece.diameter", 20),
                AskField.Length("piece.length", 60),
                AskField.Length("piece.width", 40),
                AskField.Length("piece.height", 30),
                AskField.Flag("piece.soft"),
                AskField.Choice("opening.shape", "round", "round", "slot"),
                AskField.Length("opening.diameter", 25),
                AskField.Length("opening.width", 40),
                AskField.Length("opening.height", 10),
            ],
        };

    /// <summary>Tries every straight turn.</summary>
    public static Answer Of(Ask ask)
    {
        ArgumentNullException.ThrowIfNull(ask);
        var piece = Checked("piece", ask.Piece);
        var opening = Checked("opening", ask.Opening);
        var (clearance, turn) = Sections(piece)
            .Select(s => (Clearance(s, opening), s.Turn))
            .OrderByDescending(x => x.Item1)
            .First();
        var squeezed = clearance < -1e-6 && piece.Soft;
        if (squeezed)
        {
            clearance = Sections(piece).Max(s => Clearance(s with { A = s.A / 2, B = s.B / 2 }, opening));
        }

        var passes = clearance >= -1e-6;
        var words = squeezed && passes ? "squeezed" : turn;
        return new(
            passes,
            Need.Round(clearance),
            words,
            [
                opening.Shape == "round"
                    ? (Said)$"{Words(piece)} into a round opening of {opening.Diameter:0.#} mm"
                    : $"{Words(piece)} into a slot of {opening.Width:0.#} × {opening.Height:0.#} mm",
                passes
                    ? (Said)$"It goes through {Said.Word(words)}, with {clearance:0.#} mm to spare"
                    : $"It does not go through: {-clearance:0.#} mm are lacking even {Said.Word(turn)}",
                .. piece.Soft && squeezed ? (Said[])[$"Soft: counted as squeezed to half, a convention of ours"] : [],
            ]
        );
    }

    /// <summary>A cross-section: a rectangle of sides A and B, or a circle where B is 0.</summary>
    private readonly record struct Section(double A, double B, string Turn);

    private static IEnumerable<Section> Sections(Piece p) =>
        p.Shape switch
        {
            "sphere" => [new(p.Diameter, 0, "any way")],
            "rod" => [new(p.Diameter, 0, "end first"), new(p.Length, p.Diameter, "sideways")],
            "disc" => [new(p.Diameter, 0, "flat"), new(p.Diameter, p.Height, "edge first")],
            _ => Box([.. new[] { p.Length, p.Width, p.Height }.Order()]),
        };

    private static IEnumerable<Section> Box(double[] s) =>
        [new(s[1], s[0], "end first"), new(s[2], s[0], "edge first"), new(s[2], s[1], "flat")];

    private static double Clearance(Section s, Opening o)
    {
        if (o.Shape == "round")
        {
            return o.Diameter - Math.Sqrt((s.A * s.A) + (s.B * s.B));
        }

        var (wide, narrow) = (Math.Max(o.Width, o.Height), Math.Min(o.Width, o.Height));
        if (s.B == 0)
        {
            return narrow - s.A;
        }

        var (p, q) = (Math.Max(s.A, s.B), Math.Min(s.A, s.B));
        var straight = Math.Min(wide - p, narrow - q);
        // A long thin section may go through slanting (Carver 1957).
        var slanting =
            p > wide
            && q <= narrow
            && (p * p) + (q * q) >= wide * wide
            && narrow
                >= ((2 * p * q * wide) + (((p * p) - (q * q)) * Math.Sqrt((p * p) + (q * q) - (wide * wide))))
                    / ((p * p) + (q * q));
        return slanting ? 0 : straight;
    }

    /// <summary>A piece with every side its shape has.</summary>
    internal static Piece Checked(string field, Piece? piece)
    {
        if (piece is null)
        {
            throw Need.Refused(field, "nothing", $"a piece with its shape and size is wanted");
        }

        Need.OneOf($"{field}.shape", piece.Shape, "sphere", "box", "rod", "disc");
        foreach (
            var (name, value, wanted) in ((string, double, bool)[])
                [
                    ("diameter", piece.Diameter, piece.Shape != "box"),
                    ("length", piece.Length, piece.Shape is "box" or "rod"),
                    ("width", piece.Width, piece.Shape == "box"),
                    ("height", piece.Height, piece.Shape is "box" or "disc"),
                ]
        )
        {
            if (wanted)
            {
                Need.Length($"{field}.{name}", value);
            }
        }

        return piece;
    }

    /// <summary>An opening with every side its shape has.</summary>
    internal static Opening Checked(string field, Opening? opening)
    {
        if (opening is null)
        {
            throw Need.Refused(field, "nothing", $"an opening with its shape and size is wanted");
        }

        if (Need.OneOf($"{field}.shape", opening.Shape, "round", "slot") == "round")
        {
            Need.Length($"{field}.diameter", opening.Diameter);
        }
        else
        {
            Need.Length($"{field}.width", opening.Width);
            Need.Length($"{field}.height", opening.Height);
        }

        return opening;
    }

    /// <summary>Volume in mm³.</summary>
    internal static double Volume(Piece p) =>
        p.Shape switch
        {
            "sphere" => Math.PI * Math.Pow(p.Diameter, 3) / 6,
            "rod" => Math.PI * p.Diameter * p.Diameter / 4 * p.Length,
            "disc" => Math.PI * p.Diameter * p.Diameter / 4 * p.Height,
            _ => p.Length * p.Width * p.Height,
        };

    /// <summary>Area it covers lying flat, mm².</summary>
    internal static double Footprint(Piece p) =>
        p.Shape switch
        {
            "sphere" or "disc" => Math.PI * p.Diameter * p.Diameter / 4,
            "rod" => p.Diameter * p.Length,
            _ => p.Length * p.Width,
        };

    /// <summary>The piece in words.</summary>
    internal static Said Words(Piece p) =>
        $"{(p.Name is { } name ? Said.Name(name) : Said.Word(p.Shape))} {new Body(
        p.Shape switch { "sphere" => Shape.Sphere, "rod" => Shape.Rod, "disc" => Shape.Disc, _ => Shape.Box },
        p.Length, p.Shape == "box" ? p.Width : p.Diameter, p.Height).InWords}";
}
