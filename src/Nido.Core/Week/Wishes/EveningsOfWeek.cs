using Nido.Core.Week.Problem;
using Nido.Core.Week.Search;

namespace Nido.Core.Week.Wishes;

/// <summary>Minutes of preparing what lies out, by the day it is for; a tray that stays is laid once.</summary>
public sealed class EveningsOfWeek
{
    private readonly PlanState plan;
    private readonly int perDay;
    private readonly int[] minutes;
    private readonly bool[] isStale;

    /// <summary>Those of a plan.</summary>
    internal EveningsOfWeek(PlanState plan)
    {
        this.plan = plan;
        perDay = plan.Problem.Slots.Count / Math.Max(1, plan.Problem.Days.Count);
        minutes = new int[plan.Problem.Days.Count];
        isStale = new bool[plan.Problem.Days.Count];
    }

    /// <summary>Minutes for a day.</summary>
    public int Of(int day)
    {
        if (isStale[day])
        {
            minutes[day] = 0;
            isStale[day] = false;
            for (var s = day * perDay; s < (day + 1) * perDay; s++)
            {
                minutes[day] += Minutes(s);
            }
        }

        return minutes[day];
    }

    /// <summary>Minutes of the week.</summary>
    public int All()
    {
        var sum = 0;
        for (var d = 0; d < minutes.Length; d++)
        {
            sum += Of(d);
        }

        return sum;
    }

    /// <summary>What is prepared for a day, with its minutes.</summary>
    public IEnumerable<(Use Use, int Minutes)> For(int day) =>
        Enumerable.Range(day * perDay, perDay).Where(s => Minutes(s) > 0).Select(s => (plan.At(s)!, Minutes(s)));

    /// <summary>Told that a slot has changed.</summary>
    internal void Changed(int slot)
    {
        isStale[plan.Problem.Slots[slot].Day] = true;
        // Where a tray stays decides on which day it is laid.
        for (var d = 0; d < isStale.Length && plan.Problem.StayingAt[slot] is not null; d++)
        {
            isStale[d] = true;
        }
    }

    private int Minutes(int slot) =>
        plan.Uses[slot] < 0
        || plan.Problem.StayingAt[slot] is { } stays
            && stays.All[0] != slot
            && plan.Uses[stays.All[0]] == plan.Uses[slot]
            ? 0
            : plan.At(slot)!.PrepMinutes;
}
