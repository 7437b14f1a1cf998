using Nido.Core.Ideas;
using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Wishes.Ideas;

/// <summary>A material that has to be bought weighs a little even before its money does.</summary>
internal sealed class OfWhatIsThere : IdeaCost
{
    public override Said Name => $"Of what is in the cupboard";

    public override Slider? WeighedBy => Slider.UseTheCupboard;

    public override int Points(Idea idea, WeekInput input) =>
        idea.Lead is { } lead && input.OnHand.GetValueOrDefault(lead.Id) <= 0 ? input.Sliders.UseTheCupboard * 4 : 0;
}
