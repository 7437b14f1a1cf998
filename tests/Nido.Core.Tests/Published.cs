using System.Runtime.CompilerServices;

namespace Nido.Core.Tests;

/// <summary>
/// The published values the computation is held to, with their sources. All are written down from memory unless a
/// test says otherwise.
/// </summary>
internal static class Published
{
    /// <summary>Milestones: age in months, share of children, whether "when shown". Source: CDC Learn the Signs. Act
    /// Early. 2022 (from memory).</summary>
    public static IEnumerable<(string What, int Months, double Share, bool Shown)> Milestones { get; } =
    [
        ("scribbles", 18, 0.75, false),
        ("twists lids", 30, 0.75, false),
        ("draws a circle when shown", 36, 0.75, true),
        ("strings large beads", 36, 0.75, false),
        ("unbuttons", 48, 0.75, false),
        ("buttons", 60, 0.75, false),
        ("counts to 10", 60, 0.75, false),
    ];

    /// <summary>Ages at which half copy a form. Source: Beery-Buktenica VMI developmental ages (from memory).</summary>
    public static IEnumerable<(string Step, int Months)> Strokes { get; } =
    [
        ("copies a line down", 34),
        ("copies a line across and a circle", 36),
        ("copies a cross", 49),
        ("copies a square", 54),
        ("copies a slanting cross", 59),
        ("copies a triangle", 63),
    ];

    /// <summary>Ages at which half manage. Common practice.</summary>
    public static IEnumerable<(string Step, int Months)> Scissors { get; } =
    [
        ("snips the edge", 30),
        ("cuts across a strip", 36),
        ("cuts along a straight line", 42),
        ("cuts a curve or a circle", 50),
        ("cuts a square with corners", 54),
        ("cuts a complex outline", 66),
    ];

    /// <summary>Root of the repository.</summary>
    public static string Root { get; } = Path.GetFullPath(Path.Combine(Path.GetDirectoryName(Here())!, "..", ".."));

    /// <summary>The catalogue as shipped.</summary>
    public static Nido.Catalog.Content Content { get; } = Nido.Catalog.Content.Read(Path.Combine(Root, "content"));

    private static string Here([CallerFilePath] string here = "") => here;
}
