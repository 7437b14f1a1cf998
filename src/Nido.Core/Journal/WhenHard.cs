using Nido.Core.Group.Steps;
using Nido.Core.Ideas;

namespace Nido.Core.Journal;

/// <summary>It is hard for a child at a step: what was seen, and what can be tried. An offer, never a label.</summary>
/// <param name="Ladder">The ladder.</param>
/// <param name="Step">Step at which it is hard.</param>
/// <param name="Why">What was seen.</param>
/// <param name="Sign">The sign that was seen most since the last success, or null.</param>
/// <param name="EasierStep">The step below, or null at the lowest.</param>
/// <param name="LookAgainOn">Day to look again.</param>
public sealed record WhenHard(
    Ladder Ladder,
    int Step,
    Said Why,
    Sign? Sign,
    LadderStep? EasierStep,
    DateOnly LookAgainOn
)
{
    /// <summary>So often not yet at one step, since it was last managed alone.</summary>
    public const int NotYet = 2;

    /// <summary>So often the same sign at one step.</summary>
    public const int SameSign = 3;

    /// <summary>Days until it is looked at again. Our own convention: a week of other work lies between.</summary>
    public const int Days = 7;

    /// <summary>What one ladder of a child says, or null.</summary>
    /// <param name="ladder">The ladder.</param>
    /// <param name="seen">Observations of the child on it, in the order they were made.</param>
    /// <param name="signs">Signs of the ladder.</param>
    /// <param name="on">The day asked about.</param>
    /// <param name="begun">What was tried on it already.</param>
    public static WhenHard? Of(
        Ladder ladder,
        IReadOnlyList<Observation> seen,
        IEnumerable<Sign> signs,
        DateOnly on,
        IEnumerable<FollowUp> begun
    )
    {
        ArgumentNullException.ThrowIfNull(ladder);
        ArgumentNullException.ThrowIfNull(seen);
        // What was tried starts the count anew: it is looked at on its own day.
        var since = begun.Select(f => (DateOnly?)f.On).Max();
        Observation[] fresh =
        [
            .. seen.Where(o =>
                o.On <= on && o.On.DayNumber > on.DayNumber - StepProposal.FreshDays && !(o.On <= since)
            ),
        ];
        foreach (var step in fresh.GroupBy(o => o.Step).OrderByDescending(g => g.Max(o => o.On)))
        {
            var later = step.Reverse().TakeWhile(o => o.Help != HelpLevel.Alone).ToArray();
            var notYet = later.Count(o => o.Help == HelpLevel.NotYet);
            var sign = later
                .Where(o => o.Sign.Length > 0)
                .GroupBy(o => o.Sign)
                .OrderByDescending(g => g.Count())
                .ThenBy(g => g.Key, StringComparer.Ordinal)
                .FirstOrDefault();
            var known = sign is null ? null : signs.FirstOrDefault(s => s.Id == sign.Key);
            if (notYet >= NotYet || (known is not null && sign!.Count() >= SameSign))
            {
                return new(
                    ladder,
                    step.Key,
                    known is not null && sign!.Count() >= SameSign
                        ? (Said)$"{sign!.Count()} times at step {step.Key}: {known.Seen}"
                        : $"{notYet} times not yet at step {step.Key}",
                    known,
                    ladder.Steps.LastOrDefault(s => s.Number < step.Key),
                    on.AddDays(Days)
                );
            }
        }

        return null;
    }
}
