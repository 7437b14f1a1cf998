using Nido.Core.Cupboard;

namespace Nido.Core.Making;

/// <summary>Screws or nails set along letters or shapes on a board, to wind wool round or to turn.</summary>
public static class ScrewBoard
{
    /// <summary>Wood that must stay under the point, mm; common practice.</summary>
    private const double Rest = 3;

    private static readonly Dictionary<string, (double X, double Y)[]> Shapes = new()
    {
        ["square"] = [(0, 0), (1, 0), (1, 1), (0, 1), (0, 0)],
        ["rectangle"] = [(0, 0), (1, 0), (1, 1), (0, 1), (0, 0)],
        ["triangle"] = [(0, 1), (0.5, 0), (1, 1), (0, 1)],
        ["house"] = [(0, 1), (0, 0.45), (0.5, 0), (1, 0.45), (1, 1), (0, 1)],
        ["line"] = [(0, 0), (1, 0)],
        ["circle"] =
        [
            .. Enumerable
                .Range(0, 49)
                .Select(k =>
                    (0.5 + (0.5 * Math.Sin(2 * Math.PI * k / 48)), 0.5 - (0.5 * Math.Cos(2 * Math.PI * k / 48)))
                ),
        ],
    };

    /// <summary>A shape by name, with its size in mm.</summary>
    public sealed record Form(string Shape, double Width, double Height);

    /// <summary>What is asked: shapes or letters.</summary>
    /// <param name="Shapes">square, rectangle, triangle, house, line or circle.</param>
    /// <param name="Letters">Letters A–Z.</param>
    /// <param name="LetterHeight">mm.</param>
    /// <param name="ScrewLength">mm.</param>
    /// <param name="BoardThickness">mm.</param>
    /// <param name="Spacing">From screw to screw at most, mm.</param>
    /// <param name="Driver">slot, cross, square, hex or star.</param>
    /// <param name="Head">As the driver.</param>
    /// <param name="ScrewDiameter">mm, for the hole drilled beforehand.</param>
    public sealed record Ask(
        double ScrewLength,
        double BoardThickness,
        double Spacing,
        string Driver,
        string Head,
        IReadOnlyList<Form>? Shapes = null,
        string? Letters = null,
        double LetterHeight = 120,
        double ScrewDiameter = 4
    );

    /// <summary>A screw, mm from the upper left corner of the drawing.</summary>
    public sealed record Position(double X, double Y);

    /// <summary>What comes out.</summary>
    /// <param name="Screws">How many.</param>
    /// <param name="Positions">Where.</param>
    /// <param name="Protrudes">Longer than the board less 3 mm: the point could come through.</param>
    /// <param name="DriverFits">Driver and head are of one kind.</param>
    /// <param name="PreDrillMm">Hole drilled beforehand by an adult, mm: 70% of the screw, common practice for soft
    /// wood.</param>
    /// <param name="Trace">In words.</param>
    public sealed record Answer(
        int Screws,
        IReadOnlyList<Position> Positions,
        bool Protrudes,
        bool DriverFits,
        double PreDrillMm,
        IReadOnlyList<Said> Trace
    );

    /// <summary>How it is asked for.</summary>
    public static Calculator<Ask, Answer> Offer { get; } =
        new("screw-board", 21, Of, "screws", "protrudes", "driverFits", "preDrillMm")
        {
            Fields =
            [
                new("letters", AskKind.Text, "P"),
                AskField.Length("letterHeight", 120, most: 2000),
                AskField.Rows("shapes", ["shape", "width", "height"], ["house", "120", "120"]),
                AskField.Length("screwLength", 14, most: 300),
                AskField.Length("boardThickness", 18, most: 500),
                AskField.Length("spacing", 25, most: 1000),
                AskField.Length("screwDiameter", 4, most: 20),
                AskField.Choice("driver", "cross", [.. ScrewHead.All]),
                AskField.Choice("head", "cross", [.. ScrewHead.All]),
            ],
        };

