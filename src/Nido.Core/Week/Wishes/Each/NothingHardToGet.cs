using Nido.Core.Week.Search;

namespace Nido.Core.Week.Wishes.Each;

/// <summary>Nothing that no shop sells has to be asked for or gone without: each such thing is a burden, more so the
/// further it falls short.</summary>
internal sealed class NothingHardToGet(PlanState plan) : Wish(plan)
{
    public override Said Name => $"Nothing that no shop sells is short";

    public override Said Unit => $"things";

    public override Slider? WeighedBy => Slider.UseTheCupboard;

    public override long Points() => Price(Plan.Spends.Hard);

    public override IEnumerable<WishLine> Lines() =>
        Plan
            .Spends.HardToGet()
            .Select(h => new WishLine(
                Said.Name(Week.Materials[h.Material].Name),
                h.Thousandths / 1000.0,
                Price(h.Thousandths)
            ));

    private long Price(long thousandths) => thousandths * (200 + (60 * Sliders.UseTheCupboard)) / 1000;
}
