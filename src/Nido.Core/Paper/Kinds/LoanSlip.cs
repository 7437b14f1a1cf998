namespace Nido.Core.Paper.Kinds;

/// <summary>Slips for what is lent: what, to whom, until when; one half stays, one goes along.</summary>
internal static class LoanSlip
{
    public static SheetKind Kind { get; } =
        new("loan-slip", SheetFamily.Bags, [Field.Line("title", "Week bag"), Field.Count("slips", 1, 30, 4)], Draw);

    private static void Draw(Pad pad, Values v)
    {
        var wide = Page.SizeOf(pad.Setting.Paper).Width - (2 * Page.Margin);
        pad.Cells(
            v.Whole("slips"),
            wide,
            58,
            "slips",
            (leaf, cell, _) =>
            {
                leaf.Draw(Figures.Line(new(cell.Middle.X, cell.Y), new(cell.Middle.X, cell.Bottom)), Stroke.Fold);
                foreach (var x in (double[])[cell.X + 4, cell.Middle.X + 4])
                {
                    leaf.Fit(
                        v.Text("title"),
                        new(x, cell.Y + 3, (wide / 2) - 8, 10),
                        6,
                        "title",
                        Face.AdultBold,
                        Align.Left
                    );
                    string[] rows = [pad.Words.Say("lentTo"), pad.Words.Say("lentOn"), pad.Words.Say("backBy")];
                    for (var k = 0; k < 3; k++)
                    {
                        leaf.Text(rows[k], x, cell.Y + 24 + (k * 13), 3.4, grey: 0.3);
                        leaf.WriteOn(x + 24, cell.Y + 24.5 + (k * 13), (wide / 2) - 34);
                    }
                }
            }
        );
    }
}
