namespace Nido.Core.Group;

/// <summary>Ages in whole months.</summary>
public static class Age
{
    /// <summary>Whole months from birth to the day; negative before birth.</summary>
    public static int Months(DateOnly bornOn, DateOnly day)
    {
        var months = ((day.Year - bornOn.Year) * 12) + day.Month - bornOn.Month;
        return day.Day < bornOn.Day ? months - 1 : months;
    }

    /// <summary>The way the trade writes an age: years, a semicolon, months (2;11).</summary>
    public static string Written(int months) => $"{months / 12};{months % 12}";
}
