using Nido.Core.Families;
using Nido.Core.Week.Reading;

namespace Nido.Core.Paper.Adults;

/// <summary>The pages of a bag: its list, what to do in both languages, the slip, and its sheets.</summary>
public static class BagPages
{
    /// <summary>Draws them.</summary>
    public static void Draw(Pad pad, WeekPlan plan, Bag bag)
    {
        ArgumentNullException.ThrowIfNull(pad);
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(bag);
        var title = pad.Words.Of(bag.Title);
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
        InBoth[] lines = [.. bag.Steps, .. bag.Mind];
        Kind(
            pad,
            "kit-instruction",
            new(
                null,
                new Dictionary<string, string> { ["title"] = title },
                new Dictionary<string, IReadOnlyList<string>>
                {
                    ["english"] = [.. lines.Select(l => l.En)],
                    ["spanish"] = [.. lines.Select(l => l.Es)],
                }
            )
        );
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

    private static void Kind(Pad pad, string id, SheetValues values)
    {
        var kind = SheetKinds.Get(id);
        kind.Draw(pad, new Values(kind.Fields, values));
    }
}
