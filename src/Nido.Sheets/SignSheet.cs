using Nido.Core.Group;
using Nido.Core.Safety;
using Nido.Core.Week.Findings;
using Nido.Core.Week.Reading;
using SkiaSharp;

namespace Nido.Sheets;

/// <summary>Signs about allergens for a session where nobody's allergies are known: one for the door and one for each table, in English and Spanish.</summary>
public static class SignSheet
{
    private const float Margin = 42;

    private static readonly SignWords English = new(
        "At the door", "On the tables today", "On this table", "may hold", "once held", "None of the listed allergens is known to lie here.",
        "Please tell us about an allergy before you begin. The label and your family's plan decide.");

    private static readonly SignWords Spanish = new(
        "En la puerta", "Hoy en las mesas", "En esta mesa", "puede contener", "contuvo antes", "No nos consta aquí ninguno de los alérgenos de las listas.",
        "Díganos una alergia antes de empezar. Deciden la etiqueta y el plan de su familia.");

    /// <summary>A PDF with a page a sign.</summary>
    public static byte[] Pdf(WeekPlan plan, Paper paper)
    {
        ArgumentNullException.ThrowIfNull(plan);
        // Points: 72 to the inch. A4 is 210 × 297 mm (ISO 216), Letter 8.5 × 11 in (ANSI/ASME Y14.1).
        var (width, height) = paper == Paper.A4 ? (595.28f, 841.89f) : (612f, 792f);
        using var stream = new MemoryStream();
        using (var document = SKDocument.CreatePdf(stream, new SKDocumentPdfMetadata { Title = plan.Problem.Group.Name, Creator = "Nido", Creation = null, Modified = null }))
        {
            foreach (var sign in TableSign.Of(plan))
            {
                var pen = new Pen(document.BeginPage(width, height));
                Sign(pen, sign, plan, width, height);
                document.EndPage();
            }

            document.Close();
        }

        return stream.ToArray();
    }

    private static void Sign(Pen pen, TableSign sign, WeekPlan plan, float width, float height)
    {
        var book = plan.Problem.Input.Safety.Book;
        var inner = width - (2 * Margin);
        var title = sign.Title ?? plan.Problem.Group.Name;
        var y = Margin + 20;
        pen.Text(sign.Where is null ? $"{English.Door} · {Spanish.Door}" : plan.Problem.Blocks.First(b => b.Id == sign.Where.BlockId).Name, Margin, y, 13, colour: Pen.Quiet);
        y += 34;
        y += pen.Paragraph(title, Margin, y, inner, 28, bold: true, lines: 3);
        pen.Rule(Margin, y - 12, width - Margin, y - 12, 1.5f);
        y = Half(pen, sign, English, a => book.NameOf(a.Allergen), y + 22, inner);
        pen.Rule(Margin, y, width - Margin, y);
        Half(pen, sign, Spanish, a => book.NameOf(a.Allergen, "es"), y + 30, inner);
        pen.Paragraph($"{plan.Problem.Group.Name} · {plan.Problem.Days[sign.Where?.Day ?? 0].Date:yyyy-MM-dd}", Margin, height - Margin, inner, 10, colour: Pen.Quiet, lines: 1);
    }

    /// <summary>One language of a sign; returns where the next begins.</summary>
    private static float Half(Pen pen, TableSign sign, SignWords words, Func<HeldAllergen, string> name, float y, float inner)
    {
        pen.Text(sign.Where is null ? words.OnTheTables : words.OnThisTable, Margin, y, 15, colour: Pen.Quiet);
        y += 30;
        var lines = sign.Allergens.Count == 0 ? [words.Nothing] : sign.Allergens.Select(a => a.How switch
        {
            HeldHow.MayContain => $"{name(a)} ({words.MayHold})",
            HeldHow.Held => $"{name(a)} ({words.OnceHeld})",
            _ => name(a),
        }).ToArray();
        // As large as there is room for: what is read from the door must not be small.
        var size = lines.Length <= 4 ? 32f : lines.Length <= 8 ? 21f : 13f;
        foreach (var line in lines)
        {
            y += pen.Paragraph(line, Margin, y, inner, size, bold: sign.Allergens.Count > 0) + (size * 0.2f);
        }

        return y + pen.Paragraph(words.Ask, Margin, y + 8, inner, 14) + 18;
    }

    private sealed record SignWords(string Door, string OnTheTables, string OnThisTable, string MayHold, string OnceHeld, string Nothing, string Ask);
}
