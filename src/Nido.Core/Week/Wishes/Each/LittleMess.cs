using Nido.Core.Week.Problem;
using Nido.Core.Week.Search;

namespace Nido.Core.Week.Wishes.Each;

/// <summary>No day has more mess than can be cleared.</summary>
internal sealed class LittleMess(PlanState plan) : Wish(plan)
{
    private const int Enough = 8;
    private const int Price = 20;
    private readonly int[] mess = new int[plan.Problem.Days.Count];

    public override Said Name => $"Not too much mess on one day";

    public override Said Unit => $"grades of mess over {Enough}";

    public override long Points()
    {
        var sum = 0L;
        foreach (var of in mess)
        {
            sum += Math.Max(0, of - Enough) * (long)Price;
        }

        return sum;
    }

    public override IEnumerable<WishLine> Lines() =>
        mess.Select((of, d) => new WishLine(Day(d), of - Enough, (of - Enough) * Price)).Where(l => l.Points > 0);

    internal override void Changed(int slot, Use use, int sign) =>
        mess[Week.Slots[slot].Day] += sign * use.Idea.Technique.Mess;
}
