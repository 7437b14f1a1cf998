using Nido.Core.Week.Search;

namespace Nido.Core.Week.Wishes.Each;

/// <summary>Little is bought: a point for each five cents, at the slider's middle five.</summary>
internal sealed class LittleIsBought(PlanState plan) : Wish(plan)
{
    public override Said Name => $"Little is bought";

    public override Said Unit => $"cents";

    public override bool IsMoney => true;

    public override Slider? WeighedBy => Slider.UseTheCupboard;

    public override long Points() => Price(Plan.Spends.Cents);

    public override IEnumerable<WishLine> Lines() =>
        Plan
            .Spends.Bought()
            .Select(b => new WishLine(Said.Name(Week.Materials[b.Material].Name), b.Cents, Price(b.Cents)));

    private long Price(int cents) => cents * (long)Sliders.UseTheCupboard / 5;
}
