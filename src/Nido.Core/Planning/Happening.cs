namespace Nido.Core.Planning;

/// <summary>Something that came up in the middle of a week.</summary>
/// <param name="Kind">What.</param>
/// <param name="Subject">Id of the child, adult or material; empty for rain.</param>
/// <param name="FromDay">Index of the first day it is so.</param>
/// <param name="ToDay">Index of the last day; a material that is gone stays gone.</param>
public sealed record Happening(HappeningKind Kind, string Subject, int FromDay, int ToDay)
{
    /// <summary>Whether it is so on a day.</summary>
    public bool On(int day) => day >= FromDay && (day <= ToDay || Kind == HappeningKind.MaterialGone);
}
