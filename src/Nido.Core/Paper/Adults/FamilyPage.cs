namespace Nido.Core.Paper.Adults;

/// <summary>A letter to families, drawn.</summary>
public static class FamilyPage
{
    /// <summary>Draws it in two columns.</summary>
    public static void Draw(Pad pad, FamilyLetter letter)
    {
        ArgumentNullException.ThrowIfNull(pad);
        ArgumentNullException.ThrowIfNull(letter);
        var flow = new Flow(pad, columns: 2);
        foreach (var section in letter.Sections)
        {
            flow.Heading(section.Heading);
            foreach (var line in section.Lines)
            {
                if (line.Kind == FamilyLineKind.Title)
                {
                    flow.Sub(line.Text);
                }
                else
                {
                    flow.Item(
                        line.Text,
                        tick: line.Kind == FamilyLineKind.Tick,
                        size: line.Kind == FamilyLineKind.Note ? 2.6 : 3.4
                    );
                }
            }
        }
    }
}