    /// <summary>Sets the screws: at every corner, and between them no farther apart than the spacing.</summary>
    public static Answer Of(Ask ask)
    {
        ArgumentNullException.ThrowIfNull(ask);
        var length = Need.Length("screwLength", ask.ScrewLength, 300);
        var board = Need.Length("boardThickness", ask.BoardThickness, 500);
        var spacing = Need.Length("spacing", ask.Spacing, 1000);
        var driver = Need.OneOf("driver", ask.Driver, [.. ScrewHead.All]);
        var head = Need.OneOf("head", ask.Head, [.. ScrewHead.All]);
        var diameter = Need.Length("screwDiameter", ask.ScrewDiameter, 20);
        var positions = Lines(ask)
            .SelectMany(line => Along(line, spacing))
            .DistinctBy(p => (Math.Round(p.X, 2), Math.Round(p.Y, 2)))
            .Select(p => new Position(Need.Round(p.X), Need.Round(p.Y)))
            .ToArray();
        if (positions.Length > 2000)
        {
            throw Need.Refused("spacing", spacing, $"it takes {positions.Length} screws; take a wider spacing");
        }

        var protrudes = length > board - Rest + 1e-9;
        return new(
            positions.Length,
            positions,
            protrudes,
            driver == head,
            Math.Round(0.7 * diameter, 1),
            [
                $"{positions.Length} screws: one at every corner and end, no farther apart than {spacing:0.#} mm",
                protrudes
                    ? Said.That(
                        $"{length:0.#} mm is more than {board:0.#} − {Rest:0} mm: the point could come through. Take "
                            + $"screws of at most {Math.Max(0, board - Rest):0.#} mm"
                    )
                    : $"{length:0.#} mm stays at least {Rest:0} mm under the board's {board:0.#} mm",
                driver == head
                    ? (Said)$"The {ScrewHead.Word(driver)} driver fits"
                    : $"A {ScrewHead.Word(driver)} driver slips out of a {ScrewHead.Word(head)} head: take a {ScrewHead.Word(head)} driver",
                $"An adult drills {0.7 * diameter:0.#} mm holes beforehand",
            ]
        );
    }

    private static List<(double X, double Y)[]> Lines(Ask ask)
    {
        var lines = new List<(double X, double Y)[]>();
        var left = 0.0;
        if (ask.Letters is { Length: > 0 } text)
        {
            var height = Need.Length("letterHeight", ask.LetterHeight, 2000);
            Need.Whole("letters", text.Length, 1, 20);
            foreach (var letter in text.ToUpperInvariant())
            {
                var strokes =
                    Strokes.Of(letter) ?? throw Need.Refused("letters", letter, $"letters from A to Z are wanted");
                var (unit, from) = (height / 6, left);
                lines.AddRange(strokes.Select(s => Array.ConvertAll(s, p => (from + (p.X * unit), p.Y * unit))));
                left += 5.5 * unit;
            }

            return lines;
        }

        var shapes = Need.Some("shapes", ask.Shapes, 1, 20);
        for (var k = 0; k < shapes.Count; k++)
        {
            var outline = Shapes[Need.OneOf($"shapes[{k}].shape", shapes[k].Shape, Shapes.Keys)];
            var (width, height, from) = (
                Need.Length($"shapes[{k}].width", shapes[k].Width, 3000),
                Need.Length($"shapes[{k}].height", shapes[k].Height, 3000),
                left
            );
            lines.Add(Array.ConvertAll(outline, p => (from + (p.X * width), p.Y * height)));
            left += width * 1.2;
        }

        return lines;
    }

    /// <summary>Corners of a line, with as few points between them as the spacing allows; a fine curve is walked as
    /// one.</summary>
    private static IEnumerable<(double X, double Y)> Along((double X, double Y)[] line, double spacing)
    {
        if (line.Length > 20)
        {
            var round = line.Zip(line.Skip(1), Distance).Sum();
            var count = Math.Max(3, (int)Math.Ceiling((round / spacing) - 1e-9));
            return Enumerable.Range(0, count).Select(k => At(line, round * k / count));
        }

        return line.Zip(line.Skip(1))
            .SelectMany(ab =>
            {
                var parts = Math.Max(1, (int)Math.Ceiling((Distance(ab.First, ab.Second) / spacing) - 1e-9));
                return Enumerable
                    .Range(0, parts + 1)
                    .Select(k =>
                        (
                            ab.First.X + ((ab.Second.X - ab.First.X) * k / parts),
                            ab.First.Y + ((ab.Second.Y - ab.First.Y) * k / parts)
                        )
                    );
            });
    }

    private static (double X, double Y) At((double X, double Y)[] line, double s)
    {
        foreach (var (a, b) in line.Zip(line.Skip(1)))
        {
            var part = Distance(a, b);
            if (s <= part)
            {
                return (a.X + ((b.X - a.X) * s / part), a.Y + ((b.Y - a.Y) * s / part));
            }

            s -= part;
        }

        return line[^1];
    }

    private static double Distance((double X, double Y) a, (double X, double Y) b) =>
        Math.Sqrt(((a.X - b.X) * (a.X - b.X)) + ((a.Y - b.Y) * (a.Y - b.Y)));
}
