using Nido.Core.Making;

namespace Nido.Core.Paper;

/// <summary>A page while it is made.</summary>
public sealed class Leaf
{
    /// <summary>Smallest letters that are printed, mm: about 6 point.</summary>
    public const double Smallest = 2.1;

    private readonly Pad pad;
    private readonly double width;
    private readonly double height;
    private readonly List<Mark> marks = [];

    internal Leaf(Pad pad, double width, double height)
    {
        (this.pad, this.width, this.height) = (pad, width, height);
        Room = new(Page.Margin, 23, width - (2 * Page.Margin), height - 23 - 19);
    }

    /// <summary>What is free between heading and check line, mm.</summary>
    public Box Room { get; }

    /// <summary>Draws a figure.</summary>
    /// <param name="figure">What.</param>
    /// <param name="stroke">How.</param>
    /// <param name="line">Width of the line, mm; null for that of the stroke.</param>
    /// <param name="flat">The line ends where it ends.</param>
    public void Draw(Figure figure, Stroke stroke, double? line = null, bool flat = false) =>
        marks.Add(new Drawn(figure, stroke, line, flat));

    /// <summary>Lays a photograph.</summary>
    /// <param name="jpeg">Its file.</param>
    /// <param name="where">Its place, in the shape of the picture.</param>
    public void Lay(byte[] jpeg, Box where) => marks.Add(new Photo(jpeg, where));

    /// <summary>A figure as it lies for the hand the page is for.</summary>
    public Figure ForHand(Figure figure) => pad.Setting.LeftHanded ? figure.Mirrored(width / 2) : figure;

    /// <summary>A box as it lies for the hand the page is for.</summary>
    public Box ForHand(Box box) => pad.Setting.LeftHanded ? box with { X = width - box.Right } : box;

    /// <summary>A text on one line, which has the room it needs.</summary>
    public void Text(
        string text,
        double x,
        double y,
        double size,
        Face face = Face.Adult,
        Align align = Align.Left,
        double grey = 0.1,
        bool hollow = false
    )
    {
        if (pad.Type.Missing(text) is { Length: > 0 } missing)
        {
            // Never boxes in place of letters: a line to write on, and a word to whoever prints.
            pad.Note(pad.Words.Say("unprintable", text, missing));
            var wide = size * 5;
            var left = align switch
            {
                Align.Left => x,
                Align.Middle => x - (wide / 2),
                _ => x - wide,
            };
            Draw(Figures.Line(new(left, y + 0.5), new(left + wide, y + 0.5)), Stroke.Fine);
            return;
        }

        if (text.Length > 0)
        {
            marks.Add(new Writing(text, new(x, y), size, face, align, grey, hollow));
        }
    }

    /// <summary>
    /// A text as large as a box allows, over several lines where one would be too small; refused where even the
    /// smallest letters do
    /// not fit. Nothing is ever cut.
    /// </summary>
    /// <returns>Size of the letters, mm.</returns>
    public double Fit(
        string text,
        Box box,
        double most,
        string field,
        Face face = Face.Child,
        Align align = Align.Middle,
        bool hollow = false
    )
    {
        if (pad.Type.Missing(text).Length > 0)
        {
            Text(text, box.X, Math.Min(box.Bottom - 1, box.Middle.Y + (most / 2)), box.Width * 0.9 / 5, face);
            return most;
        }

        for (var size = most; size >= Smallest - 1e-9; size *= size > Smallest * 1.06 ? 0.95 : 0.9)
        {
            var lines = Lines(text, box.Width, size, face);
            if (
                lines is not null
                && lines.Count * size * 1.2 <= box.Height + 1e-9
                && (lines.Count == 1 || size <= most * 0.7 || most <= Smallest * 2)
            )
            {
                var x = align switch
                {
                    Align.Left => box.X,
                    Align.Middle => box.Middle.X,
                    _ => box.Right,
                };
                // The body of a line sits with its base line at four fifths of its height.
                var top = box.Middle.Y - (lines.Count * size * 1.2 / 2);
                for (var k = 0; k < lines.Count; k++)
                {
                    Text(
                        lines[k],
                        x,
                        top + ((k + 0.5) * size * 1.2) + (size * 0.34),
                        size,
                        face,
                        align,
                        hollow: hollow
                    );
                }

                return size;
            }
        }

        throw Need.Refused(
            field,
            text.Length > 80 ? text[..80] + "…" : text,
            $"it does not fit {box.Width:0} × {box.Height:0} mm even in small letters; take a shorter form or larger pieces"
        );
    }

