using Nido.Core.Group;

namespace Nido.Core.Week.Problem;

/// <summary>
/// Who is there: child × day × block. The one answer that plan, cupboard, Prep, Today and simulation ask. A child is
/// there
/// where it comes that day, is not away, and the block takes place; a block takes place where the house is open, somebody
/// comes, and
/// it is not something of one's own.
/// </summary>
public sealed class Attendance
{
    private readonly bool[][][] inHouse;
    private readonly bool[][][] there;
    private readonly bool[][] open;
    private readonly bool[][] closed;
    private readonly bool[][] own;

    /// <summary>Reads who is there from the group, the days and what came up.</summary>
    /// <param name="children">The children, in the order of the group.</param>
    /// <param name="days">The days of the week.</param>
    /// <param name="blocks">The blocks of a day.</param>
    /// <param name="cameUp">What came up.</param>
    /// <param name="pencilled">Blocks that are something of one's own: for a plan they do not take place.</param>
    public Attendance(
        IReadOnlyList<Child> children,
        IReadOnlyList<PlanDay> days,
        IReadOnlyList<Block> blocks,
        IReadOnlyList<CameUp> cameUp,
        IReadOnlyList<Pencilled>? pencilled = null
    )
    {
        ArgumentNullException.ThrowIfNull(cameUp);
        closed = [.. days.Select((_, d) => blocks.Select(b => cameUp.Any(h => h.On(d) && h.Closes(b))).ToArray())];
        own =
        [
            .. days.Select(
                (_, d) => blocks.Select(b => pencilled?.Any(p => p.Day == d && p.BlockId == b.Id) == true).ToArray()
            ),
        ];
        bool IsAway(Child child, int day, Block block) =>
            cameUp.Any(h => h.Subject == child.Id && h.On(day) && h.Misses(block));
        inHouse =
        [
            .. children.Select(c =>
                days.Select(
                        (day, d) =>
                            blocks
                                .Select(
                                    (block, b) =>
                                        c.Days.HasFlag(day.Day)
                                        && c.IsHereOn(day.Date)
                                        && !closed[d][b]
                                        && !IsAway(c, d, block)
                                )
                                .ToArray()
                    )
                    .ToArray()
            ),
        ];
        there =
        [
            .. inHouse.Select(child =>
                child.Select((day, d) => day.Zip(own[d], (here, o) => here && !o).ToArray()).ToArray()
            ),
        ];
        open = [.. days.Select((_, d) => blocks.Select((_, b) => there.Any(child => child[d][b])).ToArray())];
    }

    /// <summary>Whether a child is there in a block of a day.</summary>
    public bool Is(int child, int day, int block) => there[child][day][block];

    /// <summary>Whether a child is in the house in a block of a day, for a plan or for something of one's own: whom
    /// adults look after.</summary>
    public bool IsInHouse(int child, int day, int block) => inHouse[child][day][block];

    /// <summary>Whether a child is there in any block of a day.</summary>
    public bool OnDay(int child, int day) => there[child][day].Contains(true);

    /// <summary>Child by child: there in a block of a day.</summary>
    public bool[] In(int day, int block) => [.. there.Select(child => child[day][block])];

    /// <summary>Child by child: there at any time of a day.</summary>
    public bool[] On(int day) => [.. there.Select(child => child[day].Contains(true))];

    /// <summary>Days on which a child meets a block.</summary>
    public int DaysIn(int child, int block) => there[child].Count(day => day[block]);

    /// <summary>Days on which a child comes.</summary>
    public int DaysOf(int child) => there[child].Count(day => day.Contains(true));

    /// <summary>Whether a block takes place on a day: the house is open and somebody comes.</summary>
    public bool TakesPlace(int day, int block) => open[day][block];

    /// <summary>Whether the house is closed in a block of a day; where it is not and nothing takes place, nobody
    /// comes.</summary>
    public bool IsClosed(int day, int block) => closed[day][block];

    /// <summary>Whether a block of a day is something of one's own.</summary>
    public bool IsPencilled(int day, int block) => own[day][block];

    /// <summary>Days on which a block takes place.</summary>
    public int DaysOfBlock(int block) => open.Count(day => day[block]);
}
