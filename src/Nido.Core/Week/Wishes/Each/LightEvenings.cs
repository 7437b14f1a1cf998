using Nido.Core.Week.Search;

namespace Nido.Core.Week.Wishes.Each;

/// <summary>Little work in the evening.</summary>
internal sealed class LightEvenings(PlanState plan) : Wish(plan)
{
    public override Said Name => $"Light evenings";

    public override Said Unit => $"minutes";

    public override Slider? WeighedBy => Slider.LightPrep;

    public override long Points()
    {
        var sum = 0L;
        for (var d = 0; d < Week.Days.Count; d++)
        {
            sum += Price(d);
        }

        return sum;
    }

    public override IEnumerable<WishLine> Lines() =>
        Week
            .Days.Select((_, d) => new WishLine($"for {Day(d)}", Plan.Evenings.Of(d), Price(d)))
            .Where(l => l.Amount > 0);

    private long Price(int day) => Plan.Evenings.Of(day) * Sliders.LightPrep / 2;
}
