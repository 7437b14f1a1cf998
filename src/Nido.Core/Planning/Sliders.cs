namespace Nido.Core.Planning;

/// <summary>The five things a teacher can weigh, each 0–10.</summary>
/// <param name="FairShares">How little of the fair shares may be given up for the rest.</param>
/// <param name="Theme">Ideas that carry the theme's words.</param>
/// <param name="UseTheCupboard">Buy little, use what is there.</param>
/// <param name="LightPrep">Little work in the evening.</param>
/// <param name="FreshIdeas">Nothing twice, nothing from last week.</param>
public sealed record Sliders(int FairShares, int Theme, int UseTheCupboard, int LightPrep, int FreshIdeas)
{
    /// <summary>All in the middle.</summary>
    public static Sliders Middle { get; } = new(5, 5, 5, 5, 5);

    /// <summary>Part of the fair-shares objective that may be given up for the other wishes: 0 at 10, 4% at 0.</summary>
    public double Tolerance => (10 - FairShares) * 0.004;
}
