using System.Globalization;
using System.Security;
using System.Text;
using Nido.Core.Paper;
using SkiaSharp;

namespace Nido.Sheets;

/// <summary>A page as SVG in millimetres: the preview on screen, and a file to keep. Letters are drawn, so that it
/// looks alike everywhere.</summary>
public static class SheetSvg
{
    /// <summary>An SVG of a page.</summary>
    public static string Of(Page page, string title)
    {
        ArgumentNullException.ThrowIfNull(page);
        var text = new StringBuilder();
        text.Append(
            CultureInfo.InvariantCulture,
            $"<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"{N(page.Width)}mm\" "
                + $"height=\"{N(page.Height)}mm\" viewBox=\"0 0 {N(page.Width)} {N(page.Height)}\" "
                + $"role=\"img\"><title>{SecurityElement.Escape(title)}</title><rect width=\"{N(page.Width)}\" "
                + $"height=\"{N(page.Height)}\" fill=\"#fff\"/>"
        );
        foreach (var mark in page.Marks)
        {
            switch (mark)
            {
                case Drawn drawn:
                    Drawn(text, drawn);
                    break;
                case Writing said:
                    Said(text, said);
                    break;
                case Photo photo:
                    text.Append(
                        CultureInfo.InvariantCulture,
                        $"<image x=\"{N(photo.Where.X)}\" y=\"{N(photo.Where.Y)}\" width=\"{N(photo.Where.Width)}\" "
                            + $"height=\"{N(photo.Where.Height)}\" "
                            + $"href=\"data:image/jpeg;base64,{Convert.ToBase64String(photo.Jpeg)}\"/>"
                    );
                    break;
            }
        }

        return text.Append("</svg>").ToString();
    }

    private static void Drawn(StringBuilder text, Drawn drawn)
    {
        var look = drawn.Look;
        text.Append("<path d=\"").Append(PathOf(drawn.Figure)).Append('"');
        if (drawn.Line == 0)
        {
            text.Append(CultureInfo.InvariantCulture, $" fill=\"{Grey(look.Grey)}\"/>");
            return;
        }

        text.Append(
            CultureInfo.InvariantCulture,
            $" fill=\"none\" stroke=\"{Grey(look.Grey)}\" stroke-width=\"{N(drawn.Line)}\" stroke-linejoin=\"round\""
        );
        text.Append(
            drawn.FlatEnds && look.Dashes.Count == 0 ? "/>"
            : look.Dashes.Count > 0 ? $" stroke-dasharray=\"{string.Join(' ', look.Dashes.Select(N))}\"/>"
            : " stroke-linecap=\"round\"/>"
        );
    }

    private static void Said(StringBuilder text, Writing said)
    {
        var runs = Lettering.Runs(said.Text, said.Face, said.Size);
        var left =
            said.Where.X
            - (
                said.Align switch
                {
                    Align.Left => 0,
                    Align.Middle => 0.5,
                    _ => 1.0,
                } * runs.Sum(r => r.Advance)
            );
        text.Append(CultureInfo.InvariantCulture, $"<g aria-label=\"{SecurityElement.Escape(said.Text)}\"><path d=\"");
        foreach (var run in runs)
        {
            using var font = new SKFont(run.Face, run.Size) { Subpixel = true, Hinting = SKFontHinting.None };
            for (var k = 0; k < run.Glyphs.Length; k++)
            {
                using var glyph = font.GetGlyphPath(run.Glyphs[k]);
                if (glyph is { IsEmpty: false })
                {
                    using var moved = new SKPath(glyph);
                    moved.Transform(
                        SKMatrix.CreateTranslation((float)left + run.At[k].X, (float)said.Where.Y + run.At[k].Y)
                    );
                    text.Append(moved.ToSvgPathData());
                }
            }
        }

        text.Append(
            said.Hollow
                ? string.Create(
                    CultureInfo.InvariantCulture,
                    $"\" fill=\"none\" stroke=\"{Grey(said.Grey)}\" stroke-width=\"0.5\"/></g>"
                )
                : string.Create(CultureInfo.InvariantCulture, $"\" fill=\"{Grey(said.Grey)}\"/></g>")
        );
    }

    private static string PathOf(Figure figure)
    {
        var text = new StringBuilder();
        foreach (var run in figure.Runs)
        {
            text.Append('M').Append(P(run.Start));
            foreach (var piece in run.Pieces)
            {
                text.Append(
                    piece is { First: { } a, Second: { } b } ? $"C{P(a)} {P(b)} {P(piece.To)}" : $"L{P(piece.To)}"
                );
            }

            text.Append(run.Closed ? "Z" : "");
        }

        return text.ToString();
    }

    private static string P(At at) => $"{N(at.X)} {N(at.Y)}";

    private static string N(double value) => Math.Round(value, 4).ToString("0.####", CultureInfo.InvariantCulture);

    private static string Grey(double grey)
    {
        var level = (int)Math.Round(255 * grey);
        return $"#{level:x2}{level:x2}{level:x2}";
    }
}
