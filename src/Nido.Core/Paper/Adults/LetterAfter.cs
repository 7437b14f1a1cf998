using Nido.Core.Families;
using Nido.Core.Group;
using Nido.Core.Ideas;
using Nido.Core.Week.Reading;

namespace Nido.Core.Paper.Adults;

/// <summary>The letter after a week: what was done and seen, in children's words and pictures, and what to carry on with.</summary>
public static class LetterAfter
{
    private const int MostIdeas = 8;
    private const int MostSeen = 6;
    private const int MostWords = 5;

    /// <summary>The letter of a week that was.</summary>
    /// <param name="plan">The week.</param>
    /// <param name="theme">What it was about.</param>
    /// <param name="words">In this language.</param>
    /// <param name="child">Whose family reads it; null where every family does, and no child is named.</param>
    /// <param name="happened">What was kept of it.</param>
    /// <param name="home">What can be carried on with at home.</param>
    public static FamilyLetter Of(
        WeekPlan plan,
        Theme theme,
        PaperWords words,
        Child? child,
        WhatHappened happened,
        IReadOnlyList<HomeActivity> home
    )
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(theme);
        ArgumentNullException.ThrowIfNull(words);
        ArgumentNullException.ThrowIfNull(happened);
        ArgumentNullException.ThrowIfNull(home);
        var problem = plan.Problem;
        var last = problem.Days.Count > 0 ? problem.Days[^1].Date : problem.FirstDay;
        var title = words.Say("lastWeek", words.Of(theme.Name));
        FamilySection[] sections =
        [
            new(
                title,
                [
                    .. child is null ? [] : (FamilyLine[])[new(words.Say("forFamilyOf", child.Name))],
                    new(words.FromTo(problem.FirstDay, last)),
                    .. happened.IsEmpty ? (FamilyLine[])[new(words.Say("nothingKept"))] : [],
                ]
            ),
            new(
                words.Say("whatWeDid"),
                [
                    .. happened
                        .Done.Take(MostIdeas)
                        .Select(d => new FamilyLine(
                            d.WithJoy ? words.Say("withJoy", words.Of(d.Title)) : words.Of(d.Title)
                        )),
                ]
            ),
            new(words.Say("whatChildDid", child?.Name ?? ""), [.. Seen(words, happened)]),
            new(
                words.Say("inOwnWords"),
                [.. happened.Words.Take(MostWords).Select(w => new FamilyLine(Quoted(words, w)))]
            ),
            new(
                words.Say("pictures"),
                [
                    .. happened.Pictures.Select(p => new FamilyLine(
                        p.Words.Length > 0 ? $"{words.Day(p.On)}: {p.Words}" : words.Day(p.On)
                    )
                    {
                        Picture = p.Id,
                        Shape = p.Shape,
                    }),
                ]
            ),
            new(words.Say("carryOn"), [.. home.SelectMany(h => LetterParts.AtHome(words, h))]),
        ];
        return new(title, [.. sections.Where(s => s.Lines.Count > 0)]);
    }

    private static IEnumerable<FamilyLine> Seen(PaperWords words, WhatHappened happened)
    {
        if (happened.Seen.Count == 0)
        {
            yield break;
        }

        foreach (var seen in happened.Seen.Take(MostSeen))
        {
            yield return new(words.Say($"did.{seen.Help}", words.Of(seen.Step.Name)));
        }

        yield return new(words.Say("seenNotJudged"), FamilyLineKind.Note);
    }

    private static string Quoted(PaperWords words, string text) =>
        words.Language == "es" ? $"«{text}»" : $"\u201c{text}\u201d";
}
