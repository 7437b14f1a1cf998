using Nido.Core.Safety;
using Nido.Core.Week.Findings;
using Nido.Core.Week.Reading;

namespace Nido.Core.Paper.Adults;

/// <summary>Signs about allergens for a session where nobody's allergies are known: one for the door and one for each
/// table, in English and Spanish.</summary>
public static class Signs
{
    /// <summary>Draws a page a sign.</summary>
    public static void Draw(Pad pad, WeekPlan plan)
    {
        ArgumentNullException.ThrowIfNull(pad);
        ArgumentNullException.ThrowIfNull(plan);
        foreach (var sign in TableSign.Of(plan))
        {
            var leaf = pad.New();
            var room = leaf.Room;
            var where = sign.Where is null
                ? $"{PaperWords.In("en").Say("door")} · {PaperWords.In("es").Say("door")}"
                : plan.Problem.Blocks.First(b => b.Id == sign.Where.BlockId).Name;
            leaf.Fit(
                $"{where} · {plan.Problem.Group.Name} · {plan.Problem.Days[sign.Where?.Day ?? 0].Date:yyyy-MM-dd}",
                room with
                {
                    Height = 10,
                },
                4.4,
                "group",
                Face.Adult,
                Align.Left
            );
            leaf.Fit(
                sign.Title is { } title ? pad.Words.Of(title) : plan.Problem.Group.Name,
                room with
                {
                    Y = room.Y + 12,
                    Height = 34,
                },
                14,
                "title",
                Face.AdultBold,
                Align.Left
            );
            var half = (room.Height - 52) / 2;
            Half(leaf, plan, sign, "en", new(room.X, room.Y + 50, room.Width, half - 3));
            leaf.Draw(Figures.Line(new(room.X, room.Y + 50 + half), new(room.Right, room.Y + 50 + half)), Stroke.Fine);
            Half(leaf, plan, sign, "es", new(room.X, room.Y + 53 + half, room.Width, half - 3));
        }
    }

    private static void Half(Leaf leaf, WeekPlan plan, TableSign sign, string language, Box box)
    {
        var words = PaperWords.In(language);
        var book = plan.Problem.Input.Safety.Book;
        leaf.Text(words.Say(sign.Where is null ? "onTheTables" : "onThisTable"), box.X, box.Y + 6, 5, grey: 0.3);
        string[] lines =
            sign.Allergens.Count == 0
                ? [words.Say("noneKnown")]
                :
                [
                    .. sign.Allergens.Select(a =>
                        a.How switch
                        {
                            HeldHow.MayContain => words.Say("mayHold", book.NameOf(a.Allergen, language)),
                            HeldHow.Held => words.Say("onceHeld", book.NameOf(a.Allergen, language)),
                            _ => book.NameOf(a.Allergen, language),
                        }
                    ),
                ];
        // As large as there is room for: what is read from the door must not be small.
        var row = Math.Min(14, (box.Height - 30) / lines.Length);
        for (var k = 0; k < lines.Length; k++)
        {
            leaf.Fit(
                lines[k],
                new(box.X, box.Y + 10 + (k * row), box.Width, row),
                row * 0.75,
                "allergens",
                sign.Allergens.Count > 0 ? Face.AdultBold : Face.Adult,
                Align.Left
            );
        }

        leaf.Fit(words.Say("tellUs"), new(box.X, box.Bottom - 18, box.Width, 16), 5, "text", Face.Adult, Align.Left);
    }
}
