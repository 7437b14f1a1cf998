using Nido.Core.Week.Search;

namespace Nido.Core.Week.Wishes.Each;

/// <summary>Where the budget cannot be kept, as little over it as can be; that it is kept comes long before the
/// wishes.</summary>
internal sealed class WithinTheBudget(PlanState plan) : Wish(plan)
{
    private const int Price = 4;

    public override Said Name => $"As little over the budget as can be";

    public override Said Unit => $"cents";

    public override bool IsMoney => true;

    public override long Points() => Plan.OverBudget() * (long)Price;

    public override IEnumerable<WishLine> Lines() =>
        Plan.OverBudget() > 0 ? [new($"the budget of the week", Plan.OverBudget(), Points())] : [];
}
