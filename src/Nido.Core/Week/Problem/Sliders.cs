namespace Nido.Core.Week.Problem;

/// <summary>The five things a teacher can weigh, each 0–10.</summary>
/// <param name="FairShares">How little of the fair shares may be given up for the rest.</param>
/// <param name="Theme">Ideas that carry the theme's words.</param>
/// <param name="UseTheCupboard">Buy little, use what is there.</param>
/// <param name="LightPrep">Little work in the evening.</param>
/// <param name="FreshIdeas">Nothing twice, nothing from last week.</param>
public sealed record Sliders(int FairShares, int Theme, int UseTheCupboard, int LightPrep, int FreshIdeas)
{
    // What follows from them is the planner's and no part of a unit file.

    /// <summary>All in the middle.</summary>
    public static Sliders Middle { get; } = new(5, 5, 5, 5, 5);

    /// <summary>Part of a quarter of all minutes owed that may be given up so that the worst off have more: 4% at 10,
    /// nothing at 0.</summary>
    internal double ForTheWorstOff => FairShares * 0.004;

    /// <summary>Whether fair shares go before everything: then the search for them may take its time.</summary>
    internal bool IsFairSharesFirst => FairShares == 10;

    /// <summary>Parts of a million of an even share by which the smallest one may fall for the other wishes: nothing at
    /// 10, five points at 0.</summary>
    internal long ShareTolerance => (10 - FairShares) * 5_000L;

    /// <summary>Hundredths of a minute of fair shares that may be given up for one time that a child meets what it works
    /// towards: nothing at 10, twelve minutes in the middle.</summary>
    internal long MinutesForAnObjective => (10 - FairShares) * 240L;

    /// <summary>
    /// Parts of a million of an even share by which the smallest one may fall for one time that a child meets what it works
    /// towards, of two a week: an adult has asked for it by name, which no other wish is. Nothing at 10, ten points in
    /// the middle.
    /// </summary>
    internal long ShareForAnObjective => (10 - FairShares) * 20_000L;

    /// <summary>Part of the fair-shares objective, or of a quarter of all minutes owed, that may be given up for the other wishes:
    /// nothing at 10, 2% in the middle, 16% at 0, where variety or a light week is worth more to somebody than even
    /// shares.</summary>
    internal double Tolerance => Math.Pow(10 - FairShares, 3) * 0.00016;
}
