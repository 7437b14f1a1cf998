using Nido.Core;
using SkiaSharp;

namespace Nido.Sheets;

/// <summary>
/// A picture as it is kept: turned upright, made smaller, and written anew as JPEG. Only its points are kept, so nothing
/// the camera wrote beside them, neither place nor device, comes along.
/// </summary>
/// <param name="Full">At most <see cref="Longest"/> on its longer side.</param>
/// <param name="Small">At most <see cref="SmallLongest"/> on its longer side.</param>
/// <param name="Width">Of the full one, in points.</param>
/// <param name="Height">Of the full one, in points.</param>
public sealed record PictureFile(byte[] Full, byte[] Small, int Width, int Height)
{
    /// <summary>Longer side of what is kept, in points.</summary>
    public const int Longest = 1600;

    /// <summary>Longer side of the small one, in points.</summary>
    public const int SmallLongest = 320;

    /// <summary>Largest file that is read, in bytes.</summary>
    public const int MostBytes = 20 * 1024 * 1024;

    /// <summary>Most points of a picture that is unpacked: what says it has more is not unpacked at all.</summary>
    public const long MostPoints = 50_000_000;

    private const int Quality = 82;

    /// <summary>Reads a file; what is wrong with it, in a sentence, or empty.</summary>
    public static (PictureFile? Picture, Said Problem) Read(byte[] bytes)
    {
        ArgumentNullException.ThrowIfNull(bytes);
        if (bytes.Length > MostBytes)
        {
            return (null, $"This file is larger than {MostBytes / 1048576} MB. Choose a smaller picture.");
        }

        using var data = SKData.CreateCopy(bytes);
        using var codec = SKCodec.Create(data);
        if (codec is null)
        {
            return (
                null,
                $"This is no picture that can be read. Take JPEG, PNG or WebP; a tablet's camera can be set to JPEG."
            );
        }

        if ((long)codec.Info.Width * codec.Info.Height > MostPoints)
        {
            return (
                null,
                $"This picture has {codec.Info.Width} × {codec.Info.Height} points, more than "
                    + $"{MostPoints / 1_000_000} million. Take it with fewer."
            );
        }

        using var read = Decoded(codec);
        if (read is null)
        {
            return (null, $"This picture is damaged: it could not be read to its end. Take it again.");
        }

        using var upright = Upright(read, codec.EncodedOrigin);
        using var full = Smaller(upright, Longest);
        using var small = Smaller(upright, SmallLongest);
        return (new(Jpeg(full), Jpeg(small), full.Width, full.Height), Said.None);
    }

    /// <summary>A picture made so small that it fits between words, in a card or a file: JPEG.</summary>
    /// <param name="bytes">A file.</param>
    /// <param name="mostBytes">What it may take.</param>
    public static (byte[]? Picture, Said Problem) ReadSmall(byte[] bytes, int mostBytes)
    {
        var (picture, problem) = Read(bytes);
        if (picture is null)
        {
            return (null, problem);
        }

        using var upright = SKBitmap.Decode(picture.Small);
        for (var longest = SmallLongest; ; longest = longest * 3 / 4)
        {
            using var smaller = Smaller(upright, longest);
            if (Jpeg(smaller) is var small && small.Length <= mostBytes)
            {
                return (small, Said.None);
            }
        }
    }

    private static SKBitmap? Decoded(SKCodec codec)
    {
        // JPEG unpacks at an eighth, quarter or half at once, which spares most of the memory.
        var longer = Math.Max(codec.Info.Width, codec.Info.Height);
        var size = codec.GetScaledDimensions(Math.Min(1f, 2f * Longest / longer));
        var info = new SKImageInfo(size.Width, size.Height, SKColorType.Rgba8888, SKAlphaType.Premul);
        var bitmap = new SKBitmap(info);
        if (codec.GetPixels(info, bitmap.GetPixels()) == SKCodecResult.Success)
        {
            return bitmap;
        }

        bitmap.Dispose();
        return null;
    }

    private static SKBitmap Upright(SKBitmap read, SKEncodedOrigin origin)
    {
        var turned = origin >= SKEncodedOrigin.LeftTop;
        var (w, h) = turned ? (read.Height, read.Width) : (read.Width, read.Height);
        var upright = new SKBitmap(new SKImageInfo(w, h, SKColorType.Rgba8888, SKAlphaType.Premul));
        using var canvas = new SKCanvas(upright);
        // What is see-through lies on white paper.
        canvas.Clear(SKColors.White);
        canvas.SetMatrix(Turn(origin, read.Width, read.Height));
        canvas.DrawBitmap(read, 0, 0);
        return upright;
    }

    /// <summary>From the points as stored to the picture upright: Exif 2.32, tag Orientation (from memory).</summary>
    private static SKMatrix Turn(SKEncodedOrigin origin, int w, int h) =>
        origin switch
        {
            SKEncodedOrigin.TopRight => new(-1, 0, w, 0, 1, 0, 0, 0, 1),
            SKEncodedOrigin.BottomRight => new(-1, 0, w, 0, -1, h, 0, 0, 1),
            SKEncodedOrigin.BottomLeft => new(1, 0, 0, 0, -1, h, 0, 0, 1),
            SKEncodedOrigin.LeftTop => new(0, 1, 0, 1, 0, 0, 0, 0, 1),
            SKEncodedOrigin.RightTop => new(0, -1, h, 1, 0, 0, 0, 0, 1),
            SKEncodedOrigin.RightBottom => new(0, -1, h, -1, 0, w, 0, 0, 1),
            SKEncodedOrigin.LeftBottom => new(0, 1, 0, -1, 0, w, 0, 0, 1),
            _ => SKMatrix.Identity,
        };

    private static SKBitmap Smaller(SKBitmap from, int longest)
    {
        var scale = Math.Min(1.0, longest / (double)Math.Max(from.Width, from.Height));
        return from.Resize(
            new SKImageInfo(
                Math.Max(1, (int)Math.Round(from.Width * scale)),
                Math.Max(1, (int)Math.Round(from.Height * scale)),
                SKColorType.Rgba8888,
                SKAlphaType.Premul
            ),
            new SKSamplingOptions(SKFilterMode.Linear, SKMipmapMode.Linear)
        );
    }

    private static byte[] Jpeg(SKBitmap bitmap)
    {
        using var data = bitmap.Encode(SKEncodedImageFormat.Jpeg, Quality);
        return data.ToArray();
    }
}
