using Nido.Core;
using Nido.Core.Group;
using Nido.Core.Prep;
using Nido.Core.Week.Findings;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using SkiaSharp;

namespace Nido.Sheets;

/// <summary>The week on paper: the board on one landscape page, then what to fetch, buy, prepare and watch.</summary>
public static class WeekSheet
{
    private const float Margin = 30;

    /// <summary>A PDF of a plan.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="themeName">Title of the unit.</param>
    /// <param name="paper">Paper it is for.</param>
    public static byte[] Pdf(WeekPlan plan, string themeName, Paper paper)
    {
        ArgumentNullException.ThrowIfNull(plan);
        // Points: 72 to the inch. A4 is 210 × 297 mm (ISO 216), Letter 8.5 × 11 in (ANSI/ASME Y14.1).
        var (width, height) = paper == Paper.A4 ? (841.89f, 595.28f) : (792f, 612f);
        using var stream = new MemoryStream();
        using (var document = SKDocument.CreatePdf(stream, new SKDocumentPdfMetadata { Title = themeName, Creator = "Nido", Creation = null, Modified = null }))
        {
            Board(document, plan, themeName, width, height);
            Lists(document, plan, themeName, width, height);
            document.Close();
        }

        return stream.ToArray();
    }

    private static void Board(SKDocument document, WeekPlan plan, string themeName, float width, float height)
    {
        using var canvas = document.BeginPage(width, height);
        var pen = new Pen(canvas);
        var problem = plan.Problem;
        var used = pen.Text(themeName, Margin, Margin + 16, 18, bold: true);
        pen.Text($"{problem.Group.Name} · {Dates(problem)}", Margin + used + 10, Margin + 16, 10, colour: Pen.Quiet);
        const float Left = Margin + 62;
        var top = Margin + 34;
        var column = (width - Margin - Left) / problem.Days.Count;
        for (var d = 0; d < problem.Days.Count; d++)
        {
            pen.Text($"{problem.Days[d].Day} {problem.Days[d].Date.Day}", Left + (d * column), top + 10, 10, bold: true);
        }

        var y = top + 18;
        var strip = Math.Min(52, (height - Margin - 24 - y) / problem.Blocks.Sum(b => b.Offers));
        for (var b = 0; b < problem.Blocks.Count; b++)
        {
            var block = problem.Blocks[b];
            pen.Rule(Margin, y, width - Margin, y);
            pen.Text(block.Name, Margin, y + 13, 9.5f, bold: true, width: 60);
            pen.Text($"{block.Starts:H:mm} · {block.Minutes} min", Margin, y + 24, 7, colour: Pen.Quiet);
            for (var o = 0; o < block.Offers; o++)
            {
                for (var d = 0; d < problem.Days.Count; d++)
                {
                    var use = plan.State.Uses[problem.SlotAt(d, b, o)];
                    if (use >= 0)
                    {
                        Strip(pen, problem.Uses[use], problem.Uses[use].On(d), Left + (d * column), y + 2, column - 6, strip - 3);
                    }
                }

                y += strip;
            }
        }

        Legend(pen, Margin, height - Margin + 6);
        document.EndPage();
    }

    private static void Strip(Pen pen, Use use, UseOnDay on, float x, float y, float width, float height)
    {
        pen.Box(x, y, width, height);
        var lines = (int)pen.Paragraph(use.Idea.Title, x + 4, y + 10, width - 8, 8.5f, bold: true, lines: height > 40 ? 2 : 1);
        var about = use.Idea.Lead is { } lead ? $"{lead.Name} · {Steps(on)}" : Steps(on);
        pen.Text(about, x + 4, y + 10 + lines, 7, colour: Pen.Quiet, width: width - 8);
        pen.Thread(use.Idea.Technique.AimShares(), x + 4, y + height - 5, width - 8);
    }

    private static void Lists(SKDocument document, WeekPlan plan, string themeName, float width, float height)
    {
        var pages = new Flow(document, width, height, $"{themeName} · {plan.Problem.Group.Name}");
        var materials = plan.Materials();
        pages.Heading("To buy or ask for");
        foreach (var line in materials.Where(l => l.Lacking > 0))
        {
            var way = line.Make is { } make ? $"make it: {string.Join(", then ", make.Steps.Select(s => $"{s.Recipe.Do} {s.Batches}×"))}"
                : line.Mix is { } mix ? $"mix it: {mix.Recipe.Name}, {mix.Scaled.BatchYield:0} {mix.Recipe.YieldUnit}"
                : line.Packs > 0
                ? $"buy {line.Packs} pack{(line.Packs == 1 ? "" : "s")} of {line.Material.PackSize:0.#}, {line.Cents / 100.0:0.00} {plan.Problem.Group.Settings.Currency}"
                : line.IsToAsk ? "not sold: ask families or swap the idea"
                : "swap the idea";
            pages.Item($"{line.Material.Name}: short {line.Lacking:0.##} (have {line.Have:0.##}, uses {line.Used:0.##}) — {way}", tick: true);
        }

        if (materials.All(l => l.Lacking <= 0))
        {
            pages.Item("Nothing: the cupboard has it all.", tick: false);
        }

        pages.Heading("To prepare");
        foreach (var evening in PrepTasks.Of(plan).GroupBy(t => t.Evening))
        {
            pages.Sub($"{evening.Key:dddd d MMMM} · {evening.Sum(t => t.Minutes)} min");
            foreach (var task in evening)
            {
                pages.Item($"{task.What} ({task.Minutes} min) — {task.For}{(task.AdultOnly ? " · adult only" : "")}", tick: true);
                foreach (var caution in task.Cautions)
                {
                    pages.Item($"Mind: {caution.Rule.Message}", tick: false);
                }
            }
        }

        pages.Heading("To watch");
        foreach (var finding in WeekFindings.Of(plan))
        {
            var where = string.Join(", ", finding.Where.Select(w => w.Title ?? w.Block).Distinct());
            pages.Item($"{finding.Message} In: {where}. Source: {finding.Source}. What counts more: {finding.DeferTo}.", tick: false);
            if (finding.Lifted is { } lifted)
            {
                pages.Item($"Lifted by {lifted.Adult} on {lifted.At:d MMMM}: {lifted.Reason}", tick: false);
            }
        }

        pages.Heading("From the cupboard");
        foreach (var line in materials)
        {
            pages.Item($"{line.Material.Name}: {line.Used:0.##} of {line.Have:0.##}", tick: true);
        }

        pages.End();
    }

    private static void Legend(Pen pen, float x, float y)
    {
        string[] names = ["fine motor", "math", "literacy", "sensory"];
        for (var m = 0; m < 4; m++)
        {
            var only = new double[4];
            only[m] = 1;
            pen.Thread(only, x, y - 2.5f, 26);
            x += 30;
            x += pen.Text(names[m], x, y, 8, colour: Pen.Colour((Aim)m)) + 16;
        }
    }

    private static string Steps(UseOnDay on)
    {
        int[] steps = [.. on.Children.Where(c => c.InReach).Select(c => c.Offer!.Step).Distinct().Order()];
        return steps.Length == 1 ? $"step {steps[0]}" : $"steps {steps[0]}–{steps[^1]}";
    }

    private static string Dates(WeekProblem problem) =>
        $"{problem.FirstDay:d MMMM} – {problem.Days.Select(d => d.Date).LastOrDefault():d MMMM yyyy}";
}
