using Nido.Core.Families;
using Nido.Core.Group;
using Nido.Core.Ideas;
using Nido.Core.Safety;
using Nido.Core.Week.Findings;
using Nido.Core.Week.Reading;

namespace Nido.Core.Paper.Adults;

/// <summary>The letter before a week.</summary>
public static class LetterBefore
{
    private const int MostCautions = 5;
    private const int MostIdeas = 8;
    private const int MostWords = 16;
    private const int MostPictured = 6;

    /// <summary>The letter of a week.</summary>
    /// <param name="plan">The week.</param>
    /// <param name="theme">What it is about.</param>
    /// <param name="words">In this language.</param>
    /// <param name="child">Whose family reads it; null where every family does, and no child is named.</param>
    /// <param name="home">What can be done at home.</param>
    /// <param name="asked">What this family is asked for; null where nothing was shared out and every family reads the whole
    /// list.</param>
    public static FamilyLetter Of(
        WeekPlan plan,
        Theme theme,
        PaperWords words,
        Child? child,
        IReadOnlyList<HomeActivity> home,
        IReadOnlyList<AskedOfFamily>? asked = null
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
                    new(
                        words.Say(
                            theme.Language == words.Language ? "letterIs" : "letterIsThere",
                            theme.Letter,
                            theme.Sound,
                            theme.LetterWord
                        )
                    ),
                    new(words.Say("numbersTo", $"{theme.NumbersTo}")),
                ]
            ),
            new(
                words.Say("wordsToUse"),
                [
                    new(string.Join(", ", WordsOf(theme, words).Take(MostWords))),
                    .. Pictured(theme, words, child is { HomeLanguage: not ("en" or "es") }),
                ]
            ),
            new(words.Say("questions"), [.. theme.Questions.Select(q => new FamilyLine(words.Of(q)))]),
            new(words.Say("rhyme"), [.. theme.Rhyme.Select(l => new FamilyLine(words.Of(l)))]),
            new(words.Say("atHome"), [.. home.SelectMany(h => LetterParts.AtHome(words, h))]),
            new(words.Say("whatWeDo"), [.. Ideas(plan).Select(i => new FamilyLine(words.Of(i.Title)))]),
            Mind(words, plan),
            asked is null ? Bring(words, plan) : LetterParts.Asked(words, plan, asked),
        ];
        return new(words.Say("thisWeek", words.Of(theme.Name)), [.. sections.Where(s => s.Lines.Count > 0)]);
    }

    /// <summary>Words of the week that have a picture, in the family's language where the theme has words in it. Where the family speaks a language that is not written here, a line
    /// stands under each for its own word.</summary>
    private static IEnumerable<FamilyLine> Pictured(Theme theme, PaperWords words, bool own) =>
        (
            theme.ReadIn(words.Language) is var read && read.Language == words.Language
                ? read.Words.Select(w => (Picture: Pictures.Of(w), Word: w))
                : theme.Slots.Values.Select(s =>
                    (Picture: Pictures.Of(s.En), Word: words.Language == "es" ? s.InSpanish("")! : s.En)
                )
        )
            .Where(p => p.Picture is not null)
            .DistinctBy(p => p.Picture)
            .Take(MostPictured)
            .Select(p => new FamilyLine(own ? "" : p.Word, FamilyLineKind.Word) { Drawing = p.Picture });

    /// <summary>Words of the week in the family's language; where the theme has none in it, what the theme calls its things and what is said
    /// while doing.</summary>
    private static IEnumerable<string> WordsOf(Theme theme, PaperWords words) =>
        theme.ReadIn(words.Language) is var read && read.Language == words.Language ? read.Words
        : words.Language == "es"
            ? theme
                .Slots.Where(s => s.Key is not ("call" or "smalls" or "flats"))
                .Select(s => s.Value.InSpanish("")!)
                .Concat(theme.Sayings.Select(words.Of))
        : theme
            .Slots.Where(s => s.Key is not ("call" or "smalls" or "flats"))
            .Select(s => s.Value.En)
            .Concat(theme.Sayings.Select(words.Of));

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
            words.Say("bring", words.Day(SharedOut.BringBy(plan.Problem.FirstDay))),
            [
                .. plan.Materials()
                    .Where(l => l.IsToAsk)
                    .Select(l => new FamilyLine($"{words.Of(l.Material.Name)}: {l.Lacking:0.##}", FamilyLineKind.Tick)),
            ]
        );
}
