using Nido.Core.Group;
using Nido.Core.Group.Steps;

namespace Nido.Core.Journal;

/// <summary>Where a child is believed to stand on a ladder on a day, in steps: 3.5 is half way from the third to the
/// fourth.</summary>
/// <param name="Day">The day.</param>
/// <param name="Mean">The middle of the belief.</param>
/// <param name="Low">With this one, …</param>
/// <param name="High">…80% of the belief.</param>
public sealed record PathPoint(DateOnly Day, double Mean, double Low, double High);

/// <summary>A child's way on a ladder through the weeks: the belief at the end of each week, from what was seen up to
/// then.</summary>
/// <param name="Ladder">The ladder.</param>
/// <param name="Points">A week each, oldest first.</param>
/// <param name="Seen">What was seen in these weeks, oldest first.</param>
/// <param name="OwnBest">The highest step that was seen done alone, or null. The child's own, never beside
/// another's.</param>
public sealed record ChildPath(
    Ladder Ladder,
    IReadOnlyList<PathPoint> Points,
    IReadOnlyList<Observation> Seen,
    int? OwnBest
)
{
    /// <summary>Weeks that are shown at most.</summary>
    public const int MostWeeks = 60;

    /// <summary>The way of a child.</summary>
    /// <param name="child">The child.</param>
    /// <param name="ladder">The ladder.</param>
    /// <param name="observations">Everything seen, of any child and day.</param>
    /// <param name="chosen">Steps that adults chose.</param>
    /// <param name="from">First day.</param>
    /// <param name="to">Last day.</param>
    public static ChildPath Of(
        Child child,
        Ladder ladder,
        IReadOnlyList<Observation> observations,
        IReadOnlyList<ChosenStep> chosen,
        DateOnly from,
        DateOnly to
    )
    {
        ArgumentNullException.ThrowIfNull(child);
        ArgumentNullException.ThrowIfNull(ladder);
        Observation[] own =
        [
            .. observations
                .Where(o => o.ChildId == child.Id && o.Ladder == ladder.Id && o.On <= to)
                .OrderBy(o => o.On)
                .ThenBy(o => o.Id),
        ];
        ChosenStep[] steps = [.. chosen.Where(c => c.ChildId == child.Id && c.Ladder == ladder.Id)];
        var days = new List<DateOnly>();
        for (var day = to; day >= from && days.Count < MostWeeks; day = day.AddDays(-7))
        {
            days.Add(day);
        }

        days.Reverse();
        return new(
            ladder,
            [
                .. days.Select(day =>
                {
                    // What is seen later never changes how an earlier week looked.
                    var belief = new Evidence(
                        [.. own.Where(o => o.On <= day)],
                        [.. steps.Where(c => c.On <= day)],
                        day
                    ).Belief(child, ladder);
                    var months = child.MonthsOn(day);
                    double At(double? share) => Math.Round(StepOf(ladder, belief.MonthsLike(months, share)), 2);
                    return new PathPoint(day, At(null), At(0.1), At(0.9));
                }),
            ],
            [.. own.Where(o => o.On >= from)],
            own.Where(o => o.Help == HelpLevel.Alone).Select(o => (int?)o.Step).Max()
        );
    }

    /// <summary>An age on the ladder: between two steps by their typical ages; half a step beyond the ends at
    /// most.</summary>
    public static double StepOf(Ladder ladder, double months)
    {
        ArgumentNullException.ThrowIfNull(ladder);
        var steps = ladder.Steps;
        if (months <= steps[0].TypicalMonths)
        {
            return Math.Max(0.5, 1 - ((steps[0].TypicalMonths - months) / 12));
        }

        for (var k = 1; k < steps.Count; k++)
        {
            if (months < steps[k].TypicalMonths)
            {
                return k
                    + (
                        (months - steps[k - 1].TypicalMonths)
                        / Math.Max(1, steps[k].TypicalMonths - steps[k - 1].TypicalMonths)
                    );
            }
        }

        return Math.Min(steps.Count + 0.5, steps.Count + ((months - steps[^1].TypicalMonths) / 12));
    }
}
