namespace Nido.Core.Week.Wishes;

/// <summary>What a teacher can weigh; see <see cref="Problem.Sliders"/>.</summary>
public enum Slider
{
    /// <summary>How little of the fair shares may be given up for the rest.</summary>
    FairShares,

    /// <summary>Ideas that carry the theme's words.</summary>
    Theme,

    /// <summary>Buy little, use what is there.</summary>
    UseTheCupboard,

    /// <summary>Little work in the evening.</summary>
    LightPrep,

    /// <summary>Nothing twice, nothing from last week.</summary>
    FreshIdeas,
}
