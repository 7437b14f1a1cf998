using SkiaSharp;
using SkiaSharp.HarfBuzz;
using Buffer = HarfBuzzSharp.Buffer;

namespace Nido.Sheets;

/// <summary>A stretch of text in one face, shaped: its glyphs and where they stand, mm from the left edge of the whole
/// text.</summary>
internal sealed record ShapedRun(SKTypeface Face, string Text, ushort[] Glyphs, SKPoint[] At, float Advance, float Size)
{
    private static readonly Lock Shaping = new();
    private static readonly Dictionary<SKTypeface, SKShaper> Shapers = [];

    public static ShapedRun Of(SKTypeface face, string text, float size, float x)
    {
        // Large inside, so that widths are not rounded to the hundredths of a small size.
        const float Inside = 1000;
        using var font = new SKFont(face, Inside) { Subpixel = true, Hinting = SKFontHinting.None };
        SKShaper.Result shaped;
        lock (Shaping)
        {
            if (!Shapers.TryGetValue(face, out var shaper))
            {
                Shapers[face] = shaper = new SKShaper(face);
            }

            using var buffer = new Buffer();
            buffer.AddUtf16(text);
            buffer.GuessSegmentProperties();
            shaped = shaper.Shape(buffer, 0, 0, font);
        }

        var k = size / Inside;
        return new(
            face,
            text,
            [.. shaped.Codepoints.Select(c => (ushort)c)],
            [.. shaped.Points.Select(p => new SKPoint(x + (p.X * k), p.Y * k))],
            shaped.Width * k,
            size
        );
    }
}
