namespace Nido.Core.Group.Steps;

/// <summary>A step up or down that Nido proposes; an adult accepts it or not.</summary>
/// <param name="From">Step worked at.</param>
/// <param name="To">Step proposed.</param>
/// <param name="Reason">Which observations speak for it.</param>
public sealed record StepProposal(int From, int To, Said Reason)
{
    private const int Trials = 10;
    private const int Up = 8;
    private const int Down = 3;

    /// <summary>
    /// Days after which a trial no longer speaks for a change: a quarter of a year is a long time for a child. Our own
    /// convention.
    /// </summary>
    public const int FreshDays = 90;

    /// <summary>What the trials of one child on one ladder propose; null for nothing. All tries since the last change
    /// of step count here.</summary>
    /// <param name="rule">The group's rule.</param>
    /// <param name="now">Step worked at.</param>
    /// <param name="steps">Steps of the ladder.</param>
    /// <param name="seen">Observations of this child and ladder in the order they were made.</param>
    /// <param name="on">The day asked about; what was seen long before, or later, does not count.</param>
    /// <param name="changed">Day on which an adult last changed the step; trials up to then led to it and are
    /// spent.</param>
    public static StepProposal? Of(
        StepRule rule,
        int now,
        int steps,
        IReadOnlyList<Observation> seen,
        DateOnly on,
        DateOnly? changed
    )
    {
        ArgumentNullException.ThrowIfNull(seen);
        bool IsFresh(Observation o) => o.On <= on && o.On.DayNumber > on.DayNumber - FreshDays;
        Observation[] fresh = [.. seen.Where(o => IsFresh(o) && (changed is not { } then || o.On > then))];
        var byStep = fresh.Where((o, k) => !IsOutdone(o, fresh.AsSpan(k + 1))).GroupBy(o => o.Step).ToArray();
        foreach (var trials in byStep.Where(g => g.Key >= now && g.Key < steps).OrderByDescending(g => g.Key))
        {
            if (ForUp(rule, [.. trials]) is { } why)
            {
                return new(now, trials.Key + 1, why);
            }
        }

        foreach (var trials in byStep.Where(g => g.Key <= now && now > 1).OrderByDescending(g => g.Key))
        {
            // Whatever was too hard, the way back is one step.
            if (ForDown(rule, [.. trials]) is { } why)
            {
                return new(now, now - 1, why);
            }
        }

        return null;
    }

    /// <summary>Whether later trials of another step say more: alone at a harder one, or not yet at an easier
    /// one.</summary>
    private static bool IsOutdone(Observation trial, ReadOnlySpan<Observation> later)
    {
        foreach (var then in later)
        {
            if (
                (trial.Help == HelpLevel.NotYet && then.Help == HelpLevel.Alone && then.Step > trial.Step)
                || (trial.Help == HelpLevel.Alone && then.Help == HelpLevel.NotYet && then.Step < trial.Step)
            )
            {
                return true;
            }
        }

        return false;
    }

    private static Said? ForUp(StepRule rule, Observation[] trials)
    {
        if (rule == StepRule.TwoDays)
        {
            var days = trials.Where(t => t.Help == HelpLevel.Alone).Select(t => t.On).Distinct().ToArray();
            return days.Length >= 2 ? (Said)$"alone on {days.Length} days at step {trials[0].Step}" : null;
        }

        var alone = trials.TakeLast(Trials).Count(t => t.Help == HelpLevel.Alone);
        return trials.Length >= Trials && alone >= Up
            ? (Said)$"alone in {alone} of the last {Trials} trials at step {trials[0].Step}"
            : null;
    }

    private static Said? ForDown(StepRule rule, Observation[] trials)
    {
        if (rule == StepRule.TwoDays)
        {
            // Only what came after the last success speaks against the step.
            var since = trials
                .Reverse()
                .TakeWhile(t => t.Help != HelpLevel.Alone)
                .Count(t => t.Help == HelpLevel.NotYet);
            return since >= 2 ? (Said)$"{since} times not yet at step {trials[0].Step}" : null;
        }

        var alone = trials.TakeLast(Trials).Count(t => t.Help == HelpLevel.Alone);
        return trials.Length >= Trials && alone <= Down
            ? (Said)$"alone in only {alone} of the last {Trials} trials at step {trials[0].Step}"
            : null;
    }
}
