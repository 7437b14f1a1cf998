namespace Nido.Core.Group.Steps;

/// <summary>Which steps of a ladder wait until an earlier strand is ready.</summary>
public static class Readiness
{
    /// <summary>Below this chance of managing the prerequisite alone, the earlier strand is offered instead.</summary>
    public const double From = 0.4;

    /// <summary>Months by which a child who avoids touch is believed to be behind on touch, until something was seen.
    /// Ours.</summary>
    public const int AvoidingTouch = 12;

    /// <summary>What a step waits for, or null where the child is ready for it.</summary>
    /// <param name="child">The child.</param>
    /// <param name="step">Number on the ladder.</param>
    /// <param name="needs">Prerequisites of the ladder, from its own file and from the group's ways of working.</param>
    /// <param name="day">For the age.</param>
    /// <param name="evidence">What is known.</param>
    /// <param name="ladders">All ladders by id.</param>
    public static NotReady? Of(
        Child child,
        int step,
        IEnumerable<Prerequisite> needs,
        DateOnly day,
        Evidence evidence,
        IReadOnlyDictionary<string, Ladder> ladders
    )
    {
        ArgumentNullException.ThrowIfNull(child);
        ArgumentNullException.ThrowIfNull(evidence);
        ArgumentNullException.ThrowIfNull(ladders);
        foreach (var need in needs.Where(n => step >= n.From))
        {
            var earlier = ladders[need.On];
            var alone = (need.ByAge ? AbilityBelief.FromAge() : evidence.Belief(child, earlier)).Chance(
                HelpLevel.Alone,
                earlier.Steps[need.Step - 1].TypicalMonths,
                child.MonthsOn(day)
            );
            if (alone < From)
            {
                return new(
                    step,
                    need.On,
                    $"{need.Why} First {earlier.Name}: {earlier.Steps[need.Step - 1].Name}, {100 * alone:0}% alone, and 40% is asked."
                );
            }
        }

        return null;
    }

    /// <summary>What a step waits for because of how it feels to bare hands, or null.</summary>
    /// <param name="child">The child.</param>
    /// <param name="step">Number on the idea's ladder.</param>
    /// <param name="feel">How it feels, a word of the touch ladder; null for nothing to mind.</param>
    /// <param name="touch">The touch ladder.</param>
    /// <param name="day">For the age.</param>
    /// <param name="evidence">What is known.</param>
    public static NotReady? ForTouch(Child child, int step, string? feel, Ladder touch, DateOnly day, Evidence evidence)
    {
        ArgumentNullException.ThrowIfNull(child);
        ArgumentNullException.ThrowIfNull(touch);
        ArgumentNullException.ThrowIfNull(evidence);
        if (!child.AvoidsTouch || feel is null || !touch.Feels.TryGetValue(feel, out var asked))
        {
            return null;
        }

        var months = child.MonthsOn(day) - (evidence.IsSeen(child.Id, touch.Id) ? 0 : AvoidingTouch);
        var alone = evidence.Belief(child, touch).Chance(HelpLevel.Alone, touch.Steps[asked - 1].TypicalMonths, months);
        return alone >= From
            ? null
            : new(
                step,
                touch.Id,
                $"{child.Name} avoids {Said.Word(feel)} things, and this step is done with bare hands: "
                    + $"{touch.Steps[asked - 1].Name}, {100 * alone:0}%, and 40% is asked. A step with a tool comes "
                    + $"first."
            );
    }
}
