using Nido.Core.Week.Problem;
using Nido.Core.Week.Search;

namespace Nido.Core.Week.Wishes.Each;

/// <summary>The same way of working on the next day again feels like no change at all; what stays is meant to.</summary>
internal sealed class NotTheNextDayAgain(PlanState plan) : Wish(plan)
{
    private readonly int[] onDay = new int[plan.Problem.Days.Count * plan.Problem.TechniqueCount];
    private long again;

    public override Said Name => $"Not the same way of working on the next day";

    public override Said Unit => $"times";

    public override Slider? WeighedBy => Slider.FreshIdeas;

    public override long Points() => again * 6 * Sliders.FreshIdeas;

    public override IEnumerable<WishLine> Lines() =>
        Lying
            .Where(o => Week.StayingAt[o.Slot] is null && Lies(At(o.Day, o.Use) - Week.TechniqueCount) > 0)
            .DistinctBy(o => (o.Day, o.Use.TechniqueIndex))
            .Select(o => new WishLine($"{o.Use.Idea.Technique.Name}, {Day(o.Day)}", 1, 6 * Sliders.FreshIdeas));

    internal override void Changed(int slot, Use use, int sign)
    {
        if (Week.StayingAt[slot] is not null)
        {
            return;
        }

        var at = At(Week.Slots[slot].Day, use);
        var was = Lies(at);
        onDay[at] += sign;
        if (was != Lies(at))
        {
            again += sign * (Lies(at - Week.TechniqueCount) + Lies(at + Week.TechniqueCount));
        }
    }

    private int At(int day, Use use) => (day * Week.TechniqueCount) + use.TechniqueIndex;

    private int Lies(int at) => at >= 0 && at < onDay.Length && onDay[at] > 0 ? 1 : 0;
}
