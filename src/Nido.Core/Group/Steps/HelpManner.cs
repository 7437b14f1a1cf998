namespace Nido.Core.Group.Steps;

/// <summary>When help comes. Practitioners differ; a setting of the group and of a child.</summary>
public enum HelpManner
{
    /// <summary>The least help with which it will probably go well.</summary>
    LeastThatWorks,

    /// <summary>Wait, then a word or a look; hands are not helped.</summary>
    NoHands,

    /// <summary>Where it will not go well alone, the hand is guided from the first try.</summary>
    HandsAtOnce,

    /// <summary>An easier step done alone rather than a harder one with help: 70% alone is asked instead of
    /// 55%.</summary>
    EasierStep,
}
