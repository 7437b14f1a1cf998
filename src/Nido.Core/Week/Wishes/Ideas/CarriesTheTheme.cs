using Nido.Core.Ideas;
using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Wishes.Ideas;

/// <summary>The theme is in what is done, not only in the title.</summary>
internal sealed class CarriesTheTheme : IdeaCost
{
    private const int Closest = 3;

    public override Said Name => $"Close to the theme";

    public override Slider? WeighedBy => Slider.Theme;

    public override int Points(Idea idea, WeekInput input) =>
        (Closest - idea.Technique.ThemeLink) * input.Sliders.Theme * 4;
}
