namespace Nido.Core.Group;

/// <summary>Turns a set of days into dates and back.</summary>
public static class WeekDaysOrder
{
    private static readonly WeekDays[] Order =
    [
        WeekDays.Monday,
        WeekDays.Tuesday,
        WeekDays.Wednesday,
        WeekDays.Thursday,
        WeekDays.Friday,
        WeekDays.Saturday,
    ];

    /// <summary>The days of the set, Monday first.</summary>
    public static IReadOnlyList<WeekDays> Listed(this WeekDays days) => [.. Order.Where(d => days.HasFlag(d))];

    /// <summary>How many days after Monday this single day is.</summary>
    public static int Offset(this WeekDays day) => Array.IndexOf(Order, day);

    /// <summary>The Monday of the week that holds this date.</summary>
    public static DateOnly MondayOf(DateOnly date) => date.AddDays(-(((int)date.DayOfWeek + 6) % 7));
}
