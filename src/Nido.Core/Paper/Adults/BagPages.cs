using Nido.Core.Families;
using Nido.Core.Week.Reading;

namespace Nido.Core.Paper.Adults;

/// <summary>The pages of a bag: its list, what to do in both languages, the slip, and its sheets.</summary>
public static class BagPages
{
    private static readonly string[] Languages = ["en", "es"];

    /// <summary>Draws them.</summary>
    public static void Draw(Pad pad, WeekPlan plan, Bag bag)
    {
        ArgumentNullException.ThrowIfNull(pad);
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(bag);
        var title = pad.Words.Of(bag.Title);
        if (bag.Things.Count > 0)
        {
            Kind(
                pad,
                "kit-list",
                new(
                    null,
                    new Dictionary<string, string> { ["title"] = title },
                    new Dictionary<string, IReadOnlyList<string>>
                    {
                        ["things"] = [.. bag.Things.Select(t => $"{t.Count} × {pad.Words.Of(t.Name)}")],
                    }
                )
            );
        }

        Steps(pad, bag);
        Kind(
            pad,
            "loan-slip",
            new(
                new Dictionary<string, double> { ["slips"] = 1 },
                new Dictionary<string, string> { ["title"] = title },
                null
            )
        );
        Kind(
            pad,
            "text-cards",
            new(
                new Dictionary<string, double> { ["width"] = 120, ["height"] = 40 },
                null,
                new Dictionary<string, IReadOnlyList<string>> { ["texts"] = [title] }
            )
        );
        foreach (var sheet in bag.Sheets)
        {
            var rung = plan.Problem.Input.Ladders[sheet.Ladder].Steps[sheet.Step - 1];
            var (kind, values) = LinesOfStep.SheetOf(sheet.Ladder, rung);
            for (var k = 0; k < sheet.Copies; k++)
            {
                Kind(pad, kind, values);
            }
        }
    }

    /// <summary>What to do, in both languages side by side; as long as it is, not as a sheet somebody fills in.</summary>
    private static void Steps(Pad pad, Bag bag)
    {
        var flow = new Flow(pad, columns: Languages.Length);
        foreach (var words in Languages.Select(l => PaperWords.In(l)))
        {
            flow.Heading(words.Of(bag.Title));
            foreach (var (step, k) in bag.Steps.Select((s, k) => (s, k)))
            {
                flow.Item($"{k + 1}. {words.Of(step)}", size: 4.4);
            }

            foreach (var mind in bag.Mind)
            {
                flow.Item(words.Say("mindThis", words.Of(mind)), size: 4);
            }

            flow.NextColumn();
        }
    }

    private static void Kind(Pad pad, string id, SheetValues values)
    {
        var kind = SheetKinds.Get(id);
        kind.Draw(pad, new Values(kind.Fields, values));
    }
}
