using Nido.Core.Week.Problem;
using Nido.Core.Week.Search;

namespace Nido.Core.Week.Wishes;

/// <summary>A wish that hangs on what lies on one day, in its order; a day is read anew once it has changed.</summary>
/// <param name="plan">The plan it is about.</param>
public abstract class DayWish(PlanState plan) : Wish(plan)
{
    private readonly int perDay = plan.Problem.Slots.Count / Math.Max(1, plan.Problem.Days.Count);
    private readonly long[] points = new long[plan.Problem.Days.Count];
    private readonly bool[] isStale = new bool[plan.Problem.Days.Count];

    /// <inheritdoc />
    public sealed override long Points()
    {
        var sum = 0L;
        for (var d = 0; d < points.Length; d++)
        {
            if (isStale[d])
            {
                points[d] = Read(d);
                isStale[d] = false;
            }

            sum += points[d];
        }

        return sum;
    }

    /// <summary>What a day pays.</summary>
    protected abstract long Read(int day);

    /// <summary>The first slot of a day; of the day after it, one beyond its last.</summary>
    protected int First(int day) => day * perDay;

    internal sealed override void Changed(int slot, Use use, int sign) => isStale[Week.Slots[slot].Day] = true;
}
