using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;

namespace Nido.Core.Week.Term;

/// <summary>What goes from one week to the next.</summary>
public static class CarryOver
{
    // Less than this is rounding, not a shortfall anyone would make good.
    private const int Least = 2 * WeekProblem.PerMinute;

    /// <summary>What each child's aims fell short of in a week, in hundredths of a minute, by child id; only children
    /// who lack something.</summary>
    /// <param name="week">The week.</param>
    /// <param name="met">Dose of child × aim that was really met; null where all went as planned.</param>
    public static IReadOnlyDictionary<string, int[]> Of(WeekPlan week, IReadOnlyList<int>? met = null)
    {
        ArgumentNullException.ThrowIfNull(week);
        var dose = met ?? week.State.Dose;
        int Lacks(int child, int aim) =>
            week.Problem.Target[(child * 4) + aim] - dose[(child * 4) + aim] is var lack && lack >= Least ? lack : 0;
        return week
            .Problem.Group.Children.Select(
                (child, c) => (child.Id, Lacked: (int[])[.. Enumerable.Range(0, 4).Select(m => Lacks(c, m))])
            )
            .Where(x => x.Lacked.Any(l => l > 0))
            .ToDictionary(x => x.Id, x => x.Lacked);
    }

    /// <summary>A plan laid to other blocks and days: by the block's own name, else by the n-th block of its kind. What
    /// has no place is left out; nothing is locked.</summary>
    /// <param name="plan">The plan that is copied.</param>
    /// <param name="from">The group it was made for.</param>
    /// <param name="to">The group it goes to.</param>
    public static IReadOnlyList<Placement> Copy(
        IReadOnlyList<Placement> plan,
        Group.ChildrenGroup from,
        Group.ChildrenGroup to
    )
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(from);
        ArgumentNullException.ThrowIfNull(to);
        var (days, hers) = (Group.WeekDaysOrder.Listed(from.Days), Group.WeekDaysOrder.Listed(to.Days));
        var blockOf = from.Blocks.ToDictionary(b => b.Id, b => BlockFor(b, from, to));
        return
        [
            .. from p in plan
            let day = p.Day < days.Count ? hers.ToList().IndexOf(days[p.Day]) : -1
            let block = blockOf.GetValueOrDefault(p.BlockId)
            // A birthday is of its day: it is not copied.
            where !p.IsPencilled && day >= 0 && block is not null && p.Offer < block.Offers
            select p with
            {
                Day = day,
                BlockId = block.Id,
                Locked = false,
            },
        ];
    }

    private static Group.Block? BlockFor(Group.Block block, Group.ChildrenGroup from, Group.ChildrenGroup to)
    {
        var nth = from.Blocks.Where(b => b.Kind == block.Kind).ToList().IndexOf(block);
        return to.Blocks.FirstOrDefault(b => b.Id == block.Id && b.Kind == block.Kind)
            ?? to.Blocks.Where(b => b.Kind == block.Kind).ElementAtOrDefault(nth);
    }
}
