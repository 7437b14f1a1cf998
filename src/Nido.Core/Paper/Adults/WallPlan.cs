using Nido.Core.Prep;
using Nido.Core.Week.Findings;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;

namespace Nido.Core.Paper.Adults;

/// <summary>The week for the wall: days across, blocks down, each idea with its names; then what to buy, prepare, watch
/// and fetch.</summary>
public static class WallPlan
{
    /// <summary>Rows of offers a page holds so that they can be read.</summary>
    private const int MostRows = 16;

    /// <summary>Draws the board, on as many pages as it takes.</summary>
    public static void Board(Pad pad, WeekPlan plan, string theme)
    {
        ArgumentNullException.ThrowIfNull(pad);
        ArgumentNullException.ThrowIfNull(plan);
        var problem = plan.Problem;
        (int Block, int Offer)[] rows =
        [
            .. Enumerable
                .Range(0, problem.Blocks.Count)
                .SelectMany(b => Enumerable.Range(0, problem.Blocks[b].Offers).Select(o => (b, o))),
        ];
        foreach (var page in rows.Chunk(MostRows))
        {
            Page(pad, plan, theme, page);
        }
    }

    /// <summary>Draws the lists.</summary>
    public static void Lists(Pad pad, WeekPlan plan, DateOnly? today = null)
    {
        ArgumentNullException.ThrowIfNull(pad);
        ArgumentNullException.ThrowIfNull(plan);
        var (words, flow) = (pad.Words, new Flow(pad, columns: 2, landscape: true));
        var materials = plan.Materials();
        flow.Heading(words.Say("toBuy"));
        foreach (var line in materials.Where(l => l.Lacking > 0))
        {
            flow.Item(
                words.Say(
                    "lacking",
                    words.Of(line.Material.Name),
                    $"{line.Lacking:0.##}",
                    $"{line.Have:0.##}",
                    $"{line.Used:0.##}",
                    WayTo(words, line, plan.Problem.Group.Settings.Currency)
                ),
                tick: true
            );
        }

        if (materials.All(l => l.Lacking <= 0))
        {
            flow.Item(words.Say("hasAll"));
        }

        flow.Heading(words.Say("toPrepare"));
        foreach (var evening in PrepTasks.Of(plan, today).GroupBy(t => t.Evening))
        {
            flow.Sub($"{words.Day(evening.Key)} · {words.Say("minutes", $"{evening.Sum(t => t.Minutes)}")}");
            foreach (var task in evening)
            {
                flow.Item(
                    $"{words.Speak(task.What)} ({words.Say("minutes", $"{task.Minutes}")}) — "
                        + $"{words.Speak(task.For)}{(task.AdultOnly ? $" · {words.Say("adultOnly")}" : "")}",
                    tick: true
                );
            }
        }

        Watch(flow, words, plan);
        flow.Heading(words.Say("fromCupboard"));
        foreach (var line in materials)
        {
            flow.Item($"{words.Of(line.Material.Name)}: {line.Used:0.##} / {line.Have:0.##}", tick: true);
        }
    }

    private static void Watch(Flow flow, PaperWords words, WeekPlan plan)
    {
        var sources = new List<string>();
        flow.Heading(words.Say("mind"));
        foreach (var finding in WeekFindings.Of(plan))
        {
            var where = string.Join(
                ", ",
                finding.Where.Select(w => w.Title is { } title ? words.Speak(title) : w.Block).Distinct()
            );
            flow.Item(
                $"{words.Speak(finding.Message)} {where}. [{DayPage.Note(sources, words.Speak(finding.Source))}]"
            );
            if (finding.Lifted is { } lifted)
            {
                flow.Item(
                    words.Say("liftedBy", lifted.Adult, words.Day(DateOnly.FromDateTime(lifted.At.Date)), lifted.Reason)
                );
            }
        }

        if (sources.Count > 0)
        {
            flow.Sub(words.Say("sources"));
            for (var k = 0; k < sources.Count; k++)
            {
                flow.Item($"[{DayPage.Letter(k)}] {sources[k]}", size: 2.6);
            }

            flow.Item(words.Say("deferTo"), size: 2.6);
        }
    }

    private static string WayTo(PaperWords words, MaterialLine line, string currency) =>
        line.Make is { } make
            ? words.Say("makeIt", string.Join("; ", make.Steps.Select(s => $"{words.Of(s.Recipe.Do)} {s.Batches}×")))
        : line.Mix is { } mix
            ? words.Say("mixIt", words.Of(mix.Recipe.Name), $"{mix.Scaled.BatchYield:0} {mix.Recipe.YieldUnit}")
        : line.Packs > 0
            ? words.Say(
                "buyIt",
                $"{line.Packs}",
                $"{line.Material.PackSize:0.#}",
                $"{line.Cents / 100.0:0.00} {currency}"
            )
        : words.Say(line.IsToAsk ? "askIt" : "swapIt");

