using Nido.Core.Group;

namespace Nido.Core.Week.Problem;

/// <summary>A day of the week that is planned.</summary>
/// <param name="Date">The date.</param>
/// <param name="Day">The day of the week.</param>
/// <param name="Dry">Whether the forecast says dry.</param>
public sealed record PlanDay(DateOnly Date, WeekDays Day, bool Dry);
