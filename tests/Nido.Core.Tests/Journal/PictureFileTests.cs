using Nido.Sheets;
using SkiaSharp;

namespace Nido.Core.Tests.Journal;

/// <summary>Pictures that come in: turned, made smaller, bare of what the camera wrote, refused where they are none.</summary>
public sealed class PictureFileTests
{
    private static byte[] Encoded(int width, int height, SKEncodedImageFormat format)
    {
        using var bitmap = new SKBitmap(width, height);
        using var canvas = new SKCanvas(bitmap);
        canvas.Clear(SKColors.White);
        using var red = new SKPaint { Color = SKColors.Red };
        canvas.DrawRect(0, 0, width / 2f, height / 2f, red);
        using var data = bitmap.Encode(format, 90);
        return data.ToArray();
    }

    /// <summary>A JPEG with an Exif block: an orientation, and words a camera might write (from memory of Exif
    /// 2.32).</summary>
    private static byte[] WithExif(byte[] jpeg, byte orientation)
    {
        byte[] tiff =
        [
            .. "MM"u8,
            0,
            42,
            0,
            0,
            0,
            8,
            0,
            2,
            0x01,
            0x12,
            0,
            3,
            0,
            0,
            0,
            1,
            0,
            orientation,
            0,
            0,
            0x01,
            0x0F,
            0,
            2,
            0,
            0,
            0,
            12,
            0,
            0,
            0,
            38,
            0,
            0,
            0,
            0,
            .. "SecretPlace\0"u8,
        ];
        byte[] body = [.. "Exif\0\0"u8, .. tiff];
        var length = body.Length + 2;
        return [.. jpeg[..2], 0xFF, 0xE1, (byte)(length >> 8), (byte)length, .. body, .. jpeg[2..]];
    }

    [Theory]
    [InlineData(SKEncodedImageFormat.Jpeg)]
    [InlineData(SKEncodedImageFormat.Png)]
    [InlineData(SKEncodedImageFormat.Webp)]
    public void A_large_picture_is_kept_at_1600_points_and_a_small_one_for_lists(SKEncodedImageFormat format)
    {
        var (picture, problem) = PictureFile.Read(Encoded(2400, 1200, format));
        problem.IsNone.ShouldBeTrue();
        (picture!.Width, picture.Height).ShouldBe((1600, 800));
        using var small = SKBitmap.Decode(picture.Small);
        (small.Width, small.Height).ShouldBe((320, 160));
        using var full = SKCodec.Create(new MemoryStream(picture.Full));
        full.EncodedFormat.ShouldBe(SKEncodedImageFormat.Jpeg);
    }

    [Fact]
    public void A_small_picture_is_not_made_larger() =>
        PictureFile.Read(Encoded(90, 60, SKEncodedImageFormat.Png)).Picture!.Width.ShouldBe(90);

    [Theory]
    [InlineData(1, 0, 0)]
    [InlineData(2, 1, 0)]
    [InlineData(3, 1, 1)]
    [InlineData(4, 0, 1)]
    [InlineData(5, 0, 0)]
    [InlineData(6, 1, 0)]
    [InlineData(7, 1, 1)]
    [InlineData(8, 0, 1)]
    public void It_stands_upright_whatever_the_camera_held_and_nothing_of_the_camera_comes_along(
        byte orientation,
        int right,
        int below
    )
    {
        var sent = WithExif(Encoded(200, 100, SKEncodedImageFormat.Jpeg), orientation);
        System.Text.Encoding.ASCII.GetString(sent).ShouldContain("SecretPlace");
        var (picture, _) = PictureFile.Read(sent);
        (picture!.Width, picture.Height).ShouldBe(orientation >= 5 ? (100, 200) : (200, 100));
        using var seen = SKBitmap.Decode(picture.Full);
        var at = seen.GetPixel((int)(seen.Width * (0.25 + (0.5 * right))), (int)(seen.Height * (0.25 + (0.5 * below))));
        (at.Red > 200 && at.Green < 60).ShouldBeTrue($"the red quarter is where it was: {at}");
        foreach (var kept in (byte[][])[picture.Full, picture.Small])
        {
            System.Text.Encoding.ASCII.GetString(kept).ShouldNotContain("SecretPlace");
            System.Text.Encoding.ASCII.GetString(kept).ShouldNotContain("Exif");
        }
    }

