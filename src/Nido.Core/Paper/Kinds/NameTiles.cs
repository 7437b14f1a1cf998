using Nido.Core.Making;
using Nido.Core.Words;

namespace Nido.Core.Paper.Kinds;

/// <summary>Names in pieces: a tile a letter, each with its owner small in the corner so that sets find home
/// again.</summary>
internal static class NameTiles
{
    public static SheetKind Kind { get; } =
        new(
            "name-tiles",
            SheetFamily.Letters,
            [
                Field.Lines("names", 200, "Ada"),
                Field.Mm("tile", 12, 60, 28),
                Field.OneOf("letters", "asWritten", "capitals", "small"),
            ],
            Draw
        );

    private static void Draw(Pad pad, Values v)
    {
        var side = v.Number("tile");
        (string Owner, string Letter)[] tiles =
        [
            .. v.List("names")
                .SelectMany(name =>
                    Letters
                        .Of(name)
                        .Select(l =>
                            (
                                name,
                                v.Text("letters") switch
                                {
                                    "capitals" => l.ToUpperInvariant(),
                                    "small" => l.ToLowerInvariant(),
                                    _ => l,
                                }
                            )
                        )
                ),
        ];
        if (tiles.Length == 0)
        {
            throw Need.Refused("names", string.Join(", ", v.List("names")), $"names with letters are wanted");
        }

        pad.Cells(
            tiles.Length,
            side,
            side,
            "tile",
            (leaf, cell, k) =>
            {
                leaf.Fit(tiles[k].Letter, new(cell.X + 1, cell.Y + 1, side - 2, side - 5), side * 0.8, "names");
                // The owner stands there as far as it fits; it is for sorting only.
                var owner = tiles[k].Owner;
                if (pad.Type.Missing(owner).Length == 0 && pad.Type.Width(owner, Face.Adult, 2.1) <= side - 2)
                {
                    leaf.Text(owner, cell.Right - 1, cell.Bottom - 1.2, 2.1, align: Align.Right, grey: 0.45);
                }
            },
            caption: pad.Words.Say("tiles", $"{tiles.Length}", $"{v.List("names").Count}")
        );
    }
}
