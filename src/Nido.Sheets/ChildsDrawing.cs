using Nido.Core;
using SkiaSharp;

namespace Nido.Sheets;

/// <summary>A drawing as a child might make it, by a seeded crayon: for houses that are invented.</summary>
public static class ChildsDrawing
{
    private const int Wide = 800;
    private const int High = 600;

    private static readonly SKColor[] Crayons =
    [
        new(0xB2, 0x3A, 0x2E),
        new(0x2F, 0x5D, 0x8C),
        new(0x3E, 0x7A, 0x45),
        new(0x6A, 0x3F, 0x78),
        new(0xC9, 0x7B, 0x1A),
    ];

    /// <summary>A JPEG of a drawing.</summary>
    /// <param name="seed">The same seed gives the same drawing.</param>
    public static byte[] Of(ulong seed)
    {
        var chance = new SeededChance(seed);
        using var bitmap = new SKBitmap(Wide, High);
        using var canvas = new SKCanvas(bitmap);
        canvas.Clear(new SKColor(0xFB, 0xF7, 0xEC));
        switch (chance.Next(3))
        {
            case 0:
                Spiral(canvas, chance);
                break;
            case 1:
                Letter(canvas, chance);
                break;
            default:
                Heads(canvas, chance);
                break;
        }

        using var data = bitmap.Encode(SKEncodedImageFormat.Jpeg, 85);
        return data.ToArray();
    }

    private static void Spiral(SKCanvas canvas, SeededChance chance)
    {
        var points = Enumerable
            .Range(0, 260)
            .Select(k => (Angle: k / 9.0, Radius: 30 + (k * 0.85) + (14 * chance.NextDouble())))
            .Select(p => new SKPoint(
                (float)(400 + (p.Radius * 1.3 * Math.Cos(p.Angle))),
                (float)(300 + (p.Radius * Math.Sin(p.Angle)))
            ));
        Line(canvas, chance, [.. points]);
    }

    private static void Letter(SKCanvas canvas, SeededChance chance)
    {
        float Off() => (float)(26 * (chance.NextDouble() - 0.5));
        SKPoint At(float x, float y) => new(x + Off(), y + Off());
        Line(canvas, chance, [At(160, 180), At(640, 170), At(650, 450), At(150, 440), At(160, 180)]);
        Line(canvas, chance, [At(160, 180), At(400, 330), At(640, 170)]);
        Line(canvas, chance, [At(540, 360), At(600, 360), At(600, 415), At(540, 415), At(540, 360)]);
    }

    private static void Heads(SKCanvas canvas, SeededChance chance)
    {
        for (var k = 0; k < 3; k++)
        {
            var (x, y, r) = (170 + (k * 220), 230 + chance.Next(60), 70 + chance.Next(30));
            Line(
                canvas,
                chance,
                [
                    .. Enumerable
                        .Range(0, 40)
                        .Select(a => new SKPoint(
                            (float)(x + ((r + (8 * chance.NextDouble())) * Math.Cos(a / 6.0))),
                            (float)(y + ((r + (8 * chance.NextDouble())) * Math.Sin(a / 6.0)))
                        )),
                ]
            );
            Line(canvas, chance, [new(x - 20, y + r), new(x - 35, y + r + 130)]);
            Line(canvas, chance, [new(x + 20, y + r), new(x + 30, y + r + 140)]);
        }
    }

    private static void Line(SKCanvas canvas, SeededChance chance, SKPoint[] points)
    {
        using var path = new SKPath();
        path.MoveTo(points[0]);
        foreach (var point in points.Skip(1))
        {
            path.LineTo(point);
        }

        using var paint = new SKPaint
        {
            IsStroke = true,
            StrokeWidth = 9,
            StrokeCap = SKStrokeCap.Round,
            StrokeJoin = SKStrokeJoin.Round,
            IsAntialias = true,
            Color = Crayons[chance.Next(Crayons.Length)],
        };
        canvas.DrawPath(path, paint);
    }
}
