namespace Nido.Core.Cupboard;

/// <summary>Whether two materials go together: two tables as data, and rules of tool and part.</summary>
/// <param name="tables">The tables by id: `joiners` and `markers`.</param>
public sealed class GoesWith(IReadOnlyDictionary<string, PairTable> tables)
{
    /// <summary>A screw ends at least this far under the far side of its board, mm; common practice.</summary>
    public const double UnderBoard = 3;

    /// <summary>A hole under this many times the lace is a fight, above <see cref="Snug"/> it is easy going; common
    /// practice.</summary>
    public const double Tight = 1.1;

    /// <summary>A hole under this many times the lace is snug; common practice.</summary>
    public const double Snug = 1.5;

    /// <summary>Resistance against scissors and punch, by property; our own convention, as for the steps of
    /// cutting.</summary>
    private static readonly (string Tag, double Factor)[] Resistances =
    [
        ("card", 1.4),
        ("plastic", 1.4),
        ("fabric", 1.2),
        ("natural", 1.2),
    ];

    /// <summary>No table, for a house without any.</summary>
    public static GoesWith Nothing { get; } = new(new Dictionary<string, PairTable>());

    /// <summary>How two materials go together, and why not where they do not. A figure that is not known lets them
    /// pass.</summary>
    /// <param name="kind">What the first does to the second.</param>
    /// <param name="with">Joiner, marker, tool or part.</param>
    /// <param name="on">What it is done to.</param>
    /// <param name="sticks">Sticks that meet in the busiest joint, where joints are asked about.</param>
    public (Suits Suits, Said? Reason) Check(PairKind kind, Material with, Material on, int sticks = 0)
    {
        ArgumentNullException.ThrowIfNull(with);
        ArgumentNullException.ThrowIfNull(on);
        return kind switch
        {
            PairKind.Holds => Table("joiners", with.Fitting.Joins, with, on),
            PairKind.Shows => Table("markers", with.Fitting.Marks, with, on),
            PairKind.Cuts => Cuts(with, on),
            PairKind.Threads => Threads(with, on),
            PairKind.Punches => Punches(with, on),
            PairKind.Drives => Drives(with, on),
            PairKind.ScrewsInto => ScrewsInto(with, on),
            PairKind.HoldsWater => Contrast.HoldsWater(with, on),
            PairKind.UnlikeInLook => Contrast.InLook(with, on),
            PairKind.UnlikeInWeight => Contrast.InWeight(with, on),
            PairKind.UnlikeInSound => Contrast.InSound(with, on),
            PairKind.UnlikeToTouch => Contrast.ToTouch(with, on),
            PairKind.UnlikeInKind => Contrast.InKind(with, on),
            _ => Joins(with, sticks),
        };
    }

    private (Suits, Said?) Table(string table, string? row, Material with, Material on)
    {
        if (row is null || !tables.TryGetValue(table, out var rows))
        {
            return (Suits.Yes, null);
        }

        var (suits, surface) = rows.Of(row, on);
        var why = Said.Word(surface ?? "");
        return (suits, table) switch
        {
            (Suits.No, "joiners") => (suits, $"{with.Name} will not hold on {on.Name}: {why}"),
            (Suits.No, _) => (suits, $"{with.Name} will not show on {on.Name}: {why}"),
            (Suits.Barely, "joiners") => (suits, $"{with.Name} barely holds on {on.Name}: {why}"),
            (Suits.Barely, _) => (suits, $"{with.Name} barely shows on {on.Name}: {why}"),
            _ => (suits, null),
        };
    }

    /// <summary>Thickness × resistance against what the tool cuts; the last quarter goes only just.</summary>
    private static (Suits, Said?) Cuts(Material tool, Material stuff)
    {
        var asked = stuff.Height * Resistance(stuff);
        return tool.Fitting.CutsUpTo is not { } most || asked <= 0.75 * most ? (Suits.Yes, null)
            : asked <= most ? (Suits.Barely, (Said)$"{stuff.Name} are nearly too thick for {tool.Name}")
            : (
                Suits.No,
                (Said)$"{stuff.Name} are too thick for {tool.Name}: {asked:0.##} mm of paper, it cuts {most:0.##} mm"
            );
    }

    private static double Resistance(Material stuff) =>
        Resistances.Where(r => stuff.Tags.Contains(r.Tag)).Select(r => r.Factor).DefaultIfEmpty(1).Max();

    private static (Suits, Said?) Threads(Material lace, Material thing)
    {
        if (thing.Hole is not { } hole || lace.Width <= 0)
        {
            return (Suits.Yes, null);
        }

        var ratio = hole / lace.Width;
        return ratio < Tight
                ? (Suits.No, (Said)$"{lace.Name} of {lace.Width:0.#} mm will not go through a hole of {hole:0.#} mm")
            : ratio < Snug
                ? (Suits.Barely, (Said)$"{lace.Name} go snugly: a hole of {hole:0.#} mm for {lace.Width:0.#} mm")
            : (Suits.Yes, null);
    }

    /// <summary>A hole is wanted in the middle; a punch that reaches only the edge leaves it there.</summary>
    private static (Suits, Said?) Punches(Material punch, Material stuff)
    {
        var cut = Cuts(punch, stuff);
        return cut.Item1 == Suits.Yes && punch.Fitting.Reach is { } reach && stuff.Width / 2 > reach
            ? (
                Suits.Barely,
                $"{punch.Name} reach {reach:0.#} mm in; the middle of {stuff.Name} is at {stuff.Width / 2:0.#} mm"
            )
            : cut;
    }

    private static (Suits, Said?) Drives(Material driver, Material screw) =>
        driver.Fitting.Drive is { } d && screw.Fitting.Drive is { } s && d != s
            ? (
                Suits.No,
                (Said)$"{driver.Name} are for a {ScrewHead.Word(d)} head, {screw.Name} have a {ScrewHead.Word(s)} head"
            )
            : (Suits.Yes, null);

    private static (Suits, Said?) ScrewsInto(Material screw, Material board) =>
        board.Height > 0 && screw.Length > board.Height - UnderBoard
            ? (
                Suits.No,
                Said.That(
                    $"{screw.Name} of {screw.Length:0.#} mm would come through {board.Name} of {board.Height:0.#} "
                        + $"mm; {UnderBoard:0} mm must stay"
                )
            )
            : (Suits.Yes, null);

    private static (Suits, Said?) Joins(Material joint, int sticks) =>
        joint.Fitting.HoldsSticks is { } most && sticks > most
            ? (Suits.No, (Said)$"{sticks} sticks meet in a joint; {joint.Name} hold {most}")
            : (Suits.Yes, null);
}
