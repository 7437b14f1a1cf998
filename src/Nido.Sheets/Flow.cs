using SkiaSharp;

namespace Nido.Sheets;

/// <summary>Text that flows down two columns and on to the next page.</summary>
internal sealed class Flow
{
    private const float Margin = 30;
    private readonly SKDocument document;
    private readonly float width;
    private readonly float height;
    private readonly string title;
    private Pen pen;
    private float y;
    private int column;

    public Flow(SKDocument document, float width, float height, string title)
    {
        this.document = document;
        this.width = width;
        this.height = height;
        this.title = title;
        pen = NewPage();
    }

    private float ColumnWidth => (width - (2 * Margin) - 24) / 2;

    private float X => Margin + (column * (ColumnWidth + 24));

    public void Heading(string text)
    {
        Room(44);
        y += 10;
        pen.Text(text, X, y + 12, 12, bold: true);
        pen.Rule(X, y + 17, X + ColumnWidth, y + 17);
        y += 24;
    }

    public void Sub(string text)
    {
        Room(30);
        pen.Text(text, X, y + 10, 9.5f, bold: true);
        y += 15;
    }

    public void Item(string text, bool tick)
    {
        var lines = Pen.Wrap(text, ColumnWidth - 14, 9, bold: false).Count;
        Room((lines * 11.25f) + 3);
        if (tick)
        {
            pen.Box(X, y + 2, 7, 7);
        }

        pen.Paragraph(text, X + 14, y + 9, ColumnWidth - 14, 9);
        y += (lines * 11.25f) + 3;
    }

    public void End() => document.EndPage();

    private void Room(float needed)
    {
        if (y + needed <= height - Margin)
        {
            return;
        }

        if (column == 0)
        {
            column = 1;
            y = Margin + 26;
            return;
        }

        document.EndPage();
        pen = NewPage();
    }

    private Pen NewPage()
    {
        column = 0;
        var page = new Pen(document.BeginPage(width, height));
        page.Text(title, Margin, Margin + 12, 10, colour: Pen.Quiet);
        y = Margin + 26;
        return page;
    }
}
