using Nido.Core.Week.Problem;
using Nido.Core.Week.Search;

namespace Nido.Core.Week.Wishes.Each;

/// <summary>Once again in the week is practice; more often is the same thing every day, and each time more so.</summary>
internal sealed class NoWayTooOften(PlanState plan) : Wish(plan)
{
    private const int Practice = 2;
    private readonly int[] times = new int[plan.Problem.TechniqueCount];
    private long beyond;

    public override Said Name => $"No way of working more than twice";

    public override Said Unit => $"times too often";

    public override Slider? WeighedBy => Slider.FreshIdeas;

    public override long Points() => Price(beyond);

    public override IEnumerable<WishLine> Lines() =>
        Lying
            .Where(o => Week.IsChosen(o.Slot) && times[o.Use.TechniqueIndex] > Practice)
            .DistinctBy(o => o.Use.TechniqueIndex)
            .Select(o => new WishLine(
                o.Use.Idea.Technique.Name,
                times[o.Use.TechniqueIndex] - Practice,
                Price(Squared(times[o.Use.TechniqueIndex]))
            ));

    internal override void Changed(int slot, Use use, int sign)
    {
        if (Week.IsChosen(slot))
        {
            ref var of = ref times[use.TechniqueIndex];
            beyond += Squared(of + sign) - Squared(of);
            of += sign;
        }
    }

    private static long Squared(int times) => times > Practice ? (times - Practice) * (long)(times - Practice) : 0;

    private long Price(long squared) => squared * 30 * Sliders.FreshIdeas;
}
