using Nido.Core.Ideas;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Search;

namespace Nido.Core.Week.Rules.Hard;

/// <summary>
/// A rule that hangs on the idea, the block and the day alone, whatever else lies out. All of them together were read
/// into <see cref="Use.OnDay"/> when the week was built; here each says by itself whether it is the one.
/// </summary>
public abstract class DayRule : HardRule
{
    /// <summary>Those rules, in the order in which a teacher is told of them.</summary>
    // Read when asked for: these rules are themselves made while the list of all is.
    public static IReadOnlyList<DayRule> OfTheDay => field ??= [.. All.OfType<DayRule>()];

    /// <summary>Whether all of them hold but for who is in the room and what there is of it, which takes a closer
    /// look.</summary>
    public static bool OthersHold(WeekProblem problem, Idea idea, int block, int day)
    {
        foreach (var rule in OfTheDay)
        {
            if (rule is not MayBeMet && !rule.Holds(problem, idea, block, day))
            {
                return false;
            }
        }

        return true;
    }

    /// <summary>Whether it lets an idea lie in a block on a day.</summary>
    public abstract bool Holds(WeekProblem problem, Idea idea, int block, int day);

    /// <summary>What stands against it, where it does not hold.</summary>
    public abstract Said Why(WeekProblem problem, Idea idea, int block, int day);

    /// <inheritdoc />
    public sealed override bool Allows(PlanState plan, int slot, Use use)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(use);
        var (day, block, _) = plan.Problem.Slots[slot];
        return use.OnDay[day] || Holds(plan.Problem, use.Idea, block, day);
    }

    /// <inheritdoc />
    public sealed override Said Why(PlanState plan, int slot, Use use)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(use);
        var (day, block, _) = plan.Problem.Slots[slot];
        return Why(plan.Problem, use.Idea, block, day);
    }

    /// <summary>A row a cell: none of what the rule bars.</summary>
    /// <param name="ways">The ways of the week.</param>
    /// <param name="bars">What it bars, of what may not lie there.</param>
    /// <param name="says">The rule of a cell, with how many ways it bars.</param>
    private protected static IEnumerable<RuleRow> None(
        WeekWays ways,
        Func<Use, int, bool> bars,
        Func<int, int, Impossible> says
    ) =>
        from cell in ways.Cells
        let day = ways.Problem.Cells[cell].Day
        let barred = ways.In(cell).Where(w => !w.Any.OnDay[day] && bars(w.Any, day)).ToArray()
        where barred.Length > 0
        select new RuleRow(
            says(cell, barred.Length),
            [.. barred.Select(w => new RowTerm(cell, w.Index, 1))],
            AtMost: 0
        );
}
