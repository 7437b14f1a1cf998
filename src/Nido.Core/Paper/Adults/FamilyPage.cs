namespace Nido.Core.Paper.Adults;

/// <summary>A letter to families, drawn.</summary>
public static class FamilyPage
{
    private const double PhotoHigh = 70;
    private const int WordsInARow = 3;

    /// <summary>Says that no letter goes on paper, so that a file that was asked for is none without a page.</summary>
    public static void Nobody(Pad pad)
    {
        ArgumentNullException.ThrowIfNull(pad);
        new Flow(pad).Item(pad.Words.Say("nobodyOnPaper"));
    }

    /// <summary>Draws it in two columns.</summary>
    /// <param name="pad">The paper.</param>
    /// <param name="letter">The letter.</param>
    /// <param name="pictures">JPEG files of its pictures, by number; a picture that is not there is left out.</param>
    public static void Draw(Pad pad, FamilyLetter letter, IReadOnlyDictionary<long, byte[]> pictures)
    {
        ArgumentNullException.ThrowIfNull(pictures);
        ArgumentNullException.ThrowIfNull(pad);
        ArgumentNullException.ThrowIfNull(letter);
        var flow = new Flow(pad, columns: 2);
        foreach (var section in letter.Sections)
        {
            flow.Heading(section.Heading);
            foreach (var row in section.Lines.Where(l => l.Kind == FamilyLineKind.Word).Chunk(WordsInARow))
            {
                flow.Words([.. row.Select(w => (w.Drawing!, w.Text))], WordsInARow);
            }

            foreach (var line in section.Lines.Where(l => l.Kind != FamilyLineKind.Word))
            {
                if (line.Picture is { } id && pictures.TryGetValue(id, out var jpeg))
                {
                    flow.Photo(jpeg, line.Shape, line.Text, PhotoHigh);
                }
                else if (line.Kind == FamilyLineKind.Title)
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
