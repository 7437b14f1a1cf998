using Nido.Core.Week.Problem;
using Nido.Core.Week.Search;

namespace Nido.Core.Week.Wishes.Each;

/// <summary>The letter of the week is met every day.</summary>
internal sealed class LettersEveryDay(PlanState plan) : EveryDayWish(plan)
{
    public override Said Name => $"Letters on every day";

    protected override bool Has(Use use) => use.HasLetters;
}
