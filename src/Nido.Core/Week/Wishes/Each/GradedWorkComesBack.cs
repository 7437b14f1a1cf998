using Nido.Core.Week.Problem;
using Nido.Core.Week.Search;

namespace Nido.Core.Week.Wishes.Each;

/// <summary>Graded practice lives from coming back to a thing, a step further.</summary>
internal sealed class GradedWorkComesBack(PlanState plan) : Wish(plan)
{
    private const int Price = 40;
    private readonly int[] times = new int[plan.Problem.TechniqueCount];
    private int back;

    public override Said Name => $"Graded practice comes back in the week";

    public override Said Unit => $"ways of working fewer than wished";

    public override long Points() => Fewer * (long)Price;

    public override IEnumerable<WishLine> Lines() =>
        Fewer > 0 ? [new($"{back} come back, {Week.GradedWanted} are wished", Fewer, Points())] : [];

    private int Fewer => Math.Max(0, Week.GradedWanted - back);

    internal override void Changed(int slot, Use use, int sign)
    {
        if (Week.Graded[use.TechniqueIndex] && Week.IsChosen(slot))
        {
            ref var of = ref times[use.TechniqueIndex];
            back += (of + sign > 1 ? 1 : 0) - (of > 1 ? 1 : 0);
            of += sign;
        }
    }
}