    private static void Page(Pad pad, WeekPlan plan, string theme, (int Block, int Offer)[] rows)
    {
        var problem = plan.Problem;
        var leaf = pad.New(landscape: true);
        leaf.Fit(
            $"{theme} · {problem.Group.Name} · "
                + $"{pad.Words.FromTo(problem.FirstDay, problem.Days.Count > 0 ? problem.Days[^1].Date : problem.FirstDay)}",
            leaf.Room with
            {
                Height = 10,
            },
            6,
            "theme",
            Face.AdultBold,
            Align.Left
        );
        const double Left = 30;
        var column = (leaf.Room.Width - Left) / Math.Max(1, problem.Days.Count);
        for (var d = 0; d < problem.Days.Count; d++)
        {
            leaf.Fit(
                pad.Words.ShortDay(problem.Days[d].Date),
                new(leaf.Room.X + Left + (d * column), leaf.Room.Y + 10, column, 6),
                4,
                "days",
                Face.AdultBold
            );
        }

        var high = Math.Min(34, (leaf.Room.Height - 18) / Math.Max(1, rows.Length));
        var y = leaf.Room.Y + 17;
        for (var r = 0; r < rows.Length; r++, y += high)
        {
            var block = problem.Blocks[rows[r].Block];
            if (r == 0 || rows[r].Block != rows[r - 1].Block)
            {
                leaf.Draw(Figures.Line(new(leaf.Room.X, y), new(leaf.Room.Right, y)), Stroke.Fine);
                leaf.Fit(
                    $"{block.Starts:H:mm} {block.Name}",
                    new(leaf.Room.X, y + 0.5, Left - 2, high - 1),
                    3.4,
                    "blocks",
                    Face.AdultBold,
                    Align.Left
                );
            }

            for (var d = 0; d < problem.Days.Count; d++)
            {
                var box = new Box(leaf.Room.X + Left + (d * column), y, column, high).Inside(0.6);
                if (rows[r].Offer == 0 && plan.OwnWords(d, block.Id) is { } own)
                {
                    leaf.Draw(Figures.Rectangle(box), Stroke.Fine, 0.3);
                    leaf.Fit(own, box.Inside(1), 3.2, "own", Face.AdultBold, Align.Left);
                }
                else if (plan.State.Uses[problem.SlotAt(d, rows[r].Block, rows[r].Offer)] is >= 0 and var use)
                {
                    Strip(
                        pad,
                        leaf,
                        problem.Uses[use],
                        plan.TitleAt(problem.SlotAt(d, rows[r].Block, rows[r].Offer)),
                        d,
                        box
                    );
                }
            }
        }
    }

    /// <summary>As much as can be read: title and names by step; where that is too much, title and counts; the title
    /// always.</summary>
    private static void Strip(Pad pad, Leaf leaf, Use use, InBoth called, int day, Box box)
    {
        leaf.Draw(Figures.Rectangle(box), Stroke.Fine, 0.3);
        var (inside, title) = (box.Inside(1), pad.Words.Of(called));
        var steps = use.On(day)
            .Children.Where(c => c.InReach)
            .GroupBy(c => c.Offer!.Step)
            .OrderBy(g => g.Key)
            .ToArray();
        var names = string.Join(" · ", steps.Select(s => $"{s.Key}: {string.Join(", ", s.Select(c => c.Child.Name))}"));
        var counts = string.Join(" · ", steps.Select(s => $"{s.Key}: {s.Count()}"));
        foreach (var text in (string[])[names, counts])
        {
            for (var size = 3.2; size >= Leaf.Smallest && text.Length > 0; size -= 0.3)
            {
                if (
                    leaf.HeightOf(title, inside.Width, size, Face.AdultBold)
                        + leaf.HeightOf(text, inside.Width, size * 0.92)
                    <= inside.Height
                )
                {
                    var y = leaf.Paragraph(title, inside.X, inside.Y, inside.Width, size, Face.AdultBold);
                    leaf.Paragraph(text, inside.X, y, inside.Width, size * 0.92);
                    return;
                }
            }
        }

        leaf.Fit(title, inside, 3.2, "title", Face.AdultBold, Align.Left);
    }
}
