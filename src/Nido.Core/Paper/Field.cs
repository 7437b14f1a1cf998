namespace Nido.Core.Paper;

/// <summary>What kind of value a field takes.</summary>
public enum FieldKind
{
    /// <summary>A number with a unit.</summary>
    Number,

    /// <summary>A whole number.</summary>
    Whole,

    /// <summary>One of a closed list.</summary>
    Choice,

    /// <summary>A line of text.</summary>
    Text,

    /// <summary>Several texts.</summary>
    List,
}

/// <summary>
/// A field of a sheet, told once: its form on the page, its limits, its refusals and what the interface says of it
/// follow from here.
/// </summary>
/// <param name="Name">Camel case.</param>
/// <param name="Kind">What it takes.</param>
/// <param name="Least">Smallest number, fewest letters, or fewest entries.</param>
/// <param name="Most">Largest number, most letters, or most entries.</param>
/// <param name="Unit">mm, or empty.</param>
/// <param name="Start">Where it begins: a number, a text, or entries parted by a line each.</param>
/// <param name="Choices">The closed list; empty where there is none.</param>
public sealed record Field(
    string Name,
    FieldKind Kind,
    double Least,
    double Most,
    string Unit,
    string Start,
    IReadOnlyList<string> Choices
)
{
    /// <summary>A length in mm.</summary>
    public static Field Mm(string name, double least, double most, double start) =>
        new(name, FieldKind.Number, least, most, "mm", FormattableString.Invariant($"{start}"), []);

    /// <summary>A count.</summary>
    public static Field Count(string name, int least, int most, int start) =>
        new(name, FieldKind.Whole, least, most, "", FormattableString.Invariant($"{start}"), []);

    /// <summary>One of a list; the first is where it begins.</summary>
    public static Field OneOf(string name, params string[] choices) =>
        new(name, FieldKind.Choice, 0, 0, "", choices[0], choices);

    /// <summary>A line of text.</summary>
    public static Field Line(string name, string start, int most = 60) =>
        new(name, FieldKind.Text, 0, most, "", start, []);

    /// <summary>Several texts.</summary>
    public static Field Lines(string name, int most, params string[] start) =>
        new(name, FieldKind.List, 1, most, "", string.Join('\n', start), []);
}
