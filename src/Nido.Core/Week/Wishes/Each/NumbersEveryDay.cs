using Nido.Core.Week.Problem;
using Nido.Core.Week.Search;

namespace Nido.Core.Week.Wishes.Each;

/// <summary>The numbers of the week are met every day.</summary>
internal sealed class NumbersEveryDay(PlanState plan) : EveryDayWish(plan)
{
    public override Said Name => $"Numbers on every day";

    protected override bool Has(Use use) => use.HasNumbers;
}
