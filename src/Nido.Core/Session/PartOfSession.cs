using Nido.Core.Week.Problem;

namespace Nido.Core.Session;

/// <summary>What a part of a session is.</summary>
public enum PartKind
{
    /// <summary>Arriving, greeting.</summary>
    Welcome,

    /// <summary>A story with open questions.</summary>
    Story,

    /// <summary>A rhyme for all.</summary>
    Rhyme,

    /// <summary>Tables to choose from.</summary>
    Tables,

    /// <summary>Putting away, goodbye, the kit goes along.</summary>
    Farewell,
}

/// <summary>A part of a session.</summary>
/// <param name="Kind">What it is.</param>
/// <param name="From">When it begins.</param>
/// <param name="Minutes">How long it is, over 0.</param>
/// <param name="What">What is done, in a line.</param>
/// <param name="Lines">What is told, asked or sung.</param>
/// <param name="Ideas">Ideas that lie out in it.</param>
public sealed record PartOfSession(
    PartKind Kind,
    TimeOnly From,
    int Minutes,
    Said What,
    IReadOnlyList<Said> Lines,
    IReadOnlyList<Use> Ideas
);
