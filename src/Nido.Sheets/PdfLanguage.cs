using System.Globalization;
using System.Text;
using System.Text.RegularExpressions;

namespace Nido.Sheets;

/// <summary>
/// Tells a PDF its version, its language and the exact sizes of its pages, which the drawing library leaves out or
/// rounds to whole
/// points: a change appended to the file as ISO 32000 describes it (incremental update), so that every byte before it
/// stays.
/// </summary>
internal static partial class PdfLanguage
{
    /// <summary>The file as told; as it came where it is built otherwise than expected.</summary>
    /// <param name="pdf">As drawn.</param>
    /// <param name="language">Two letters.</param>
    /// <param name="sizes">Of the pages in order, in points.</param>
    public static byte[] Told(byte[] pdf, string language, IReadOnlyList<(double Width, double Height)> sizes)
    {
        // Latin-1 keeps each byte a letter, so that places in the text are places in the file.
        var text = Encoding.Latin1.GetString(pdf);
        var trailer = Trailer().Matches(text).LastOrDefault();
        if (trailer is null || Object(trailer.Groups["root"].Value).Match(text) is not { Success: true } catalog)
        {
            return pdf;
        }

        var change = new Change(pdf.Length);
        change.Add(
            trailer.Groups["root"].Value,
            $"{catalog.Groups["dict"].Value.TrimEnd()}\n/Version /1.7\n/Lang "
                + $"({language})\n/ViewerPreferences <</DisplayDocTitle true /PrintScaling /None>>>>"
        );
        var pages = PageObject().Matches(text);
        for (var k = 0; k < Math.Min(pages.Count, sizes.Count); k++)
        {
            change.Add(
                pages[k].Groups["number"].Value,
                MediaBox()
                    .Replace(
                        pages[k].Groups["dict"].Value,
                        string.Create(
                            CultureInfo.InvariantCulture,
                            $"/MediaBox [0 0 {sizes[k].Width:0.###} {sizes[k].Height:0.###}]"
                        )
                    )
            );
        }

        return
        [
            .. pdf,
            .. change.Written(trailer.Groups["dict"].Value, StartXref().Matches(text)[^1].Groups["at"].Value),
        ];
    }

    private static Regex Object(string number) =>
        new($@"(?:^|\n){number} 0 obj\s*(?<dict><<.*?)>>\s*endobj", RegexOptions.Singleline);

    [GeneratedRegex(@"trailer\s*(?<dict><<.*?/Root (?<root>\d+) 0 R.*?)>>\s*startxref", RegexOptions.Singleline)]
    private static partial Regex Trailer();

    [GeneratedRegex(@"startxref\s+(?<at>\d+)")]
    private static partial Regex StartXref();

    [GeneratedRegex(@"\n(?<number>\d+) 0 obj\n(?<dict><</Type /Page\n.{1,4000}?>>)\nendobj", RegexOptions.Singleline)]
    private static partial Regex PageObject();

    [GeneratedRegex(@"/MediaBox \[[^\]]*\]")]
    private static partial Regex MediaBox();

    /// <summary>Objects written anew behind the end of a file.</summary>
    private sealed class Change(int length)
    {
        private readonly StringBuilder added = new("\n");
        private readonly List<(string Number, int At)> places = [];

        public void Add(string number, string dictionary)
        {
            places.Add((number, length + added.Length));
            added.Append(CultureInfo.InvariantCulture, $"{number} 0 obj\n{dictionary}\nendobj\n");
        }

        public byte[] Written(string trailer, string before)
        {
            var table = length + added.Length;
            added.Append("xref\n");
            foreach (var (number, at) in places)
            {
                added.Append(CultureInfo.InvariantCulture, $"{number} 1\n{at:0000000000} 00000 n \n");
            }

            added.Append(
                CultureInfo.InvariantCulture,
                $"trailer\n{trailer.TrimEnd()}\n/Prev {before}>>\nstartxref\n{table}\n%%EOF\n"
            );
            return Encoding.Latin1.GetBytes(added.ToString());
        }
    }
}
