using Nido.Core.Families;
using Nido.Core.Group;
using Nido.Core.Week.Reading;

namespace Nido.Core.Paper.Adults;

/// <summary>A reminder: only what a family was asked for and has not answered or brought.</summary>
public static class LetterReminder
{
    /// <summary>The reminder of a week.</summary>
    /// <param name="plan">The week.</param>
    /// <param name="words">In this language.</param>
    /// <param name="child">Whose family reads it.</param>
    /// <param name="open">What is open of this family.</param>
    public static FamilyLetter Of(WeekPlan plan, PaperWords words, Child? child, IReadOnlyList<AskedOfFamily> open)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(words);
        ArgumentNullException.ThrowIfNull(open);
        FamilySection[] sections =
        [
            new(
                words.Say("stillOpen"),
                [
                    .. child is null ? [] : (FamilyLine[])[new(words.Say("forFamilyOf", child.Name))],
                    .. open.Count == 0 ? (FamilyLine[])[new(words.Say("stillOpenNone"))] : [],
                ]
            ),
            LetterParts.Asked(words, plan, open),
        ];
        return new(words.Say("stillOpen"), [.. sections.Where(s => s.Lines.Count > 0)]);
    }
}
