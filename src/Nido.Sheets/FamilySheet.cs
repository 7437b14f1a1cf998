using System.Globalization;
using Nido.Core.Group;
using Nido.Core.Ideas;
using Nido.Core.Safety;
using Nido.Core.Week.Findings;
using Nido.Core.Week.Reading;
using SkiaSharp;

namespace Nido.Sheets;

/// <summary>A page for families: the theme and its words, what is done, what to mind, what to save. No child is named.</summary>
public static class FamilySheet
{
    /// <summary>Cautions that stand on the sheet at most.</summary>
    private const int MostCautions = 5;

    /// <summary>A PDF of the sheet.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="theme">The theme.</param>
    /// <param name="paper">Paper it is for.</param>
    /// <param name="language">en or es, whatever the language of the screens.</param>
    public static byte[] Pdf(WeekPlan plan, Theme theme, Paper paper, string language)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(theme);
        var words = FamilyWords.In(language);
        // Points: 72 to the inch. A4 is 210 × 297 mm (ISO 216), Letter 8.5 × 11 in (ANSI/ASME Y14.1).
        var (width, height) = paper == Paper.A4 ? (595.28f, 841.89f) : (612f, 792f);
        using var stream = new MemoryStream();
        using (var document = SKDocument.CreatePdf(stream, new SKDocumentPdfMetadata { Title = theme.Name, Creator = "Nido", Creation = null, Modified = null }))
        {
            var page = new Flow(document, width, height, $"{theme.Name} · {plan.Problem.Group.Name}");
            Theme(page, theme, words);
            Ideas(page, plan, words);
            Mind(page, plan, words);
            Bring(page, plan, words, language);
            page.End();
            document.Close();
        }

        return stream.ToArray();
    }

    private static void Theme(Flow page, Theme theme, FamilyWords words)
    {
        page.Heading($"{words.Week}: {theme.Name}");
        page.Item($"{words.Letter} {theme.Letter} {theme.Sound} — {theme.LetterWord}", tick: false);
        page.Item($"{words.Numbers} 1–{theme.NumbersTo}", tick: false);
        page.Heading(words.Words);
        page.Item(string.Join(", ", theme.Words.Take(16)), tick: false);
        page.Heading(words.Ask);
        foreach (var question in theme.Questions)
        {
            page.Item(question, tick: false);
        }

        page.Heading(words.Rhyme);
        foreach (var line in theme.Rhyme)
        {
            page.Item(line, tick: false);
        }
    }

    private static void Ideas(Flow page, WeekPlan plan, FamilyWords words)
    {
        page.Heading(words.Do);
        foreach (var idea in plan.Filled.Select(f => f.Use.Idea.Title).Distinct())
        {
            page.Item(idea, tick: false);
        }
    }

    private static void Mind(Flow page, WeekPlan plan, FamilyWords words)
    {
        page.Heading(words.Mind);
        foreach (var finding in WeekFindings.Of(plan).Where(f => f.Severity != Severity.Block).Take(MostCautions))
        {
            page.Item($"{finding.Message} {words.Source}: {finding.Source}. {words.Counts}: {finding.DeferTo}.", tick: false);
        }

        page.Item(words.MindWhy, tick: false);
    }

    private static void Bring(Flow page, WeekPlan plan, FamilyWords words, string language)
    {
        var lacking = plan.Materials().Where(l => l.IsToAsk).ToArray();
        if (lacking.Length == 0)
        {
            return;
        }

        // Things have to be there on the last working day before the week.
        var by = plan.Problem.FirstDay.AddDays(-3);
        page.Heading($"{words.Bring} ({string.Format(CultureInfo.InvariantCulture, words.BringBy, Day(by, language))})");
        foreach (var line in lacking)
        {
            page.Item($"{line.Material.Name}: {line.Lacking:0.##}", tick: true);
        }
    }

    // The runtime's calendars are English on every machine; twelve words are all that is missing.
    private static readonly string[] SpanishMonths =
        ["enero", "febrero", "marzo", "abril", "mayo", "junio", "julio", "agosto", "septiembre", "octubre", "noviembre", "diciembre"];

    private static string Day(DateOnly day, string language) => language == "es"
        ? $"{day.Day} de {SpanishMonths[day.Month - 1]}"
        : day.ToString("d MMMM", CultureInfo.InvariantCulture);
}
