using Nido.Core.Week.Problem;
using Nido.Core.Week.Search;

namespace Nido.Core.Week.Wishes;

/// <summary>A wish that hangs on each idea by itself, whatever lies beside it.</summary>
/// <param name="plan">The plan it is about.</param>
/// <param name="cost">What an idea pays.</param>
/// <param name="index">Its place among <see cref="IdeaCost.All"/>.</param>
internal sealed class IdeaWish(PlanState plan, IdeaCost cost, int index) : Wish(plan)
{
    private long points;

    public override Said Name => cost.Name;

    public override Said Unit => $"places";

    public override Slider? WeighedBy => cost.WeighedBy;

    public override long Points() => points;

    public override IEnumerable<WishLine> Lines() =>
        Lying
            .Where(o => o.Use.WishCosts[index] > 0)
            .GroupBy(o => o.Use.IdeaIndex)
            .Select(g => new WishLine(
                Said.Name(g.First().Use.Idea.Title),
                g.Count(),
                g.Sum(o => (long)o.Use.WishCosts[index])
            ));

    internal override void Changed(int slot, Use use, int sign) => points += sign * use.WishCosts[index];
}
