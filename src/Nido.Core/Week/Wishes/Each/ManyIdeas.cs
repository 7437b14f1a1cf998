using Nido.Core.Week.Problem;
using Nido.Core.Week.Search;

namespace Nido.Core.Week.Wishes.Each;

/// <summary>Many ideas: the same one again pays. What stays all week is there to come back to, and counts once.</summary>
internal sealed class ManyIdeas(PlanState plan) : Wish(plan)
{
    private readonly int[] times = new int[plan.Problem.Input.Ideas.Count];
    private long again;

    public override Said Name => $"Many different ideas";

    public override Said Unit => $"times again";

    public override Slider? WeighedBy => Slider.FreshIdeas;

    public override long Points() => again * 10L * Sliders.FreshIdeas;

    public override IEnumerable<WishLine> Lines() =>
        times
            .Select((n, i) => (Idea: i, Again: n - 1))
            .Where(x => x.Again > 0)
            .Select(x => new WishLine(
                Said.Name(Week.Input.Ideas[x.Idea].Title),
                x.Again,
                x.Again * 10L * Sliders.FreshIdeas
            ));

    internal override void Changed(int slot, Use use, int sign)
    {
        if (Week.IsChosen(slot))
        {
            ref var of = ref times[use.IdeaIndex];
            again += Math.Max(0, of + sign - 1) - Math.Max(0, of - 1);
            of += sign;
        }
    }
}
