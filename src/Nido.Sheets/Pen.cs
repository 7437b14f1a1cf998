using Nido.Core;
using SkiaSharp;

namespace Nido.Sheets;

/// <summary>Draws text and stitches on a page; sizes in points.</summary>
internal sealed class Pen(SKCanvas canvas)
{
    private static readonly SKColor Line = new(0xC9, 0xBF, 0xA9);

    /// <summary>Ink of the whole house.</summary>
    public static SKColor Ink { get; } = new(0x1F, 0x2F, 0x36);

    /// <summary>Quieter ink, still over 4.5:1 on white.</summary>
    public static SKColor Quiet { get; } = new(0x55, 0x63, 0x69);

    public SKCanvas Canvas { get; } = canvas;

    /// <summary>Colour of an aim; a stitch goes with it so that colour never stands alone.</summary>
    public static SKColor Colour(Aim aim) => aim switch
    {
        Aim.FineMotor => new(0xA6, 0x3D, 0x2F),
        Aim.Math => new(0x2F, 0x4B, 0x8F),
        Aim.Literacy => new(0x6B, 0x3A, 0x66),
        _ => new(0x3F, 0x6B, 0x3C),
    };

    /// <summary>Text on one line, cut with an ellipsis where it is too wide. Returns its width.</summary>
    public float Text(string text, float x, float y, float size, bool bold = false, SKColor? colour = null, float width = float.MaxValue)
    {
        using var font = Font(size, bold);
        using var paint = new SKPaint { Color = colour ?? Ink, IsAntialias = true };
        var shown = text;
        while (shown.Length > 1 && font.MeasureText(shown) > width)
        {
            shown = shown[..^2].TrimEnd() + "…";
        }

        Canvas.DrawText(shown, x, y, SKTextAlign.Left, font, paint);
        return font.MeasureText(shown);
    }

    /// <summary>Text over several lines. Returns the height used.</summary>
    public float Paragraph(string text, float x, float y, float width, float size, bool bold = false, SKColor? colour = null, int lines = 99)
    {
        var wrapped = Wrap(text, width, size, bold);
        for (var i = 0; i < Math.Min(lines, wrapped.Count); i++)
        {
            var last = i == lines - 1 && wrapped.Count > lines;
            Text(last ? string.Join(' ', wrapped.Skip(i)) : wrapped[i], x, y + (i * size * 1.25f), size, bold, colour, width);
        }

        return Math.Min(lines, wrapped.Count) * size * 1.25f;
    }

    /// <summary>Breaks text into lines of a width.</summary>
    public static List<string> Wrap(string text, float width, float size, bool bold)
    {
        using var font = Font(size, bold);
        var lines = new List<string> { "" };
        foreach (var word in text.Split(' ', StringSplitOptions.RemoveEmptyEntries))
        {
            var tried = lines[^1].Length == 0 ? word : $"{lines[^1]} {word}";
            if (lines[^1].Length > 0 && font.MeasureText(tried) > width)
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

    public void Rule(float x1, float y1, float x2, float y2, float weight = 0.7f)
    {
        using var paint = new SKPaint { Color = Line, StrokeWidth = weight, IsStroke = true, IsAntialias = true };
        Canvas.DrawLine(x1, y1, x2, y2, paint);
    }

    public void Box(float x, float y, float width, float height)
    {
        using var paint = new SKPaint { Color = Line, StrokeWidth = 0.7f, IsStroke = true, IsAntialias = true };
        var corner = Math.Min(4, height / 5);
        Canvas.DrawRoundRect(x, y, width, height, corner, corner, paint);
    }

    /// <summary>The thread of an idea: dashes, crosses, a solid line and dots by share of minutes.</summary>
    public void Thread(IReadOnlyList<double> shares, float x, float y, float width)
    {
        for (var m = 0; m < shares.Count; m++)
        {
            var length = (float)(shares[m] * width);
            Stitch((Aim)m, x, y, Math.Max(0, length - 1.5f));
            x += length;
        }
    }

    private static SKFont Font(float size, bool bold) => new(bold ? SheetFonts.Bold : SheetFonts.Regular, size) { Subpixel = true };

    private void Stitch(Aim aim, float x, float y, float length)
    {
        using var paint = new SKPaint { Color = Colour(aim), IsAntialias = true, StrokeWidth = 2.2f, IsStroke = true };
        switch (aim)
        {
            case Aim.FineMotor:
                paint.PathEffect = SKPathEffect.CreateDash([4, 2], 0);
                Canvas.DrawLine(x, y, x + length, y, paint);
                break;
            case Aim.Math:
                paint.StrokeWidth = 0.9f;
                for (var at = x; at + 3 <= x + length; at += 4)
                {
                    Canvas.DrawLine(at, y - 1.5f, at + 3, y + 1.5f, paint);
                    Canvas.DrawLine(at, y + 1.5f, at + 3, y - 1.5f, paint);
                }

                break;
            case Aim.Literacy:
                Canvas.DrawLine(x, y, x + length, y, paint);
                break;
            default:
                paint.IsStroke = false;
                for (var at = x + 1.2f; at <= x + length; at += 4)
                {
                    Canvas.DrawCircle(at, y, 1.2f, paint);
                }

                break;
        }
    }
}
