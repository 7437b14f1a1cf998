namespace Nido.Core.Making;

/// <summary>Paints mixed from what is there. A closed list; common practice for school paints.</summary>
public static class MixColours
{
    private static readonly Dictionary<string, (string Colour, int Parts)[][]> Mixes = new()
    {
        ["red"] = [],
        ["yellow"] = [],
        ["blue"] = [],
        ["white"] = [],
        ["black"] = [],
        ["orange"] =
        [
            [("red", 1), ("yellow", 2)],
        ],
        ["green"] =
        [
            [("blue", 1), ("yellow", 2)],
        ],
        ["purple"] =
        [
            [("red", 1), ("blue", 1)],
        ],
        ["pink"] =
        [
            [("red", 1), ("white", 4)],
        ],
        ["light blue"] =
        [
            [("blue", 1), ("white", 4)],
        ],
        ["light green"] =
        [
            [("green", 1), ("white", 2)],
            [("green", 1), ("yellow", 2)],
        ],
        ["turquoise"] =
        [
            [("blue", 2), ("green", 1)],
        ],
        ["brown"] =
        [
            [("orange", 3), ("blue", 1)],
            [("red", 2), ("green", 1)],
        ],
        ["grey"] =
        [
            [("black", 1), ("white", 4)],
        ],
        ["cream"] =
        [
            [("yellow", 1), ("white", 8)],
        ],
        ["dark blue"] =
        [
            [("blue", 4), ("black", 1)],
        ],
        ["dark green"] =
        [
            [("green", 4), ("black", 1)],
        ],
        ["lilac"] =
        [
            [("purple", 1), ("white", 3)],
        ],
    };

    /// <summary>Every colour that can be had or asked for.</summary>
    public static IReadOnlyCollection<string> Known => Mixes.Keys;

    /// <summary>What is asked.</summary>
    /// <param name="Have">Paints there are.</param>
    /// <param name="Want">Colours wanted.</param>
    public sealed record Ask(IReadOnlyList<string> Have, IReadOnlyList<string> Want);

    /// <summary>So many parts of a paint.</summary>
    public sealed record Part(string Colour, int Parts);

    /// <summary>How a colour is mixed from paints that are there.</summary>
    public sealed record Recipe(string Want, IReadOnlyList<Part> Parts);

    /// <summary>A colour that cannot be mixed, with what is missing for it.</summary>
    public sealed record Lacking(string Want, IReadOnlyList<string> Missing);

    /// <summary>What comes out.</summary>
    public sealed record Answer(
        IReadOnlyList<Recipe> Recipes,
        IReadOnlyList<Lacking> Cannot,
        IReadOnlyList<Said> Trace
    );

    /// <summary>How it is asked for.</summary>
    public static Calculator<Ask, Answer> Offer { get; } =
        new("mix-colours", 24, Of)
        {
            Fields =
            [
                new("have", AskKind.Words, "red, yellow, blue, white"),
                new("want", AskKind.Words, "green, brown, cream, grey"),
            ],
        };

    /// <summary>Finds a mix for each colour: what is there as it is, else the mix of fewest paints.</summary>
    public static Answer Of(Ask ask)
    {
        ArgumentNullException.ThrowIfNull(ask);
        var have = Need.Words("have", ask.Have, 0, 40).Select(c => Need.OneOf("have", c, Known)).ToHashSet();
        var want = Need.Words("want", ask.Want, 1, 40).Select(c => Need.OneOf("want", c, Known)).ToArray();
        var found = want.Select(w => (Want: w, Parts: Mix(w, have))).ToArray();
        Recipe[] recipes = [.. found.Where(f => f.Parts is not null).Select(f => new Recipe(f.Want, f.Parts!))];
        Lacking[] cannot =
        [
            .. found.Where(f => f.Parts is null).Select(f => new Lacking(f.Want, Missing(f.Want, have))),
        ];
        return new(
            recipes,
            cannot,
            [
                .. recipes.Select(r =>
                    r.Parts.Count == 1
                        ? (Said)$"{Said.Word(r.Want)} is there"
                        : $"{Said.Word(r.Want)}: {r.Parts.Select(p => (Said)$"{p.Parts} {Said.Word(p.Colour)}"):+}"
                ),
                .. cannot.Select(c =>
                    (Said)
                        $"{Said.Word(c.Want)} cannot be mixed: {c.Missing.Select(Said.Word):and} {c.Missing.Count:is|are} missing"
                ),
                .. recipes.Any(r => r.Parts.Count > 1)
                    ? (Said[])[$"The lighter paint first, the darker by drops: paints differ in strength"]
                    : [],
            ]
        );
    }

    private static Part[]? Mix(string want, HashSet<string> have) =>
        have.Contains(want)
            ? [new(want, 1)]
            : Mixes[want]
                .Select(mix => Together(mix, have))
                .OfType<Part[]>()
                .OrderBy(parts => parts.Length)
                .FirstOrDefault();

    /// <summary>The parts of a mix with its own mixtures mixed from paints, in the smallest whole numbers.</summary>
    private static Part[]? Together((string Colour, int Parts)[] mix, HashSet<string> have)
    {
        var sub = mix.Select(m => (m.Parts, Of: Mix(m.Colour, have))).ToArray();
        if (sub.Any(s => s.Of is null))
        {
            return null;
        }

        var whole = sub.Select(s => s.Of!.Sum(p => p.Parts)).Aggregate(1, Lcm);
        var parts = sub.SelectMany(s =>
                s.Of!.Select(p => new Part(p.Colour, s.Parts * p.Parts * whole / s.Of!.Sum(x => x.Parts)))
            )
            .GroupBy(p => p.Colour)
            .Select(g => new Part(g.Key, g.Sum(p => p.Parts)))
            .ToArray();
        var common = parts.Select(p => p.Parts).Aggregate(Gcd);
        return [.. parts.Select(p => p with { Parts = p.Parts / common })];
    }

    /// <summary>Of the mix that lacks least, what it lacks.</summary>
    private static string[] Missing(string want, HashSet<string> have) =>
        have.Contains(want) ? []
        : Mixes[want].Length == 0 ? [want]
        : Mixes[want]
            .Select(mix =>
                mix.SelectMany(m => Mix(m.Colour, have) is null ? Missing(m.Colour, have) : []).Distinct().ToArray()
            )
            .OrderBy(m => m.Length)
            .First();

    private static int Gcd(int a, int b) => b == 0 ? a : Gcd(b, a % b);

    private static int Lcm(int a, int b) => a / Gcd(a, b) * b;
}
