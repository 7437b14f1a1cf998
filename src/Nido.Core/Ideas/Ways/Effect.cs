using Nido.Core.Group.Steps;

namespace Nido.Core.Ideas.Ways;

/// <summary>What a choice changes. One of its parts is set.</summary>
/// <param name="Where">Techniques it is about.</param>
public sealed record Effect(TechniqueMatch Where)
{
    /// <summary>They are not offered.</summary>
    public bool KeepsOut { get; init; }

    /// <summary>Points against them, 0–100; compare the theme's 60 and a fresh idea's 30.</summary>
    public int Cost { get; init; }

    /// <summary>When help comes.</summary>
    public HelpManner? Help { get; init; }

    /// <summary>A further prerequisite, and the ladder whose it is.</summary>
    public (string Ladder, Prerequisite Need)? Needs { get; init; }

    /// <summary>Steps that are passed over, and the ladder they stand on.</summary>
    public (string Ladder, IReadOnlyList<int> Steps)? Without { get; init; }

    /// <summary>Tags preferred wherever a tool is bound.</summary>
    public IReadOnlyList<string> Prefer { get; init; } = [];

    /// <summary>Kinds of preparation that are left out.</summary>
    public IReadOnlyList<string> SkipPrep { get; init; } = [];

    /// <summary>Preparation that is added.</summary>
    public PrepNeed? AddPrep { get; init; }

    /// <summary>The letter of the week is written small.</summary>
    public bool SmallLetters { get; init; }
}
