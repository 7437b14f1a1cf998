using Nido.Core.Week.Findings;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;

namespace Nido.Core.Paper.Adults;

/// <summary>
/// A day that a substitute can run: who is there and who is away, adults and ratio, each block with its ideas, what to
/// do and say,
/// who works at which step with what; what to mind once, at the end, with its sources.
/// </summary>
public static class DayPage
{
    /// <summary>Draws a day.</summary>
    public static void Draw(Pad pad, WeekPlan plan, int day)
    {
        ArgumentNullException.ThrowIfNull(pad);
        ArgumentNullException.ThrowIfNull(plan);
        var (problem, words) = (plan.Problem, pad.Words);
        var flow = new Flow(pad);
        flow.Heading($"{words.Day(problem.Days[day].Date)} · {problem.Group.Name}");
        Who(flow, pad, plan, day);
        var mind = new List<WeekFinding>(WeekFindings.Of(plan).Where(f => f.Where.Any(w => w.Placement.Day == day)));
        for (var b = 0; b < problem.Blocks.Count; b++)
        {
            var (block, own) = (problem.Blocks[b], plan.OwnWords(day, problem.Blocks[b].Id));
            if (own is null && !problem.Attendance.TakesPlace(day, b))
            {
                continue;
            }

            flow.Heading($"{block.Starts:H:mm} · {block.Name} · {words.Say("minutes", $"{block.Minutes}")}");
            if (own is not null)
            {
                flow.Sub(own);
                continue;
            }

            var lying = plan.Filled.Where(f => f.Placement.Day == day && f.Use.BlockIndex == b).ToArray();
            if (lying.Length == 0)
            {
                flow.Item(words.Say("nothingLies"));
            }

            foreach (var (slot, placement, use) in lying)
            {
                Idea(
                    flow,
                    pad,
                    plan,
                    use,
                    plan.TitleAt(slot),
                    day,
                    [
                        .. mind.Select((f, k) => (f, k))
                            .Where(x =>
                                x.f.Where.Any(w =>
                                    w.Placement.Day == day
                                    && w.Placement.BlockId == block.Id
                                    && w.Placement.Offer == placement.Offer
                                )
                            )
                            .Select(x => x.k + 1),
                    ]
                );
            }
        }

        if (mind.Count > 0)
        {
            flow.Heading(words.Say("mind"));
            var sources = new List<string>();
            foreach (var (finding, k) in mind.Select((f, k) => (f, k)))
            {
                flow.Item(
                    $"{k + 1}. {words.Speak(finding.Message)} [{Note(sources, words.Speak(finding.Source))}]",
                    size: 3
                );
            }

            flow.Sub(words.Say("sources"));
            for (var k = 0; k < sources.Count; k++)
            {
                flow.Item($"[{Letter(k)}] {sources[k]}", size: 2.6);
            }

            flow.Item(words.Say("deferTo"), size: 2.6);
        }
    }

    /// <summary>A source is said once: the same one has the same letter.</summary>
    internal static string Note(List<string> sources, string source)
    {
        if (!sources.Contains(source))
        {
            sources.Add(source);
        }

        return Letter(sources.IndexOf(source));
    }

    internal static string Letter(int k) =>
        k < 26 ? $"{(char)('a' + k)}" : $"{Letter((k / 26) - 1)}{(char)('a' + (k % 26))}";

    private static void Who(Flow flow, Pad pad, WeekPlan plan, int day)
    {
        var (problem, words) = (plan.Problem, pad.Words);
        var there = problem.Group.Children.Where((_, c) => problem.Attendance.OnDay(c, day)).ToArray();
        var away = problem.Group.Children.Where((_, c) => !problem.Attendance.OnDay(c, day)).ToArray();
        flow.Item(words.Say("there", $"{there.Length}", string.Join(", ", there.Select(c => c.Name))));
        if (away.Length > 0)
        {
            flow.Item(words.Say("away", string.Join(", ", away.Select(c => c.Name))));
        }

        int[] ages = [.. there.Select(c => c.MonthsOn(problem.Days[day].Date))];
        var adults = problem.Group.Adults.Where(a => a.Days.HasFlag(problem.Days[day].Day)).ToArray();
        flow.Item(
            words.Say(
                "adults",
                string.Join(", ", adults.Select(a => $"{a.Name} {a.From:H:mm}–{a.To:H:mm}")),
                $"{Group.Ratio.AdultsNeeded(problem.Group.Settings, ages)}"
            )
        );
        foreach (var child in there.Where(c => c.Allergies.Count > 0 || c.UnknownAllergies.Count > 0))
        {
            var book = problem.Input.Safety.Book;
            flow.Item(
                words.Say(
                    "allergy",
                    child.Name,
                    string.Join(
                        ", ",
                        child.Allergies.Select(a => book.NameOf(a, pad.Setting.Language)).Concat(child.UnknownAllergies)
                    )
                ),
                face: Face.AdultBold
            );
        }
    }

    private static void Idea(Flow flow, Pad pad, WeekPlan plan, Use use, InBoth called, int day, int[] mind)
    {
        var (idea, on, words) = (use.Idea, use.On(day), pad.Words);
        flow.Sub(
            $"{words.Of(called)}{(use.Adults > 0 ? $" · {words.Say("beside", $"{use.Adults}")}" : "")}{(mind.Length > 0 ? $" ({string.Join(", ", mind)})" : "")}"
        );
        flow.Item(string.Join(" ", idea.Technique.Instructions.Select(i => words.Of(idea.Theme.Fill(i)))), size: 3.1);
        foreach (var step in WeekProblem.StepsInUse(idea, on.Children))
        {
            var names = on.Children.Where(c => c.InReach && c.Offer!.Step == step.Number).Select(c => c.Child.Name);
            flow.Item(
                $"{words.Say("step", $"{step.Number}")} · {words.Of(step.Do)} — {string.Join(", ", names)}",
                size: 3.1
            );
        }

        var watching = on.Children.Where(c => !c.InReach).Select(c => c.Child.Name).ToArray();
        if (watching.Length > 0)
        {
            flow.Item(words.Say("notFor", string.Join(", ", watching)), size: 3.1);
        }

        if (on.Demand.Count > 0)
        {
            flow.Item(
                words.Say("layOut", string.Join(", ", on.Demand.Select(d => words.Amount(d.Material, d.Amount)))),
                size: 2.8
            );
        }
    }
}
