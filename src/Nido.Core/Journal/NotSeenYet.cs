using Nido.Core.Group;
using Nido.Core.Group.Steps;

namespace Nido.Core.Journal;

/// <summary>A published milestone of a child's age that was looked for over a while and not seen. It says so plainly and
/// says nothing else.</summary>
/// <param name="Ladder">The ladder.</param>
/// <param name="Step">The step with the published age.</param>
/// <param name="First">First day it was looked for.</param>
/// <param name="Last">Last day it was looked for.</param>
public sealed record NotSeenYet(Ladder Ladder, LadderStep Step, DateOnly First, DateOnly Last)
{
    /// <summary>Months past the age at which half of children manage it. Our own convention, on the late side: most
    /// published lists give the age of three in four.</summary>
    public const int MonthsPast = 9;

    /// <summary>Days between the first and the last look at least.</summary>
    public const int Days = 42;

    /// <summary>What one ladder of a child says, or null.</summary>
    /// <param name="child">The child.</param>
    /// <param name="ladder">The ladder.</param>
    /// <param name="seen">Observations of the child on it, in the order they were made.</param>
    /// <param name="on">The day asked about.</param>
    public static NotSeenYet? Of(Child child, Ladder ladder, IReadOnlyList<Observation> seen, DateOnly on)
    {
        ArgumentNullException.ThrowIfNull(child);
        ArgumentNullException.ThrowIfNull(ladder);
        foreach (
            var step in ladder.Steps.Where(s =>
                s.Source != "common practice" && child.MonthsOn(on) >= s.TypicalMonths + MonthsPast
            )
        )
        {
            var looked = seen.Where(o => o.On <= on && o.Step <= step.Number && o.Help != HelpLevel.Alone).ToArray();
            var managed = seen.Any(o => o.On <= on && o.Step >= step.Number && o.Help == HelpLevel.Alone);
            if (!managed && looked.Length >= 2 && looked[^1].On.DayNumber - looked[0].On.DayNumber >= Days)
            {
                return new(ladder, step, looked[0].On, looked[^1].On);
            }
        }

        return null;
    }
}
