using System.Collections.Concurrent;
using System.IO.Compression;
using Nido.Core.Paper;
using SkiaSharp;

namespace Nido.Sheets;

/// <summary>
/// The letters sheets are set in: a chain of faces that ship with the application, each asked in turn, so that a name
/// in another
/// script prints, or is said to be unprintable. Widths are the faces' own, shaped (joined Arabic, marks of Indic
/// scripts).
/// </summary>
public sealed class Lettering : IType
{
    // Faces by their scripts; the Japanese ones come in many small parts and are opened when one is needed.
    private static readonly SKTypeface[] Child =
    [
        .. new[]
        {
            "andika-latin",
            "andika-latin-ext",
            "andika-vietnamese",
            "andika-cyrillic",
            "andika-cyrillic-ext",
            "noto-sans-greek",
            "noto-sans-greek-ext",
            "noto-sans-arabic-arabic",
            "noto-sans-georgian-georgian",
            "noto-sans-hebrew-hebrew",
            "noto-sans-armenian-armenian",
            "noto-sans-devanagari",
        }.Select(n => SheetFonts.Load($"{n}.ttf")),
    ];

    private static readonly Lazy<SKTypeface[]> Japanese = new(() =>
    {
        using var stream = typeof(Lettering).Assembly.GetManifestResourceStream("Nido.Sheets.fonts.japanese.zip")!;
        using var zip = new ZipArchive(stream);
        return
        [
            .. zip.Entries.Select(e =>
            {
                using var file = e.Open();
                using var data = SKData.Create(file);
                return SKTypeface.FromData(data);
            }),
        ];
    });

    private static readonly ConcurrentDictionary<(Face, int), SKTypeface?> Found = new();

    /// <summary>The letters of the house.</summary>
    public static Lettering Ours { get; } = new();

    private Lettering() { }

    /// <inheritdoc/>
    public double Width(string text, Face face, double size) => Runs(text, face, size).Sum(r => r.Advance);

    /// <inheritdoc/>
    public string Missing(string text)
    {
        ArgumentNullException.ThrowIfNull(text);
        return string.Concat(
            text.EnumerateRunes().Where(r => !IsIgnored(r.Value) && Of(Face.Child, r.Value) is null).Distinct()
        );
    }

    /// <inheritdoc/>
    public double XHeight(Face face)
    {
        using var font = new SKFont(Of(face, 'x')!, 1000);
        return font.Metrics.XHeight / 1000;
    }

    /// <summary>A text in stretches of one face each, shaped; mm, from its left edge.</summary>
    internal static IReadOnlyList<ShapedRun> Runs(string text, Face face, double size)
    {
        var runs = new List<ShapedRun>();
        var x = 0f;
        foreach (var (typeface, part) in Stretches(text, face))
        {
            var run = ShapedRun.Of(typeface, part, (float)size, x);
            runs.Add(run);
            x += run.Advance;
        }

        return runs;
    }

    private static IEnumerable<(SKTypeface Face, string Text)> Stretches(string text, Face face)
    {
        SKTypeface? now = null;
        var from = 0;
        for (var k = 0; k < text.Length; )
        {
            var rune =
                char.IsHighSurrogate(text[k]) && k + 1 < text.Length
                    ? char.ConvertToUtf32(text[k], text[k + 1])
                    : text[k];
            // Spaces and marks go with what they stand in.
            var wanted = IsIgnored(rune) || rune == ' ' || (rune is >= 0x300 and < 0x370) ? now : Of(face, rune);
            wanted ??= now ?? Of(face, 'x')!;
            if (now is not null && wanted != now)
            {
                yield return (now, text[from..k]);
                from = k;
            }

            now = wanted;
            k += rune > 0xFFFF ? 2 : 1;
        }

        if (now is not null && from < text.Length)
        {
            yield return (now, text[from..]);
        }
    }

    private static bool IsIgnored(int rune) => rune is 0x200C or 0x200D or 0xFE0E or 0xFE0F;

    private static SKTypeface? Of(Face face, int rune) =>
        Found.GetOrAdd(
            (face, rune),
            key =>
            {
                var (wanted, code) = key;
                IEnumerable<SKTypeface> first = wanted switch
                {
                    Face.Adult => [SheetFonts.Regular],
                    Face.AdultBold => [SheetFonts.Bold],
                    _ => [],
                };
                return first.Concat(Child).FirstOrDefault(t => t.ContainsGlyph(code))
                    ?? (code >= 0x2E80 ? Japanese.Value.FirstOrDefault(t => t.ContainsGlyph(code)) : null);
            }
        );
}
