using Nido.Core.Ideas;
using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Rules;

/// <summary>What a week cannot be planned without: children, days, blocks, things.</summary>
internal static class WhatIsMissing
{
    /// <summary>What is missing, each with the way to it; empty where a week can be planned.</summary>
    public static IReadOnlyList<Impossible> Of(WeekInput input) => [.. Time(input), .. Things(input)];

    /// <summary>Children and time: without them there is nothing an idea could lie in.</summary>
    private static List<Impossible> Time(WeekInput input)
    {
        var found = new List<Impossible>();
        if (input.Group.Children.Count == 0)
        {
            found.Add(
                new(
                    $"A week is for children",
                    $"{input.Group.Name} has no children yet",
                    $"Add children in Group, or paste a list"
                )
            );
        }

        if (
            input.Group.Children.Count > 0
            && input.Days.Count > 0
            && input.Days.All(d => input.Group.Children.All(c => !(c.Days.HasFlag(d.Day) && c.IsHereOn(d.Date))))
        )
        {
            found.Add(
                new(
                    $"A week is for children",
                    $"no child of {input.Group.Name} comes on {input.Days.Select(d => d.Day)}",
                    $"Say in Group on which days each child comes"
                )
            );
        }

        if (input.Group.Blocks.Count == 0)
        {
            found.Add(
                new($"A day has blocks", $"{input.Group.Name} has no blocks yet", $"Set the blocks of the day in Group")
            );
        }

        if (input.Days.Count == 0)
        {
            found.Add(new($"A week has days", $"{input.Group.Name} meets on no day", $"Choose its days in Group"));
        }

        return found;
    }

    /// <summary>Which ideas may lie in a week all the same: none without children or time, and while the cupboard is empty those
    /// that need nothing of it.</summary>
    public static Predicate<Idea> IsLeft(WeekInput input) =>
        Time(input).Count > 0 ? _ => false
        : IsEmpty(input) ? NeedsNothing
        : _ => true;

    /// <summary>Nothing but hands, feet and voice: no leading material, none at a step, and nothing made before.</summary>
    private static bool NeedsNothing(Idea idea) =>
        idea.Lead is null && idea.MadeOf.Count == 0 && idea.Steps.All(s => s.Bindings.Count == 0);

    private static bool IsEmpty(WeekInput input) => input.OnHand.Values.All(v => v <= 0);

    private static IReadOnlyList<Impossible> Things(WeekInput input) =>
        IsEmpty(input)
            ?
            [
                new(
                    $"Ideas are made of materials",
                    $"the cupboard is empty",
                    $"Count a shelf or paste a list in Cupboard"
                ),
            ]
            : [];
}
