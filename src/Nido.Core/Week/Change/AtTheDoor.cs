using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Change;

/// <summary>What the door says of a child on a day takes the place of what was said of that day before; other days
/// stay.</summary>
public static class AtTheDoor
{
    /// <summary>What came up, with what the door says.</summary>
    /// <param name="cameUp">What came up until now.</param>
    /// <param name="day">Index of the day.</param>
    /// <param name="childId">The child.</param>
    /// <param name="kind">Away, late or leaving; null where it is there all day.</param>
    /// <param name="at">When it comes or goes.</param>
    public static IReadOnlyList<CameUp> With(
        IReadOnlyList<CameUp> cameUp,
        int day,
        string childId,
        CameUpKind? kind,
        TimeOnly? at
    )
    {
        ArgumentNullException.ThrowIfNull(cameUp);
        bool IsSaidAnew(CameUp h) => h.IsAboutAChild && h.Subject == childId && h.On(day);
        return
        [
            .. cameUp.SelectMany(h => IsSaidAnew(h) ? Around(h, day) : [h]),
            .. kind is { } what
                ? (CameUp[])[new(what, childId, day, day) { At = what == CameUpKind.ChildAway ? null : at }]
                : [],
        ];
    }

    /// <summary>What is left of something on the days before and after one.</summary>
    private static IEnumerable<CameUp> Around(CameUp h, int day)
    {
        if (h.FromDay < day)
        {
            yield return h with
            {
                ToDay = day - 1,
            };
        }

        if (h.ToDay > day)
        {
            yield return h with
            {
                FromDay = day + 1,
            };
        }
    }
}