    [Fact]
    public void What_is_no_picture_is_damaged_or_claims_too_much_gets_a_sentence()
    {
        Said Of(byte[] bytes) => PictureFile.Read(bytes).Problem;
        $"{Of([])}".ShouldContain("no picture");
        $"{Of("GIF is not among them, nor is text"u8.ToArray())}".ShouldContain("no picture");
        $"{Of(new byte[PictureFile.MostBytes + 1])}".ShouldContain("20 MB");
        // A bomb: a file of a few bytes that claims 60,000 × 60,000 points in its head.
        var bomb = Encoded(8, 8, SKEncodedImageFormat.Png);
        (bomb[16], bomb[17], bomb[18], bomb[19]) = (0, 0, 0xEA, 0x60);
        (bomb[20], bomb[21], bomb[22], bomb[23]) = (0, 0, 0xEA, 0x60);
        System.Buffers.Binary.BinaryPrimitives.WriteUInt32BigEndian(bomb.AsSpan(29), Crc(bomb.AsSpan(12, 17)));
        var before = GC.GetTotalAllocatedBytes();
        $"{Of(bomb)}".ShouldContain("50 million");
        (GC.GetTotalAllocatedBytes() - before).ShouldBeLessThan(10_000_000);
        var whole = Encoded(400, 400, SKEncodedImageFormat.Png);
        $"{Of(whole[..(whole.Length / 2)])}".ShouldContain("damaged");
    }

    /// <summary>CRC-32 as PNG (ISO/IEC 15948, annex D) has it; from memory.</summary>
    private static uint Crc(ReadOnlySpan<byte> bytes)
    {
        var crc = uint.MaxValue;
        foreach (var b in bytes)
        {
            crc ^= b;
            for (var k = 0; k < 8; k++)
            {
                crc = (crc >> 1) ^ (0xEDB88320 & (uint)-(int)(crc & 1));
            }
        }

        return ~crc;
    }

    [Fact]
    public void A_drawing_is_the_same_for_the_same_seed() => ChildsDrawing.Of(5).ShouldBe(ChildsDrawing.Of(5));

    /// <summary>Noise is the hardest to pack; a plain one keeps its size.</summary>
    [Fact]
    public void A_small_one_fits_into_what_it_may_take_however_hard_it_is_to_pack()
    {
        using var noise = new SKBitmap(900, 600);
        var chance = new Random(7);
        noise.Pixels = [.. Enumerable.Range(0, 900 * 600).Select(_ => new SKColor((uint)chance.Next() | 0xFF000000))];
        using var packed = noise.Encode(SKEncodedImageFormat.Png, 100);
        foreach (var most in (int[])[14_000, 3_000])
        {
            var (small, problem) = PictureFile.ReadSmall(packed.ToArray(), most);
            problem.IsNone.ShouldBeTrue();
            small!.Length.ShouldBeLessThanOrEqualTo(most);
            using var seen = SKBitmap.Decode(small);
            (seen.Width / (double)seen.Height).ShouldBe(1.5, 0.05);
        }

        using var plain = SKBitmap.Decode(
            PictureFile.ReadSmall(Encoded(900, 600, SKEncodedImageFormat.Jpeg), 14_000).Picture
        );
        plain.Width.ShouldBe(PictureFile.SmallLongest);
        PictureFile.ReadSmall([1, 2, 3], 14_000).Problem.IsNone.ShouldBeFalse();
    }
}
