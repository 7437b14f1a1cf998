using System.Text.RegularExpressions;
using Nido.Core.Group;
using Nido.Core.Paper;
using Nido.Sheets;
using UglyToad.PdfPig;
using UglyToad.PdfPig.Graphics;

namespace Nido.Core.Tests.Paper;

/// <summary>Sheets read back from their PDF, and compared with their SVG.</summary>
public sealed class PrintedTests
{
    private static Sheet Made(
        string kind,
        PaperSize paper = PaperSize.A4,
        Dictionary<string, double>? numbers = null,
        Dictionary<string, IReadOnlyList<string>>? lists = null
    ) => SheetKinds.Get(kind).Make(new(numbers, null, lists), SheetLawTests.Setting(paper), Lettering.Ours);

    [Theory]
    [InlineData(PaperSize.A4, 595.28, 841.89)]
    [InlineData(PaperSize.Letter, 612, 792)]
    public void The_paper_is_as_large_as_published_and_the_check_line_100_mm(
        PaperSize paper,
        double width,
        double height
    )
    {
        // ISO 216: 210 × 297 mm; ANSI/ASME Y14.1: 8.5 × 11 in; 72 points to the inch.
        using var pdf = PdfDocument.Open(SheetPdf.Of("Sheet", "en", Made("cutting-lines", paper).Pages));
        var page = pdf.GetPage(1);
        page.Width.ShouldBe(width, 0.01);
        page.Height.ShouldBe(height, 0.01);
        Paths(page)
            .Select(p => p.GetBoundingRectangle()!.Value)
            .ShouldContain(b => Math.Abs(b.Width - 283.46) <= 0.05 && b.Height < 0.01);
    }

    [Fact]
    public void Squares_are_as_many_as_asked_and_each_side_as_long_to_a_tenth_of_a_millimetre()
    {
        using var pdf = PdfDocument.Open(
            SheetPdf.Of("Squares", "en", Made("squares", numbers: new() { ["side"] = 19, ["count"] = 88 }).Pages)
        );
        var sides = pdf.GetPages()
            .SelectMany(Paths)
            .Select(p => p.GetBoundingRectangle()!.Value)
            .Where(b => Math.Abs(b.Width - b.Height) < 0.01 && b.Width > 40)
            .Select(b => b.Width / SheetPdf.PerMm)
            .ToArray();
        sides.Length.ShouldBe(88);
        // Dashes are drawn as what they cover: the width of the line lies about the side.
        sides.ShouldAllBe(s => Math.Abs(s - StrokeLook.Of(Stroke.Cut).Width - 19) < 0.1);
    }

    [Theory]
    [InlineData("Ελένη")]
    [InlineData("Дмитрий")]
    [InlineData("ნინო")]
    [InlineData("さくら")]
    [InlineData("桜子")]
    [InlineData("Zoë")]
    [InlineData("Nguyễn")]
    [InlineData("Łucja")]
    [InlineData("Արամ")]
    public void Names_in_many_scripts_are_printed_and_read_back(string name)
    {
        Lettering.Ours.Missing(name).ShouldBeEmpty();
        var sheet = Made("name-tags", lists: new() { ["names"] = [name] });
        sheet.Notes.ShouldBeEmpty();
        using var pdf = PdfDocument.Open(SheetPdf.Of("Names", "en", sheet.Pages));
        pdf.GetPage(1).Text.ShouldContain(name);
    }

    [Theory]
    [InlineData("نور")]
    [InlineData("שירה")]
    [InlineData("अनु")]
    public void Joined_and_right_to_left_scripts_are_shaped(string name)
    {
        Lettering.Ours.Missing(name).ShouldBeEmpty();
        Lettering.Ours.Width(name, Face.Child, 10).ShouldBeGreaterThan(5);
        Made("own-name", lists: new() { ["names"] = [name] }).Notes.ShouldBeEmpty();
    }

    [Fact]
    public void Letters_no_font_has_are_never_printed_as_boxes()
    {
        var sheet = Made("name-tags", lists: new() { ["names"] = ["𐎠𐎡"] });
        sheet.Notes[0].ShouldContain("cannot be printed");
        sheet.Pages.SelectMany(p => p.Marks).OfType<Writing>().ShouldAllBe(s => !s.Text.Contains("𐎠"));
    }

    [Fact]
    public void It_says_version_title_and_language_and_embeds_its_fonts()
    {
        var bytes = SheetPdf.Of("Líneas", "es", Made("word-cards").Pages);
        using var pdf = PdfDocument.Open(bytes);
        pdf.Information.Title.ShouldBe("Líneas");
        var text = System.Text.Encoding.Latin1.GetString(bytes);
        text.ShouldContain("/Lang (es)");
        text.ShouldContain("/Version /1.7");
        Regex.Count(text, "/FontFile[23]?").ShouldBeGreaterThan(0);
        pdf.NumberOfPages.ShouldBe(Made("word-cards").Pages.Count);
    }

    [Theory]
    [InlineData("cutting-lines")]
    [InlineData("lacing-card")]
    [InlineData("dice")]
    [InlineData("stick-cards")]
    public void Svg_and_pdf_agree_mark_by_mark(string kind)
    {
        var page = Made(kind).Pages[0];
        using var pdf = PdfDocument.Open(SheetPdf.Of(kind, "en", [page]));
        var drawn = page.Marks.OfType<Drawn>().ToArray();
        var printed = Paths(pdf.GetPage(1)).Select(p => p.GetBoundingRectangle()!.Value).ToArray();
        printed.Length.ShouldBe(drawn.Length);
        var svg = Regex.Count(SheetSvg.Of(page, kind), "<path d=\"M[^\"]+\" fill=\"(none|#)");
        svg.ShouldBeGreaterThanOrEqualTo(drawn.Length);
        for (var k = 0; k < drawn.Length; k++)
        {
            // Dashes are drawn as what they cover, and the last of them may end before the line does.
            var dashed = drawn[k].Look.Dashes.Count > 0;
            var (b, about) = (drawn[k].Figure.Bounds, dashed ? drawn[k].Line / 2 : 0);
            var near = dashed ? 0.1 + drawn[k].Look.Dashes.Max() + about : 0.1;
            (printed[k].Left / SheetPdf.PerMm).ShouldBe(b.X - about, near);
            (page.Height - (printed[k].Top / SheetPdf.PerMm)).ShouldBe(b.Y - about, near);
            (printed[k].Width / SheetPdf.PerMm).ShouldBe(b.Width + (2 * about), near);
        }
    }

    private static IEnumerable<PdfPath> Paths(UglyToad.PdfPig.Content.Page page) =>
        page.Paths.Where(p => p.GetBoundingRectangle() is not null);
}
