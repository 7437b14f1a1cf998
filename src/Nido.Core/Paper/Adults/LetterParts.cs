using Nido.Core.Families;
using Nido.Core.Week.Reading;

namespace Nido.Core.Paper.Adults;

/// <summary>Parts that several letters have.</summary>
internal static class LetterParts
{
    /// <summary>What one family is asked for, to be ticked.</summary>
    public static FamilySection Asked(PaperWords words, WeekPlan plan, IReadOnlyList<AskedOfFamily> asked) =>
        new(
            words.Say("bringYours", words.Day(SharedOut.BringBy(plan.Problem.FirstDay))),
            asked.Count == 0
                ? []
                :
                [
                    .. asked.Select(a => new FamilyLine(words.Amount(a.Material, a.Amount), FamilyLineKind.Tick)),
                    new(words.Say("noneAtHome")),
                ]
        );

    /// <summary>Something to do at home.</summary>
    public static IEnumerable<FamilyLine> AtHome(PaperWords words, HomeActivity activity)
    {
        yield return new(
            $"{words.Of(activity.Technique.Name)} · {words.Say("minutes", $"{activity.Minutes}")}",
            FamilyLineKind.Title
        );
        yield return new(words.Of(activity.Way));
        yield return new(
            activity.Things.Count == 0
                ? words.Say("needNothing")
                : words.Say("youNeed", string.Join(", ", activity.Things.Select(u => ThingOf(words, u))))
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

    private static string ThingOf(PaperWords words, HomeUse use) =>
        use.InPlaceOf is { } other
            ? words.Say("inPlaceOf", words.Of(use.Thing.Name), words.Of(other.Name))
            : words.Of(use.Thing.Name);
}
