using Nido.Core.Making;

namespace Nido.Core.Paper.Kinds;

/// <summary>A number line in strips to paste end to end, or with some numbers missing and their tiles beside
/// it.</summary>
internal static class NumberLine
{
    public static SheetKind Kind { get; } =
        new(
            "number-line",
            SheetFamily.Numbers,
            [
                Field.Count("from", 0, 100, 1),
                Field.Count("to", 0, 100, 10),
                Field.Count("missing", 0, 30, 0),
                Field.Mm("step", 12, 60, 19),
                Field.Count("lines", 1, 12, 1),
                Field.Count("seed", 1, 100_000, 1),
            ],
            Draw
        );

    private static void Draw(Pad pad, Values v)
    {
        var (from, to, step, missing) = (v.Whole("from"), v.Whole("to"), v.Number("step"), v.Whole("missing"));
        if (to <= from)
        {
            throw Need.Refused("to", to, $"a number over {from} is wanted");
        }

        var wide = Page.SizeOf(pad.Setting.Paper).Width - (2 * Page.Margin);
        var each = Math.Max(1, (int)(wide / step));
        var parts = (int)Math.Ceiling((to - from + 1) / (double)each);
        for (var line = 0; line < v.Whole("lines"); line++)
        {
            int[] gone =
                missing == 0
                    ? []
                    :
                    [
                        .. MissingNumbers
                            .Of(new(from, to, missing, v.Whole("seed") + line, AvoidEnds: missing <= to - from - 1))
                            .Pegs,
                    ];
            pad.Cells(
                parts,
                wide,
                30,
                "step",
                (leaf, cell, k) =>
                {
                    for (var i = 0; i < each && from + (k * each) + i <= to; i++)
                    {
                        var number = from + (k * each) + i;
                        var box = new Box(cell.X + (i * step), cell.Y, step, cell.Height);
                        leaf.Draw(
                            Figures.Line(new(box.Middle.X, cell.Y + 2), new(box.Middle.X, cell.Y + 7)),
                            Stroke.Outline
                        );
                        if (gone.Contains(number))
                        {
                            var side = Math.Min(step - 2, 18);
                            leaf.Draw(
                                Figures.Rectangle(new(box.Middle.X - (side / 2), cell.Y + 9, side, 18)),
                                Stroke.Outline,
                                0.35
                            );
                        }
                        else
                        {
                            leaf.Fit($"{number}", new(box.X + 1, cell.Y + 9, step - 2, 18), 12, "step");
                        }
                    }

                    leaf.Draw(
                        Figures.Line(
                            new(cell.X, cell.Y + 2),
                            new(cell.X + (Math.Min(each, to - from + 1 - (k * each)) * step), cell.Y + 2)
                        ),
                        Stroke.Outline
                    );
                },
                gap: 4
            );
            if (gone.Length > 0)
            {
                var side = Math.Min(step - 2, 18);
                pad.Cells(
                    gone.Length,
                    side,
                    18,
                    "step",
                    (leaf, cell, k) => leaf.Fit($"{gone[k]}", cell.Inside(1), 12, "step"),
                    caption: pad.Words.Say("tilesFor", $"{line + 1}")
                );
            }
        }
    }
}
