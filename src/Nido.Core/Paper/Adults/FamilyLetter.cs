using Nido.Core.Families;
using Nido.Core.Group;
using Nido.Core.Ideas;
using Nido.Core.Safety;
using Nido.Core.Week.Findings;
using Nido.Core.Week.Reading;

namespace Nido.Core.Paper.Adults;

/// <summary>What a family reads before the week, as headings with lines beneath them; drawn, written as plain text and
/// sent from here.</summary>
/// <param name="Title">What it is.</param>
/// <param name="Sections">In the order they are read.</param>
public sealed record FamilyLetter(string Title, IReadOnlyList<FamilySection> Sections)
{
    private const int MostCautions = 5;
    private const int MostIdeas = 8;
    private const int MostWords = 16;

    /// <summary>The letter of a week.</summary>
    /// <param name="plan">The week.</param>
    /// <param name="theme">What it is about.</param>
    /// <param name="words">In this language.</param>
    /// <param name="child">Whose family reads it; null where every family does, and no child is named.</param>
    /// <param name="home">What can be done at home.</param>
    public static FamilyLetter Of(
        WeekPlan plan,
        Theme theme,
        PaperWords words,
        Child? child,
        IReadOnlyList<HomeActivity> home
    )
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(theme);
        ArgumentNullException.ThrowIfNull(words);
        ArgumentNullException.ThrowIfNull(home);
        var problem = plan.Problem;
        var last = problem.Days.Count > 0 ? problem.Days[^1].Date : problem.FirstDay;
        FamilySection[] sections =
        [
            new(
                words.Say("thisWeek", words.Of(theme.Name)),
                [
                    .. child is null ? [] : (FamilyLine[])[new(words.Say("forFamilyOf", child.Name))],
                    new(words.FromTo(problem.FirstDay, last)),
                    new(words.Say("letterIs", theme.Letter, theme.Sound, theme.LetterWord)),
                    new(words.Say("numbersTo", $"{theme.NumbersTo}")),
                ]
            ),
            new(words.Say("wordsToUse"), [new(string.Join(", ", WordsOf(theme, words).Take(MostWords)))]),
            new(words.Say("questions"), [.. theme.Questions.Select(q => new FamilyLine(words.Of(q)))]),
            new(words.Say("rhyme"), [.. theme.Rhyme.Select(l => new FamilyLine(words.Of(l)))]),
            new(words.Say("atHome"), [.. home.SelectMany(h => AtHome(words, h))]),
            new(words.Say("whatWeDo"), [.. Ideas(plan).Select(i => new FamilyLine(words.Of(i.Title)))]),
            Mind(words, plan),
            Bring(words, plan),
        ];
        return new(words.Say("thisWeek", words.Of(theme.Name)), [.. sections.Where(s => s.Lines.Count > 0)]);
    }

    /// <summary>To paste into a message: headings in a line of their own, a blank line before each.</summary>
    public string AsText() =>
        string.Join(
            "\n\n",
            Sections.Select(s => string.Join('\n', (string[])[s.Heading, .. s.Lines.Select(l => l.AsText())]))
        ) + "\n";

    /// <summary>Words of the week; in another language than theirs, what the theme calls its things and what is said
    /// while doing.</summary>
    private static IEnumerable<string> WordsOf(Theme theme, PaperWords words) =>
        theme.Language == words.Language ? theme.Words
        : words.Language == "es"
            ? theme
                .Slots.Where(s => s.Key is not ("call" or "smalls" or "flats"))
                .Select(s => s.Value.InSpanish("")!)
                .Concat(theme.Sayings.Select(words.Of))
        : theme
            .Slots.Where(s => s.Key is not ("call" or "smalls" or "flats"))
            .Select(s => s.Value.En)
            .Concat(theme.Sayings.Select(words.Of));

    private static IEnumerable<FamilyLine> AtHome(PaperWords words, HomeActivity activity)
    {
        yield return new(
            $"{words.Of(activity.Technique.Name)} · {words.Say("minutes", $"{activity.Minutes}")}",
            FamilyLineKind.Title
        );
        yield return new(words.Of(activity.Way));
        yield return new(
            activity.Things.Count == 0
                ? words.Say("needNothing")
                : words.Say("youNeed", string.Join(", ", activity.Things.Select(t => words.Of(t.Name))))
        );
        foreach (var mind in activity.Mind)
        {
            yield return new(words.Say("mindThis", words.Of(mind)));
        }

        if (activity.Step is { } step)
        {
            yield return new(
                activity.Beyond is { } beyond
                    ? words.Say("nowAndNext", words.Of(step.Now.Name), words.Of(beyond.Name))
                    : words.Say("nowOnly", words.Of(step.Now.Name))
            );
            yield return new(
                $"{words.Say("easier", words.Of(step.Easier))} {words.Say("harder", words.Of(step.Harder))}"
            );
        }
    }

    private static IEnumerable<Idea> Ideas(WeekPlan plan) =>
        plan
            .Filled.Select(f => f.Use.Idea)
            .DistinctBy(i => i.Technique.Id)
            .OrderByDescending(i => i.Technique.ThemeLink)
            .Take(MostIdeas);

    private static FamilySection Mind(PaperWords words, WeekPlan plan)
    {
        var sources = new List<string>();
        FamilyLine[] lines =
        [
            .. WeekFindings
                .Of(plan)
                .Where(f => f.Severity != Severity.Block)
                .DistinctBy(f => f.Message)
                .Take(MostCautions)
                .Select(f => new FamilyLine(
                    $"{words.Speak(f.Message)} [{DayPage.Note(sources, words.Speak(f.Source))}]"
                )),
            new(words.Say("weMindWhy")),
        ];
        return new(
            words.Say("weMind"),
            [.. lines, .. sources.Select((s, k) => new FamilyLine($"[{DayPage.Letter(k)}] {s}", FamilyLineKind.Note))]
        );
    }

    private static FamilySection Bring(PaperWords words, WeekPlan plan) =>
        new(
            // Things have to be there on the last working day before the week.
            words.Say("bring", words.Day(plan.Problem.FirstDay.AddDays(-3))),
            [
                .. plan.Materials()
                    .Where(l => l.IsToAsk)
                    .Select(l => new FamilyLine($"{words.Of(l.Material.Name)}: {l.Lacking:0.##}", FamilyLineKind.Tick)),
            ]
        );
}

/// <summary>A part of a letter.</summary>
/// <param name="Heading">What it is about.</param>
/// <param name="Lines">Its lines.</param>
public sealed record FamilySection(string Heading, IReadOnlyList<FamilyLine> Lines);

/// <summary>A line of a letter.</summary>
/// <param name="Text">What it says.</param>
/// <param name="Kind">How it stands there.</param>
public sealed record FamilyLine(string Text, FamilyLineKind Kind = FamilyLineKind.Plain)
{
    /// <summary>As it stands in a message without letters of different kinds.</summary>
    public string AsText() =>
        Kind switch
        {
            FamilyLineKind.Title => $"\n* {Text}",
            FamilyLineKind.Tick => $"[ ] {Text}",
            _ => Text,
        };
}

/// <summary>How a line of a letter stands there.</summary>
public enum FamilyLineKind
{
    /// <summary>A sentence.</summary>
    Plain,

    /// <summary>A title of what follows.</summary>
    Title,

    /// <summary>Something to tick.</summary>
    Tick,

    /// <summary>A source, small.</summary>
    Note,
}
