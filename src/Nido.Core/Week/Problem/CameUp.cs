using System.Globalization;
using Nido.Core.Group;

namespace Nido.Core.Week.Problem;

/// <summary>Something that came up in the middle of a week.</summary>
/// <param name="Kind">What.</param>
/// <param name="Subject">Id of the child, adult or material; for a closed house the time it closes (HH:mm), empty for
/// the whole day; empty for rain.</param>
/// <param name="FromDay">Index of the first day it is so.</param>
/// <param name="ToDay">Index of the last day; a material that is gone stays gone.</param>
public sealed record CameUp(CameUpKind Kind, string Subject, int FromDay, int ToDay)
{
    /// <summary>Whether the house is closed while a block would go on, where that is what came up.</summary>
    public bool Closes(Block block) =>
        Kind == CameUpKind.Closed
        && (
            !TimeOnly.TryParseExact(Subject, "HH:mm", CultureInfo.InvariantCulture, DateTimeStyles.None, out var until)
            || block.Starts.AddMinutes(block.Minutes) > until
        );

    /// <summary>When a child comes who comes late, or goes who goes early; null for everything else.</summary>
    public TimeOnly? At { get; init; }

    /// <summary>It is about a child who is not there all day.</summary>
    public bool IsAboutAChild => Kind is CameUpKind.ChildAway or CameUpKind.ChildLate or CameUpKind.ChildLeaves;

    /// <summary>Whether the child it is about misses a block: it is there for less than half of its minutes.</summary>
    public bool Misses(Block block)
    {
        ArgumentNullException.ThrowIfNull(block);
        var half = block.Starts.AddMinutes(block.Minutes / 2.0);
        return Kind switch
        {
            CameUpKind.ChildAway => true,
            CameUpKind.ChildLate => At > half,
            CameUpKind.ChildLeaves => At < half,
            _ => false,
        };
    }

    /// <summary>Whether it is so on a day.</summary>
    public bool On(int day) => day >= FromDay && (day <= ToDay || Kind == CameUpKind.MaterialGone);
}
