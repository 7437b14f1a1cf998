using Nido.Core.Paper;
using SkiaSharp;

namespace Nido.Sheets;

/// <summary>Sheets as PDF: the marks of their pages, drawn as they are.</summary>
public static class SheetPdf
{
    /// <summary>Points a millimetre: 72 to the inch, 25.4 mm to the inch.</summary>
    public const double PerMm = 72 / 25.4;

    /// <summary>A PDF of pages. The same pages give the same bytes.</summary>
    /// <param name="title">Title of the document.</param>
    /// <param name="language">Language it is in, en or es.</param>
    /// <param name="pages">In order.</param>
    public static byte[] Of(string title, string language, IEnumerable<Page> pages)
    {
        ArgumentNullException.ThrowIfNull(pages);
        var sizes = new List<(double Width, double Height)>();
        using var stream = new MemoryStream();
        using (
            var document = SKDocument.CreatePdf(
                stream,
                new SKDocumentPdfMetadata
                {
                    Title = title,
                    Creator = "Nido",
                    Creation = null,
                    Modified = null,
                }
            )
        )
        {
            foreach (var page in pages)
            {
                using var canvas = document.BeginPage((float)(page.Width * PerMm), (float)(page.Height * PerMm));
                sizes.Add((page.Width * PerMm, page.Height * PerMm));
                canvas.Scale((float)PerMm);
                foreach (var mark in page.Marks)
                {
                    Draw(canvas, mark);
                }

                document.EndPage();
            }

            document.Close();
        }

        return PdfLanguage.Told(stream.ToArray(), language, [.. sizes]);
    }

    private static void Draw(SKCanvas canvas, Mark mark)
    {
        switch (mark)
        {
            case Drawn drawn:
                using (var path = PathOf(drawn.Figure))
                using (var paint = Paint(drawn))
                {
                    canvas.DrawPath(path, paint);
                }

                break;
            case Writing said:
                Say(canvas, said);
                break;
            case Photo photo:
                using (var image = SKImage.FromEncodedData(photo.Jpeg))
                {
                    canvas.DrawImage(
                        image,
                        SKRect.Create(
                            (float)photo.Where.X,
                            (float)photo.Where.Y,
                            (float)photo.Where.Width,
                            (float)photo.Where.Height
                        ),
                        new SKSamplingOptions(SKFilterMode.Linear, SKMipmapMode.Linear)
                    );
                }

                break;
        }
    }

    private static void Say(SKCanvas canvas, Writing said)
    {
        var runs = Lettering.Runs(said.Text, said.Face, said.Size);
        var left = (float)(
            said.Where.X
            - (
                said.Align switch
                {
                    Align.Left => 0,
                    Align.Middle => 0.5,
                    _ => 1.0,
                } * runs.Sum(r => r.Advance)
            )
        );
        using var paint = new SKPaint { IsAntialias = true, Color = Grey(said.Grey) };
        if (said.Hollow)
        {
            (paint.IsStroke, paint.StrokeWidth) = (true, 0.5f);
        }

        foreach (var run in runs)
        {
            using var font = new SKFont(run.Face, run.Size) { Subpixel = true, Hinting = SKFontHinting.None };
            using var builder = new SKTextBlobBuilder();
            builder.AddPositionedRun(run.Glyphs, font, run.At);
            using var blob = builder.Build();
            if (blob is not null)
            {
                canvas.DrawText(blob, left, (float)said.Where.Y, paint);
            }
        }
    }

    private static SKPaint Paint(Drawn drawn)
    {
        var look = drawn.Look;
        var paint = new SKPaint { IsAntialias = true, Color = Grey(look.Grey) };
        if (drawn.Line > 0)
        {
            (paint.IsStroke, paint.StrokeWidth) = (true, (float)drawn.Line);
            (paint.StrokeCap, paint.StrokeJoin) = (
                drawn.FlatEnds || look.Dashes.Count > 0 ? SKStrokeCap.Butt : SKStrokeCap.Round,
                SKStrokeJoin.Round
            );
        }

        if (look.Dashes.Count > 0)
        {
            paint.PathEffect = SKPathEffect.CreateDash([.. look.Dashes.Select(d => (float)d)], 0);
        }

        return paint;
    }

    private static SKColor Grey(double grey)
    {
        var level = (byte)Math.Round(255 * grey);
        return new(level, level, level);
    }

    internal static SKPath PathOf(Figure figure)
    {
        var path = new SKPath();
        foreach (var run in figure.Runs)
        {
            path.MoveTo(At(run.Start));
            foreach (var piece in run.Pieces)
            {
                if (piece is { First: { } a, Second: { } b })
                {
                    path.CubicTo(At(a), At(b), At(piece.To));
                }
                else
                {
                    path.LineTo(At(piece.To));
                }
            }

            if (run.Closed)
            {
                path.Close();
            }
        }

        return path;
    }

    private static SKPoint At(At at) => new((float)at.X, (float)at.Y);
}
