using System.Text.Json.Serialization;

namespace Nido.Core.Making;

/// <summary>How a field of a calculator is entered.</summary>
public enum AskKind
{
    /// <summary>A number with a unit.</summary>
    Number,

    /// <summary>Yes or no.</summary>
    Flag,

    /// <summary>A line of text.</summary>
    Text,

    /// <summary>One of a closed list.</summary>
    Choice,

    /// <summary>Words, with commas between them.</summary>
    Words,

    /// <summary>Numbers, with commas between them.</summary>
    Numbers,

    /// <summary>A word and a number for each entry: "red 20, blue 9".</summary>
    Amounts,

    /// <summary>A little table.</summary>
    Rows,
}

/// <summary>
/// A field of a calculator, told once beside its calculation: the form on the page, what the interface says of it and
/// what it starts with follow from here.
/// </summary>
/// <param name="Path">Where it stands in what is asked: camel case, a point for what lies within.</param>
/// <param name="Kind">How it is entered.</param>
/// <param name="Start">What it starts with, as it would be typed; empty for nothing.</param>
public sealed record AskField(string Path, AskKind Kind, string Start = "")
{
    /// <summary>mm, %, g; empty for none.</summary>
    [JsonRequired]
    public string Unit { get; init; } = "";

    /// <summary>Smallest number that is taken; null where another field decides.</summary>
    public double? Least { get; init; }

    /// <summary>Largest number that is taken; null where another field decides.</summary>
    public double? Most { get; init; }

    /// <summary>Only whole numbers.</summary>
    [JsonRequired]
    public bool Whole { get; init; }

    /// <summary>The closed list of a choice.</summary>
    [JsonRequired]
    public IReadOnlyList<string> Among { get; init; } = [];

    /// <summary>Columns of a little table.</summary>
    [JsonRequired]
    public IReadOnlyList<string> Columns { get; init; } = [];

    /// <summary>Rows a little table starts with.</summary>
    [JsonRequired]
    public IReadOnlyList<IReadOnlyList<string>> StartRows { get; init; } = [];

    /// <summary>A length in mm, over 0.</summary>
    public static AskField Length(string path, double? start = null, double most = Need.Longest) =>
        Of(path, AskKind.Number, start) with
        {
            Unit = "mm",
            Least = Need.Shortest,
            Most = most,
        };

    /// <summary>A length in mm, or none.</summary>
    public static AskField LengthOrNone(string path, double? start = null, double most = Need.Longest) =>
        Length(path, start, most) with
        {
            Least = 0,
        };

    /// <summary>A whole number.</summary>
    public static AskField Count(string path, int? start, int least, int most) =>
        Of(path, AskKind.Number, start) with
        {
            Least = least,
            Most = most,
            Whole = true,
        };

    /// <summary>A number.</summary>
    public static AskField Number(
        string path,
        double? start,
        double? least = null,
        double? most = null,
        string unit = ""
    ) => Of(path, AskKind.Number, start) with { Unit = unit, Least = least, Most = most };

    /// <summary>Spare in percent.</summary>
    public static AskField Spare(double start = 10) => Number("spare", start, 0, 200, "%");

    /// <summary>Children, whole.</summary>
    public static AskField Children(int most = 1000) => Count("children", 14, 1, most);

    /// <summary>Yes or no.</summary>
    public static AskField Flag(string path, bool start = false) => new(path, AskKind.Flag, start ? "true" : "");

    /// <summary>One of a closed list.</summary>
    public static AskField Choice(string path, string start, params IReadOnlyList<string> among) =>
        new(path, AskKind.Choice, start) { Among = among };

    /// <summary>A little table.</summary>
    public static AskField Rows(string path, string[] columns, params string[][] start) =>
        new(path, AskKind.Rows) { Columns = columns, StartRows = start };

    private static AskField Of(string path, AskKind kind, double? start) =>
        new(path, kind, start is { } s ? FormattableString.Invariant($"{s}") : "");
}
