namespace Nido.Core.Cupboard;

/// <summary>What goes with what, as data: a row for each joiner or marker, a column for each property of a
/// surface.</summary>
/// <param name="Id">joiners or markers.</param>
/// <param name="Surfaces">Properties a surface is judged by, in the order of the table; `dark` is one of
/// colour.</param>
/// <param name="Rows">Row × surface.</param>
/// <param name="Source">Where it is known from.</param>
public sealed record PairTable(
    string Id,
    IReadOnlyList<string> Surfaces,
    IReadOnlyDictionary<string, IReadOnlyDictionary<string, Suits>> Rows,
    string Source
)
{
    private static readonly HashSet<string> DarkColours =
    [
        "black",
        "brown",
        "dark blue",
        "dark green",
        "purple",
        "blue",
        "green",
    ];

    /// <summary>
    /// The worst that any property of the surface says: wax paper is paper, but shiny, and shiny decides. A surface
    /// of which the table says nothing is allowed.
    /// </summary>
    public (Suits Suits, string? Surface) Of(string row, Material surface) =>
        Rows.TryGetValue(row, out var cells)
            ? Surfaces
                .Where(s => s == "dark" ? IsDark(surface) : surface.Tags.Contains(s))
                .Select(s => (Suits: cells.GetValueOrDefault(s), Surface: (string?)s))
                .OrderByDescending(x => x.Suits)
                .FirstOrDefault()
            : (Suits.Yes, null);

    /// <summary>A surface is dark where it comes in no light colour at all.</summary>
    private static bool IsDark(Material surface) =>
        surface.Colours.Count > 0 && surface.Colours.All(DarkColours.Contains);
}
