using Nido.Core.Week.Search;

namespace Nido.Core.Week.Wishes.Each;

/// <summary>Little has to be made of other things first.</summary>
internal sealed class LittleIsMade(PlanState plan) : Wish(plan)
{
    public override Said Name => $"Little has to be made first";

    public override Said Unit => $"minutes";

    public override Slider? WeighedBy => Slider.LightPrep;

    public override long Points() => Price(Plan.Spends.Making);

    public override IEnumerable<WishLine> Lines() =>
        Plan
            .Spends.Made()
            .Select(m => new WishLine(Said.Name(Week.Materials[m.Material].Name), m.Minutes, Price(m.Minutes)));

    private long Price(double minutes) => (long)(minutes * (15 + (4 * Sliders.LightPrep)));
}
