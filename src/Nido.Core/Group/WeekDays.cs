namespace Nido.Core.Group;

/// <summary>The days of a working week, as a set.</summary>
[Flags]
public enum WeekDays
{
    /// <summary>No day.</summary>
    None = 0,

    /// <summary>Monday.</summary>
    Monday = 1,

    /// <summary>Tuesday.</summary>
    Tuesday = 2,

    /// <summary>Wednesday.</summary>
    Wednesday = 4,

    /// <summary>Thursday.</summary>
    Thursday = 8,

    /// <summary>Friday.</summary>
    Friday = 16,

    /// <summary>Saturday.</summary>
    Saturday = 32,

    /// <summary>Monday to Friday.</summary>
    MondayToFriday = 31,
}
