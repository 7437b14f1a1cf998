namespace Nido.Core.Paper.Adults;

/// <summary>Text that flows down columns and on to the next page. A heading never stays behind without what it
/// heads.</summary>
internal sealed class Flow(Pad pad, int columns = 1, bool landscape = false)
{
    private const double Gap = 8;
    private Leaf leaf = pad.New(landscape);
    private double y = double.NaN;
    private int column;
    private string? heading;
    private string? sub;

    private double Wide => (leaf.Room.Width - ((columns - 1) * Gap)) / columns;

    private double X => leaf.Room.X + (column * (Wide + Gap));

    private double Top => double.IsNaN(y) ? leaf.Room.Y : y;

    /// <summary>A heading; drawn with the first line beneath it.</summary>
    public void Heading(string text) => (heading, sub) = (text, null);

    /// <summary>A smaller heading; drawn with the first line beneath it.</summary>
    public void Sub(string text) => sub = text;

    /// <summary>A paragraph, with a box to tick where it is a thing to do.</summary>
    public void Item(string text, bool tick = false, double size = 3.4, Face face = Face.Adult) =>
        Item(text, 0, null, tick, size, face);

    private void Item(
        string text,
        double above,
        Action<double>? draw,
        bool tick = false,
        double size = 3.4,
        Face face = Face.Adult
    )
    {
        var indent = tick ? 6 : 0;
        var high = above + leaf.HeightOf(text, Wide - indent, size, face) + 1;
        var heads =
            (heading is null ? 0 : 6 + leaf.HeightOf(heading, Wide, 4.6, Face.AdultBold))
            + (sub is null ? 0 : 2 + leaf.HeightOf(sub, Wide, 3.6, Face.AdultBold));
        Room(heads + Math.Min(high, leaf.Room.Height - heads));
        Heads();
        draw?.Invoke(Top);
        y = Top + above;
        if (tick)
        {
            leaf.Tick(X, Top + 0.4, 3);
        }

        y = leaf.Paragraph(text, X + indent, Top, Wide - indent, size, face) + 1;
    }

    /// <summary>A photograph with a line beneath it, as wide as the column and at most so high.</summary>
    /// <param name="jpeg">Its file.</param>
    /// <param name="shape">Height by width.</param>
    /// <param name="text">The line.</param>
    /// <param name="most">Highest, mm.</param>
    public void Photo(byte[] jpeg, double shape, string text, double most)
    {
        var wide = Math.Min(Wide, most / shape);
        Item(text, above: (wide * shape) + 2, draw: at => leaf.Lay(jpeg, new(X, at, wide, wide * shape)));
    }

    /// <summary>A row of words under their pictures; without a word a line to write it on.</summary>
    /// <param name="words">Picture and word.</param>
    /// <param name="inARow">Places of a row.</param>
    public void Words((string Picture, string Word)[] words, int inARow)
    {
        const double Picture = 14;
        const double Line = 6;
        var heads = heading is null ? 0 : 6 + leaf.HeightOf(heading, Wide, 4.6, Face.AdultBold);
        Room(heads + Picture + Line + 2);
        Heads();
        var (top, each) = (Top, Wide / inARow);
        for (var k = 0; k < words.Length; k++)
        {
            var x = X + (k * each);
            leaf.Picture(words[k].Picture, new(x + ((each - Picture) / 2), top, Picture, Picture));
            if (words[k].Word.Length > 0)
            {
                leaf.Fit(words[k].Word, new(x + 1, top + Picture, each - 2, Line), 3.6, "word", Face.Adult);
            }
            else
            {
                leaf.WriteOn(x + 2, top + Picture + Line, each - 4);
            }
        }

        y = top + Picture + Line + 2;
    }

    /// <summary>What comes next begins in the next column; nothing is begun after the last.</summary>
    public void NextColumn()
    {
        if (column + 1 < columns)
        {
            (column, y) = (column + 1, double.NaN);
        }
    }

    /// <summary>White between parts.</summary>
    public void Space(double mm) => y = Top + mm;

    private void Heads()
    {
        if (heading is { } head)
        {
            y = leaf.Paragraph(head, X, Top + (Top > leaf.Room.Y ? 4 : 0), Wide, 4.6, Face.AdultBold);
            leaf.Draw(Figures.Line(new(X, y), new(X + Wide, y)), Stroke.Fine);
            (y, heading) = (y + 2, null);
        }

        if (sub is { } small)
        {
            y = leaf.Paragraph(small, X, Top + 1, Wide, 3.6, Face.AdultBold) + 0.5;
            sub = null;
        }
    }

    private void Room(double needed)
    {
        if (Top + needed <= leaf.Room.Bottom || Top <= leaf.Room.Y)
        {
            return;
        }

        if (++column == columns)
        {
            (column, leaf) = (0, pad.New(landscape));
        }

        y = double.NaN;
    }
}
