using Nido.Core.Ideas;
using Nido.Core.Safety;
using Nido.Core.Week.Findings;
using Nido.Core.Week.Reading;

namespace Nido.Core.Paper.Adults;

/// <summary>A page for families: the theme and its words, what is done, what to mind, what to save. No child is
/// named.</summary>
public static class FamilyPage
{
    /// <summary>Cautions that stand on the page at most.</summary>
    private const int MostCautions = 5;

    /// <summary>Ideas that stand on the page at most; a list of all would not be read.</summary>
    private const int MostIdeas = 8;

    /// <summary>Draws the page.</summary>
    public static void Draw(Pad pad, WeekPlan plan, Theme theme)
    {
        ArgumentNullException.ThrowIfNull(pad);
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(theme);
        var (words, flow, problem) = (pad.Words, new Flow(pad, columns: 2), plan.Problem);
        flow.Heading(words.Say("thisWeek", words.Of(theme.Name)));
        flow.Item(words.FromTo(problem.FirstDay, problem.Days.Count > 0 ? problem.Days[^1].Date : problem.FirstDay));
        flow.Item(words.Say("letterIs", theme.Letter, theme.Sound, theme.LetterWord));
        flow.Item(words.Say("numbersTo", $"{theme.NumbersTo}"));
        flow.Heading(words.Say("wordsToUse"));
        flow.Item(string.Join(", ", theme.Words.Take(16)));
        flow.Heading(words.Say("questions"));
        foreach (var question in theme.Questions)
        {
            flow.Item(words.Of(question));
        }

        flow.Heading(words.Say("rhyme"));
        foreach (var line in theme.Rhyme)
        {
            flow.Item(words.Of(line));
        }

        flow.Heading(words.Say("whatWeDo"));
        foreach (
            var idea in plan
                .Filled.Select(f => f.Use.Idea)
                .DistinctBy(i => i.Technique.Id)
                .OrderByDescending(i => i.Technique.ThemeLink)
                .Take(MostIdeas)
        )
        {
            flow.Item(words.Of(idea.Title));
        }

        Mind(flow, words, plan);
        var lacking = plan.Materials().Where(l => l.IsToAsk).ToArray();
        if (lacking.Length > 0)
        {
            // Things have to be there on the last working day before the week.
            flow.Heading(words.Say("bring", words.Day(problem.FirstDay.AddDays(-3))));
            foreach (var line in lacking)
            {
                flow.Item($"{words.Of(line.Material.Name)}: {line.Lacking:0.##}", tick: true);
            }
        }
    }

    private static void Mind(Flow flow, PaperWords words, WeekPlan plan)
    {
        var sources = new List<string>();
        flow.Heading(words.Say("weMind"));
        foreach (
            var finding in WeekFindings
                .Of(plan)
                .Where(f => f.Severity != Severity.Block)
                .DistinctBy(f => f.Message)
                .Take(MostCautions)
        )
        {
            flow.Item($"{words.Speak(finding.Message)} [{DayPage.Note(sources, words.Speak(finding.Source))}]");
        }

        flow.Item(words.Say("weMindWhy"));
        for (var k = 0; k < sources.Count; k++)
        {
            flow.Item($"[{DayPage.Letter(k)}] {sources[k]}", size: 2.6);
        }
    }
}