    /// <summary>A text over as many lines as it takes.</summary>
    /// <returns>Where it ends, mm from above.</returns>
    public double Paragraph(
        string text,
        double x,
        double y,
        double wide,
        double size,
        Face face = Face.Adult,
        double grey = 0.1
    )
    {
        foreach (
            var line in Lines(text, wide, size, face)
                ?? [.. text.Chunk(Math.Max(1, (int)(wide / size))).Select(c => new string(c))]
        )
        {
            Text(line, x, y + size, size, face, grey: grey);
            y += size * 1.3;
        }

        return y;
    }

    /// <summary>How high a text is over as many lines as it takes, mm.</summary>
    public double HeightOf(string text, double wide, double size, Face face = Face.Adult) =>
        (Lines(text, wide, size, face)?.Count ?? (int)Math.Ceiling(text.Length * size / wide)) * size * 1.3;

    /// <summary>A picture as large as a box allows; an empty frame to draw in where there is none.</summary>
    public void Picture(string? id, Box box)
    {
        if (id is not null && Pictures.All.TryGetValue(id, out var figure))
        {
            Draw(figure.In(box.Inside(0.5)), Stroke.Outline);
            return;
        }

        Draw(Figures.Rectangle(box.Inside(0.5)), Stroke.Fine);
    }

    /// <summary>The picture of a word; where there is none an empty frame, and a word to whoever prints.</summary>
    public void PictureOf(string word, Box box) => Picture(pad.Picture(word), box);

    /// <summary>A box to tick.</summary>
    public void Tick(double x, double y, double size = 3.2) =>
        Draw(Figures.Rectangle(new(x, y, size, size)), Stroke.Outline, 0.3);

    /// <summary>A line to write on.</summary>
    public void WriteOn(double x, double y, double wide) =>
        Draw(Figures.Line(new(x, y), new(x + wide, y)), Stroke.Fine);

    /// <summary>Words to lines of a width, or null where one word alone is wider.</summary>
    public IReadOnlyList<string>? Lines(string text, double wide, double size, Face face)
    {
        ArgumentNullException.ThrowIfNull(text);
        var lines = new List<string> { "" };
        foreach (var word in text.Split(' ', StringSplitOptions.RemoveEmptyEntries))
        {
            if (pad.Type.Width(word, face, size) > wide)
            {
                return null;
            }

            var tried = lines[^1].Length == 0 ? word : $"{lines[^1]} {word}";
            if (lines[^1].Length > 0 && pad.Type.Width(tried, face, size) > wide)
            {
                lines.Add(word);
            }
            else
            {
                lines[^1] = tried;
            }
        }

        return lines;
    }

    internal Page Done(int number, int of)
    {
        Head();
        var y = height - 15;
        Draw(Figures.Line(new(Page.Margin, y), new(Page.Margin + Page.CheckLine, y)), Stroke.Outline, 0.4);
        Draw(Figures.Line(new(Page.Margin, y - 1.5), new(Page.Margin, y + 1.5)), Stroke.Outline, 0.4);
        Draw(
            Figures.Line(new(Page.Margin + Page.CheckLine, y - 1.5), new(Page.Margin + Page.CheckLine, y + 1.5)),
            Stroke.Outline,
            0.4
        );
        Text(pad.Words.Say("checkLine"), Page.Margin, height - 10.8, 2.6, grey: 0.35);
        Text(
            pad.Words.Say("page", $"{number}", $"{of}"),
            width - Page.Margin,
            height - 10.8,
            2.6,
            align: Align.Right,
            grey: 0.35
        );
        return new(width, height, marks);
    }

    private void Head()
    {
        var head = pad.Setting.Head;
        string[] parts = [.. new[] { head.Idea, head.Step, head.Day }.OfType<string>().Where(p => p.Length > 0)];
        var name = head.Name is { Length: > 0 } n ? n : null;
        var text = string.Join(" · ", name is null ? parts : [.. parts, pad.Words.Say("for", name)]);
        if (text.Length > 0)
        {
            Fit(text, new(Page.Margin, 10, width - (2 * Page.Margin), 8), 3.1, "heading", Face.Adult, Align.Left);
        }

        Draw(Figures.Line(new(Page.Margin, 20), new(width - Page.Margin, 20)), Stroke.Cut, 0.2);
    }
}
